package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.simulation.ShotEvent;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSet;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Stun, drag, run-through and side in closed form, each held to the simulator. */
class StrokeFiguresTest {
    private static final ShotTable HALL = ShotTable.withoutPockets(90, 10, 0.03629);
    private static final double RADIUS = 0.028575;

    @Test
    void theWorkedStopShot() {
        assertThat(StopStroke.paceMetresPerSecond(1, 0.5, Physics.POOL)).isCloseTo(2.287357, within(1e-6));
        assertThat(StraightPath.of(3, -0.4, 0, Physics.POOL).stunPointMetres().orElseThrow())
                .isCloseTo(1.467890, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"2, -0.4", "2, 0", "1.2, 0.3", "3, 0.48", "4, -0.2"})
    void theBallAlongItsWayIsWhereTheSimulatorHasIt(double pace, double height) {
        StraightPath path = StraightPath.of(pace, height, 3, Physics.POOL);
        ShotRecord record = strike(pace, height, 0, 3);
        for (double metres : new double[] {0.1, 0.4, 0.9, 1.7, 4}) {
            BallState state = stateAt(record, 5 + metres);
            StraightPath.At at = path.at(metres).orElseThrow();
            assertThat(at.speedMetresPerSecond()).isCloseTo(state.vx(), within(1e-6));
            assertThat(at.rollingShare()).isCloseTo(RADIUS * state.wy() / state.vx(), within(1e-6));
        }
        assertThat(path.stopsAtMetres()).isCloseTo(record.track("cue").end().x() - 5, within(1e-6));
        assertThat(path.at(path.stopsAtMetres() + 0.01)).isEmpty();
    }

    @Test
    void aDragShotArrivesAtTheWantedSpeedFromAFirmStroke() {
        double pace =
                StopStroke.dragPaceMetresPerSecond(1.8, 0.4, 0.5, Physics.POOL).orElseThrow();
        StraightPath.At at =
                StraightPath.of(pace, -0.4, 0, Physics.POOL).at(1.8).orElseThrow();
        assertThat(at.phase()).isEqualTo(StraightPath.Phase.ROLL);
        assertThat(at.speedMetresPerSecond()).isCloseTo(0.5, within(1e-9));
        double rolled =
                StopStroke.dragPaceMetresPerSecond(1.8, 0, 0.5, Physics.POOL).orElseThrow();
        assertThat(pace).as("firmer than the same ball struck in the centre").isGreaterThan(1.5 * rolled);
        assertThat(StopStroke.dragPaceMetresPerSecond(0.2, 0.45, 1, Physics.POOL))
                .as("no room to settle")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"pool-9ft", "snooker-12ft", "pub-7ft"})
    void runThroughAndDrawGoAsFarAsTheSimulatorSays(String preset) {
        BallSet set = TablePresets.byId(preset).balls();
        for (double height : new double[] {-0.45, -0.3, -0.1, 0, 0.2, 0.45}) {
            double travel =
                    FullHit.travelMetres(2, height, 3, 0.8, set, Physics.POOL).orElseThrow();
            assertThat(travel).as(preset + " " + height).isCloseTo(simulatedTravel(set, 2, height), within(1e-6));
        }
        double low = FullHit.heightFor(-0.2, 2.4, 3, 0.8, set, Physics.POOL).orElseThrow();
        double through = FullHit.heightFor(0.2, 2.4, 3, 0.8, set, Physics.POOL).orElseThrow();
        assertThat(low).isNegative().isLessThan(through);
        assertThat(simulatedTravel(set, 2.4, through)).isCloseTo(0.2, within(1e-4));
        assertThat(FullHit.heightFor(9, 1, 3, 0.8, set, Physics.POOL)).isEmpty();
    }

    @Test
    void throwOfAStunShotIsAsPrinted() {
        assertThat(ThrowAngle.degrees(1, 30, 0, 0, Physics.POOL)).isCloseTo(-4.15, within(0.005));
        assertThat(ThrowAngle.degrees(3, -30, 0, 0, Physics.POOL)).isCloseTo(1.78, within(0.005));
        assertThat(ThrowAngle.degrees(1, 30, Math.sin(Math.toRadians(30)), 0, Physics.POOL))
                .as("gearing")
                .isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.3, 0, 2.5, 3", "-0.3, 0.1, 1.5, 5", "0.2, -0.3, 3, 3", "-0.4, 0, 4, 8"})
    void aimingOverByTheTotalSendsTheObjectBallWhereItShall(double side, double height, double pace, double elevation) {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        Point cue = new Point(1250, 420);
        Point object = new Point(1900, 800);
        PotLine pot = PotLine.of(plan, TablePresets.POOL_9FT.balls(), cue, object, plan.pocket(PocketName.NE));
        CueStrike strike = new CueStrike(pace, 0, side, height, elevation, OptionalDouble.of(22));
        SideAim aim = SideAim.of(strike, pot, RADIUS, Physics.POOL);
        assertThat(Math.signum(aim.squirtDegrees()))
                .as("right side squirts left")
                .isEqualTo(Math.signum(side));
        assertThat(Math.signum(aim.swerveDegrees())).as("and swerves right").isEqualTo(-Math.signum(side));
        double wanted = pot.objectDirection().degrees();
        double plain = objectDirection(cue, object, strike, pot.aim().degrees()) - wanted;
        double corrected = objectDirection(cue, object, strike, pot.aim().degrees() + aim.totalAimDegrees()) - wanted;
        assertThat(Math.abs(corrected)).as("of " + plain + " degrees").isLessThan(0.12 * Math.abs(plain) + 0.15);
    }

    @Test
    void aBallThatDoesNotGetThereIsSaidSo() {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        PotLine pot = PotLine.of(
                plan,
                TablePresets.POOL_9FT.balls(),
                new Point(600, 420),
                new Point(1900, 800),
                plan.pocket(PocketName.NE));
        CueStrike soft = new CueStrike(0.2, 0, 0.2, 0, 3, OptionalDouble.of(22));
        assertThatThrownBy(() -> SideAim.of(soft, pot, RADIUS, Physics.POOL))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("enough to get to the object ball");
    }

    private static double objectDirection(Point cue, Point object, CueStrike strike, double azimuth) {
        CueStrike aimed = new CueStrike(
                strike.speedMetresPerSecond(),
                azimuth,
                strike.side(),
                strike.height(),
                strike.elevationDegrees(),
                strike.endMassRatio());
        ShotRecord record = ShotSimulator.play(
                HALL,
                Physics.POOL,
                List.of(ball("cue", cue, RADIUS, 0.17), ball("object", object, RADIUS, 0.17)),
                "cue",
                aimed);
        ShotEvent.BallsMeet meet = (ShotEvent.BallsMeet) record.events().stream()
                .filter(ShotEvent.BallsMeet.class::isInstance)
                .findFirst()
                .orElseThrow();
        BallState after = meet.ball().equals("object") ? meet.after() : meet.otherAfter();
        return Math.toDegrees(Math.atan2(after.vy(), after.vx()));
    }

    private static double simulatedTravel(BallSet set, double pace, double height) {
        double touching = set.touchingMillimetres() / 1000;
        double radius = set.cueBall().radiusMillimetres() / 1000;
        ShotTable hall = ShotTable.withoutPockets(60, 10, 1.2 * radius);
        List<TableBall> balls = List.of(
                ball("cue", new Point(20000, 5000), radius, set.cueBall().massKilograms()),
                ball(
                        "object",
                        new Point(20000 + 800 + 1000 * touching, 5000),
                        set.objectBall().radiusMillimetres() / 1000,
                        set.objectBall().massKilograms()));
        CueStrike strike = new CueStrike(pace, 0, 0, height, 3, OptionalDouble.empty());
        ShotRecord record = ShotSimulator.play(hall, Physics.POOL, balls, "cue", strike);
        // A second meeting (the cue ball runs into the slower object ball) is not what the formula is about.
        long meetings = record.events().stream()
                .filter(ShotEvent.BallsMeet.class::isInstance)
                .count();
        assertThat(meetings).isEqualTo(1);
        return record.track("cue").end().x() - 20.8;
    }

    private static ShotRecord strike(double pace, double height, double side, double elevation) {
        return ShotSimulator.play(
                HALL,
                Physics.POOL,
                List.of(ball("cue", new Point(5000, 5000), RADIUS, 0.17)),
                "cue",
                new CueStrike(pace, 0, side, height, elevation, OptionalDouble.empty()));
    }

    /** The ball when it passes x, by halving the time. */
    private static BallState stateAt(ShotRecord record, double x) {
        double low = 0;
        double high = record.endSeconds();
        for (int i = 0; i < 100; i++) {
            double middle = (low + high) / 2;
            if (record.track("cue").at(middle).x() < x) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return record.track("cue").at(high);
    }

    private static TableBall ball(String id, Point at, double radius, double mass) {
        return new TableBall(id, BallState.atRest(at.xMillimetres() / 1000, at.yMillimetres() / 1000), radius, mass);
    }
}
