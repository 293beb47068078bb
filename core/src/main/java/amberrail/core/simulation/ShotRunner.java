package amberrail.core.simulation;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import java.util.List;

/**
 * Plays the same set-up again and again, keeping only how each shot ended; makes no garbage per shot. For one thread at a time.
 */
public final class ShotRunner {
    private final ShotTable table;
    private final Physics physics;
    private final List<TableBall> balls;
    private final int struck;
    private final ShotLoop loop;
    private final FinalTable result;

    /** {@code struck} is the index of the cue ball in {@code balls}; checks as {@link ShotSimulator#play}. */
    public ShotRunner(ShotTable table, Physics physics, List<TableBall> balls, int struck) {
        this.table = table;
        this.physics = physics;
        this.balls = List.copyOf(balls);
        this.struck = struck;
        ShotSimulator.check(table, this.balls);
        loop = new ShotLoop(balls.size());
        result = new FinalTable(loop, table.contacts);
    }

    /** A stroke as it was meant, launched in this direction (degrees); false for a miscue, which moves nothing. */
    public boolean play(CueStrike meant, double launchDegrees) {
        return play(
                meant.speedMetresPerSecond(),
                Math.toRadians(launchDegrees),
                meant.side(),
                meant.height(),
                Math.toRadians(meant.elevationDegrees()));
    }

    /**
     * @param speed     launch speed (m/s)
     * @param psi       launch direction (rad)
     * @param side      a/R
     * @param height    b/R
     * @param elevation of the cue (rad)
     * @return false for a miscue
     */
    boolean play(double speed, double psi, double side, double height, double elevation) {
        if (Math.hypot(side, height) > physics.miscueLimit()) {
            return false;
        }
        loop.begin(table.contacts, physics, null);
        for (int i = 0; i < balls.size(); i++) {
            TableBall ball = balls.get(i);
            loop.balls.add(ball.state(), ball.radiusMetres(), ball.massKilograms(), table.contacts.noseHeightMetres);
        }
        loop.balls.strike(struck, speed, psi, side, height, elevation);
        loop.run(SimulationLimits.USUAL);
        return true;
    }

    /** How the last shot ended; only true until the next one. */
    public FinalTable result() {
        return result;
    }

    double struckRadiusMetres() {
        return balls.get(struck).radiusMetres();
    }
}
