package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.ShotEvent;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** C17 and C18 of physics/model.md. */
class PocketWindowTest {

    @ParameterizedTest
    @CsvSource({
        "pool-9ft, NE, 2000, 900",
        "pool-9ft, N, 1100, 800",
        "pool-8ft, SW, 700, 500",
        "snooker-12ft, NE, 3000, 1300",
        "snooker-12ft, S, 1800, 700",
        "pub-7ft, SE, 1300, 400",
        "pub-7ft, N, 950, 500"
    })
    void aHairInsideTheCleanWindowTouchesNoJawAndAHairOutsideDoes(
            String preset, PocketName name, double xMillimetres, double yMillimetres) {
        TableSpec spec = TablePresets.byId(preset);
        TablePlan plan = TablePlan.of(spec);
        Point from = new Point(xMillimetres, yMillimetres);
        DirectionWindow clean = PocketWindow.of(
                        plan, plan.pocket(name), spec.balls().objectBall(), from)
                .clean();
        assertThat(clean.isEmpty()).isFalse();
        for (double hair : new double[] {0.003}) {
            assertThat(touchesAJaw(plan, from, clean.lowerDegrees() + hair)).isFalse();
            assertThat(touchesAJaw(plan, from, clean.upperDegrees() - hair)).isFalse();
            assertThat(touchesAJaw(plan, from, clean.lowerDegrees() - hair)).isTrue();
            assertThat(touchesAJaw(plan, from, clean.upperDegrees() + hair)).isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "pool-9ft, NE, 2000, 900",
        "pool-9ft, N, 1100, 800",
        "pool-8ft, SW, 700, 500",
        "snooker-12ft, NE, 3000, 1300",
        "pub-7ft, N, 950, 500"
    })
    void theHalvesMeetWhereABallDropsOnTheAxis(
            String preset, PocketName name, double xMillimetres, double yMillimetres) {
        TablePlan plan = TablePlan.of(TablePresets.byId(preset));
        BallSpec ball = plan.spec().balls().objectBall();
        Pocket pocket = plan.pocket(name);
        Point from = new Point(xMillimetres, yMillimetres);
        PocketWindow whole = PocketWindow.of(plan, pocket, ball, from);
        PocketWindow left = PocketWindow.of(plan, pocket, PocketHalf.LEFT, ball, from);
        PocketWindow right = PocketWindow.of(plan, pocket, PocketHalf.RIGHT, ball, from);
        assertThat(left.clean().lowerDegrees()).isCloseTo(right.clean().upperDegrees(), within(1e-9));
        assertThat(left.clean().upperDegrees()).isCloseTo(whole.clean().upperDegrees(), within(1e-9));
        assertThat(right.clean().lowerDegrees()).isCloseTo(whole.clean().lowerDegrees(), within(1e-9));
        assertThat(left.cleanOpeningMillimetres()).isBetween(1.0, whole.cleanOpeningMillimetres() - 1);
        assertThat(left.cleanOpeningMillimetres() + right.cleanOpeningMillimetres())
                .as("seen from a little different angles")
                .isCloseTo(whole.cleanOpeningMillimetres(), within(0.05 * whole.cleanOpeningMillimetres()));
        double border = left.clean().lowerDegrees();
        assertThat(dropsLeftMillimetres(plan, pocket, from, border + 0.003)).isPositive();
        assertThat(dropsLeftMillimetres(plan, pocket, from, border - 0.003)).isNegative();
        assertThat(dropsLeftMillimetres(plan, pocket, from, border)).isCloseTo(0, within(0.01));
    }

    @Test
    void aHalfThatNoStraightPathReachesIsRefusedInWords() {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        Point alongTheTopRail = new Point(1500, 1270 - 28.575);
        assertThatThrownBy(() -> PotLine.of(
                        plan,
                        TablePresets.POOL_9FT.balls(),
                        new Point(1000, 1200),
                        alongTheTopRail,
                        plan.pocket(PocketName.NE),
                        PocketHalf.LEFT))
                .hasMessageContaining("left half");
    }

    @Test
    void namedFractionsAreAtTheirAngles() {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        Point object = new Point(1900, 800);
        for (double[] pair : new double[][] {{0, 1}, {14.48, 0.75}, {30, 0.5}, {48.59, 0.25}}) {
            PotLine straight = pot(plan, new Point(1500, 600), object);
            Point cue = straight.ghostBall().moved(straight.objectDirection().turnedDegrees(-pair[0]), -500);
            assertThat(pot(plan, cue, object).fraction()).isCloseTo(pair[1], within(1e-4));
        }
    }

    @Test
    void theSensitivityIsTheSlopeOfTheObjectBallsDirection() {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        Point cue = new Point(1300, 450);
        Point object = new Point(1900, 800);
        PotLine pot = pot(plan, cue, object);
        double step = 1e-4;
        double slope = (objectDirection(cue, object, pot.aim().degrees() + step)
                        - objectDirection(cue, object, pot.aim().degrees() - step))
                / (2 * step);
        assertThat(slope).isCloseTo(pot.sensitivity(), within(1e-3 * Math.abs(slope)));
    }

    /** Direction of the line of centres when the cue ball's path along the aim first touches the object ball (degrees). */
    private static double objectDirection(Point cue, Point object, double aimDegrees) {
        var aim = amberrail.core.geometry.Direction.ofDegrees(aimDegrees);
        Point off = object.minus(cue);
        double along = off.along(aim) - Math.sqrt(57.15 * 57.15 - Math.pow(off.leftOf(aim), 2));
        return cue.moved(aim, along).towards(object).degrees();
    }

    private static PotLine pot(TablePlan plan, Point cue, Point object) {
        return PotLine.of(plan, TablePresets.POOL_9FT.balls(), cue, object, plan.pocket(PocketName.NE));
    }

    /** Where the engine drops a ball that is sent this way (mm, left of the pocket's axis looking in). */
    private static double dropsLeftMillimetres(TablePlan plan, Pocket pocket, Point from, double degrees) {
        ShotEvent first = released(plan, from, degrees).events().get(0);
        assertThat(first).isInstanceOf(ShotEvent.Potted.class);
        BallState dropped = ((ShotEvent.Potted) first).before();
        Point place = new Point(1000 * dropped.x(), 1000 * dropped.y());
        return place.minus(pocket.captureCentre()).leftOf(pocket.axis());
    }

    private static boolean touchesAJaw(TablePlan plan, Point from, double degrees) {
        return released(plan, from, degrees).events().get(0) instanceof ShotEvent.MeetsJaw;
    }

    private static ShotRecord released(TablePlan plan, Point from, double degrees) {
        BallSpec ball = plan.spec().balls().objectBall();
        double radius = ball.radiusMillimetres() / 1000;
        double vx = 3 * Math.cos(Math.toRadians(degrees));
        double vy = 3 * Math.sin(Math.toRadians(degrees));
        BallState rolling = new BallState(
                from.xMillimetres() / 1000, from.yMillimetres() / 1000, vx, vy, -vy / radius, vx / radius, 0);
        return ShotSimulator.release(
                ShotTable.of(plan),
                Physics.POOL,
                List.of(new TableBall("object", rolling, radius, ball.massKilograms())));
    }
}
