package amberrail.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class AimSolverTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final BallSpec BALL = TablePresets.POOL_9FT.balls().cueBall();
    private static final Point OBJECT = new Point(2000, 900);

    /** Section 9: the simulated interval of a rolling ball from (2.0, 0.9) into the 9 ft corner is 6.3 degrees at 1.0 m/s. */
    @Test
    void theObjectBallsIntervalIsAsWideAsTheModelPrintsIt() {
        ShotRunner runner = new ShotRunner(ShotTable.of(PLAN), Physics.POOL, List.of(ball("object", OBJECT)), 0);
        CueStrike rolling = new CueStrike(1.0, 0, 0, 0.4, 0, OptionalDouble.empty());
        AimInterval interval = AimSolver.solve(
                        runner, rolling, AimSearch.about(34.2, 4), result -> result.isPottedIn(0, PocketName.NE))
                .orElseThrow();
        assertThat(interval.upperDegrees() - interval.lowerDegrees()).isCloseTo(6.3, within(0.1));
    }

    @Test
    void aSlowStunNeedsAThinnerAimThanTheGhostBallBecauseOfThrow() {
        Point cue = new Point(1700, 500);
        PotLine pot = PotLine.of(PLAN, TablePresets.POOL_9FT.balls(), cue, OBJECT, PLAN.pocket(PocketName.NE));
        AimInterval interval = solve(cue, pot, 1.2, -0.2).orElseThrow();
        double correction = interval.middleDegrees() - pot.aim().degrees();
        // Thrown towards fuller: the object ball goes too far right of a left cut, so the aim moves to the thin side,
        // right.
        assertThat(Math.signum(correction)).isEqualTo(-Math.signum(pot.cutDegrees()));
        assertThat(Math.abs(correction)).isBetween(0.05, 1.0);
        assertThat(interval.halfWidthMilliradians()).isPositive();
    }

    @Test
    void aPotThatTheBallCannotReachHasNoAim() {
        Point cue = new Point(1700, 500);
        PotLine pot = PotLine.of(PLAN, TablePresets.POOL_9FT.balls(), cue, OBJECT, PLAN.pocket(PocketName.NE));
        assertThat(solve(cue, pot, 0.3, 0)).isEmpty();
    }

    private static Optional<AimInterval> solve(Point cue, PotLine pot, double pace, double height) {
        ShotRunner runner =
                new ShotRunner(ShotTable.of(PLAN), Physics.POOL, List.of(ball("cue", cue), ball("object", OBJECT)), 0);
        CueStrike strike = new CueStrike(pace, 0, 0, height, 0, OptionalDouble.empty());
        return AimSolver.solve(
                runner,
                strike,
                AimSearch.about(pot.aim().degrees(), pot.aimWindow().widthDegrees()),
                result -> result.isPottedIn(1, PocketName.NE));
    }

    private static TableBall ball(String id, Point at) {
        return new TableBall(
                id,
                BallState.atRest(at.xMillimetres() / 1000, at.yMillimetres() / 1000),
                BALL.radiusMillimetres() / 1000,
                BALL.massKilograms());
    }
}
