package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A ball where no ball can lie is told as at the table: which ball, how far, beyond what. */
class WrongPlaceTest {
    private static InvalidInputException off(TableSpec table, double x, double y) {
        PlacedBall ball = new PlacedBall(
                "2", BallPlacement.Role.OBJECT, new Point(x, y), table.balls().objectBall());
        return WrongPlace.offTheBed(ball, TablePlan.of(table));
    }

    @ParameterizedTest
    @CsvSource({
        "600, 1249.486, 'Ball 2 lies 7.0 mm outside the bed, beyond the left long rail'",
        "600, -40, 'Ball 2 lies 68 mm outside the bed, beyond the right long rail'",
        "2, 600, 'Ball 2 lies 26 mm outside the bed, beyond the head rail'",
        "2530, 600, 'Ball 2 lies 18 mm outside the bed, beyond the foot rail'"
    })
    void howFarAndBeyondWhichRail(double x, double y, String sentence) {
        InvalidInputException e = off(TablePresets.POOL_9FT, x, y);
        assertThat(e.rule()).isEqualTo(sentence);
        assertThat(e.isWholeSentence()).isTrue();
        assertThat(e.field()).isEqualTo("balls.2");
        assertThat(e.code()).isEqualTo(ProblemCode.OFF_THE_TABLE);
    }

    @ParameterizedTest
    @CsvSource({
        "2, 900, bottom cushion",
        "3560, 900, top cushion",
        "900, 2, right long cushion",
        "900, 1770, left long cushion"
    })
    void inTheWordsOfTheTable(double x, double y, String cushion) {
        assertThat(off(TablePresets.SNOOKER_12FT, x, y).rule()).endsWith("beyond the " + cushion);
    }

    @ParameterizedTest
    @CsvSource({"3.25, '3.3'", "12.4, '12'", "0.2, '0.2'"})
    void howDeepInAnotherBall(double depth, String told) {
        PlacedBall one = new PlacedBall(
                "1",
                BallPlacement.Role.CUE,
                new Point(500, 500),
                TablePresets.POOL_9FT.balls().cueBall());
        PlacedBall two = new PlacedBall(
                "2",
                BallPlacement.Role.OBJECT,
                new Point(520, 500),
                TablePresets.POOL_9FT.balls().cueBall());
        assertThat(WrongPlace.inAnother(two, one, depth).rule()).isEqualTo("Ball 2 lies " + told + " mm inside ball 1");
    }
}
