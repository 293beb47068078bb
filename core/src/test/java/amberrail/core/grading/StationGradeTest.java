package amberrail.core.grading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.ZonePlan;
import amberrail.core.grading.StationGrade.ErrorKind;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;

/** Grades with their error and what makes a station hard. */
class StationGradeTest {
    private static final TablePlan TABLE = TablePlan.of(TablePresets.POOL_9FT);

    /** A pot at this cut and distance, with a ring to stop in if its radius is above 0. */
    private static List<Difficulty.Played> pot(double cutDegrees, double distanceMillimetres, double ringMillimetres) {
        List<BallPlacement> balls = List.of(
                new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(6, 3)),
                new BallPlacement(
                        "cue",
                        BallPlacement.Role.CUE,
                        new Position.ForPot("1", PocketName.NE, cutDegrees, distanceMillimetres)));
        List<Demand> demands = new ArrayList<>(List.of(Demand.PotBall.of("1", PocketName.NE)));
        if (ringMillimetres > 0) {
            demands.add(
                    new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(6.5, 1.5), ringMillimetres)));
        }
        ShotLayout layout = ShotLayout.of(
                new Shot(balls, demands, ArrivalLine.NATURAL_ROLL),
                TABLE,
                TABLE.spec().balls(),
                false,
                1);
        ShotTask task = ShotTasks.of(layout, TABLE.spec(), false);
        return List.of(new Difficulty.Played(
                task,
                PreferredRecipe.of(RecipeSolver.solve(task), Teaching.NOTHING)
                        .orElseThrow()
                        .stroke()));
    }

    private static StationGrade grade(List<Difficulty.Played> shots) {
        return StationGrade.of(shots, 4_000, guess -> {}, () -> false);
    }

    @Test
    void theGradesOwnErrorIsUnderTenPointsAtFourThousandStrokes() {
        for (List<Difficulty.Played> shots : List.of(pot(20, 500, 0), pot(30, 500, 250))) {
            Difficulty difficulty = grade(shots).difficulty();
            assertThat(difficulty.decided()).isTrue();
            assertThat(100 * difficulty.standardError()).isBetween(0.1, 10.0);
        }
    }

    @Test
    void aPlainPotIsHardByItsAimAndASmallRingByPaceToo() {
        StationGrade plain = grade(pot(20, 900, 0));
        assertThat(plain.easierBy().get(ErrorKind.AIM))
                .isGreaterThan(plain.easierBy().get(ErrorKind.PACE) + 50);
        StationGrade ring = grade(pot(30, 300, 150));
        assertThat(ring.easierBy().get(ErrorKind.PACE)).isGreaterThan(30);
        assertThat(ring.difficulty().grade()).isGreaterThan(plain.difficulty().grade());
    }

    @Test
    void theFirstGuessIsNearAndComesFirst() {
        List<Double> guesses = new ArrayList<>();
        StationGrade grade =
                StationGrade.of(pot(30, 500, 250), 4_000, guess -> guesses.add(guess.grade()), () -> false);
        assertThat(guesses).hasSize(1);
        assertThat(guesses.get(0)).isCloseTo(grade.difficulty().grade(), within(60.0));
    }

    @Test
    void itStopsWhenItIsTold() {
        assertThatThrownBy(() -> StationGrade.of(pot(20, 500, 0), 4_000, guess -> {}, () -> true))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void bandsBeginWhereTheScaleSays() {
        assertThat(Band.of(-40)).isEqualTo(Band.CHALK);
        assertThat(Band.of(424.9)).isEqualTo(Band.BAIZE);
        assertThat(Band.of(425)).isEqualTo(Band.SLATE);
        assertThat(Band.of(1100)).isEqualTo(Band.AMBER);
        assertThat(Band.BRASS.middleLogits()).isEqualTo(1.5);
    }
}
