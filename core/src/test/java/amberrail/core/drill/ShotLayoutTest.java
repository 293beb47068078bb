package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ShotLayoutTest {
    private static final BallPlacement OBJECT_ON_CENTRE =
            ball("one", BallPlacement.Role.OBJECT, new Position.AtSights(4, 2));

    static List<TableSpec> presets() {
        return TablePresets.all();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void aWantedCutIsTheCutThatComesOutOnEveryTable(TableSpec table) {
        ShotLayout layout = layout(cut(25), table, false);
        assertThat(layout.potLine().orElseThrow().cutDegrees()).isCloseTo(25, within(1e-9));
        assertThat(layout.potLine().orElseThrow().cueDistanceMillimetres()).isCloseTo(400, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theMirrorFlipsPocketCutAndArrivalAndNothingElse(TableSpec table) {
        ShotLayout original = layout(cut(25), table, false);
        ShotLayout mirror = layout(cut(25), table, true);
        assertThat(mirror.pocket()).hasValue(PocketName.S);
        assertThat(mirror.potLine().orElseThrow().cutDegrees()).isCloseTo(-25, within(1e-9));
        assertThat(Angles.normalDegrees(
                        mirror.arrival().degrees() + original.arrival().degrees()))
                .isCloseTo(0, within(1e-9));
        Point image = mirror.target();
        assertThat(image.xMillimetres()).isCloseTo(original.target().xMillimetres(), within(1e-9));
        assertThat(image.yMillimetres())
                .isCloseTo(table.widthMillimetres() - original.target().yMillimetres(), within(1e-9));
    }

    @Test
    void aBallTouchingACushionLiesAtNoseDistance() {
        Position touching = new Position.OffCushion(Cushion.E, 0, 1);
        ShotLayout layout = layout(
                List.of(ball("cue", BallPlacement.Role.CUE, touching), OBJECT_ON_CENTRE),
                TablePresets.SNOOKER_12FT,
                false);
        double c = TablePresets.SNOOKER_12FT.noseDistanceMillimetres(
                TablePresets.SNOOKER_12FT.balls().cueBall());
        assertThat(layout.cueBall().place()).isEqualTo(new Point(3569 - c, 444.5));
    }

    @Test
    void unequalBallsTouchAtTheirGeometricMeanDistance() {
        Shot noPot = new Shot(
                List.of(OBJECT_ON_CENTRE, ball("cue", BallPlacement.Role.CUE, new Position.TouchingBall("one", 180))),
                List.of(),
                ArrivalLine.AIM);
        ShotLayout layout =
                ShotLayout.of(noPot, TablePlan.of(TablePresets.PUB_7FT), TablePresets.PUB_7FT.balls(), false);
        assertThat(layout.cueBall().place().distanceMillimetres(new Point(914.5, 457)))
                .isCloseTo(2 * Math.sqrt(23.8 * 25.4), within(1e-9));
    }

    @Test
    void positionsInARingAreNamedAsACycle() {
        List<BallPlacement> ring = List.of(
                ball("cue", BallPlacement.Role.CUE, new Position.TouchingBall("one", 180)),
                ball("one", BallPlacement.Role.OBJECT, new Position.TouchingBall("cue", 0)));
        assertProblem(ProblemCode.CYCLE, ring);
    }

    @Test
    void whatCannotBeSetUpIsRefusedByName() {
        BallPlacement cue = ball("cue", BallPlacement.Role.CUE, new Position.AtSights(2, 2));
        assertProblem(
                ProblemCode.UNKNOWN_ID,
                List.of(cue, ball("one", BallPlacement.Role.OBJECT, new Position.TouchingBall("two", 0))));
        assertProblem(
                ProblemCode.BALLS_OVERLAP,
                List.of(cue, ball("one", BallPlacement.Role.OBJECT, new Position.AtSights(2.05, 2))));
        assertProblem(
                ProblemCode.OFF_THE_TABLE,
                List.of(cue, ball("one", BallPlacement.Role.OBJECT, new Position.AtSights(0, 0))));
        assertProblem(
                ProblemCode.UNKNOWN_ID,
                List.of(cue, ball("one", BallPlacement.Role.OBJECT, new Position.OnSpot("pink", 0, 0))));
        assertThatThrownBy(() -> layout(
                        List.of(ball("cue", BallPlacement.Role.CUE, new Position.AtSights(4, 3)), OBJECT_ON_CENTRE),
                        TablePresets.POOL_9FT,
                        false))
                .as("the cue ball lies between object ball and pocket")
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(ProblemCode.NO_STRAIGHT_POT));
    }

    private static void assertProblem(ProblemCode code, List<BallPlacement> balls) {
        assertThatThrownBy(() -> layout(balls, TablePresets.POOL_9FT, false))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(code));
    }

    private static List<BallPlacement> cut(double degrees) {
        Position back = new Position.ForPot("one", PocketName.N, degrees, 400);
        return List.of(OBJECT_ON_CENTRE, ball("cue", BallPlacement.Role.CUE, back));
    }

    private static ShotLayout layout(List<BallPlacement> balls, TableSpec table, boolean mirrored) {
        List<Demand> demands = List.of(
                Demand.PotBall.of("one", PocketName.N),
                new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(6, 3), 100)));
        Shot shot = new Shot(balls, demands, ArrivalLine.NATURAL_ROLL);
        return ShotLayout.of(shot, TablePlan.of(table), table.balls(), mirrored);
    }

    private static BallPlacement ball(String label, BallPlacement.Role role, Position position) {
        return new BallPlacement(label, role, position);
    }
}
