package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;

/**
 * One ball alone on a table, again and again, as fast as the engine goes: what a table's numbers are found with. Seconds and metres. Not
 * for use by two threads at once.
 */
public final class LoneBall {
    private static final int NONE = -1;

    private final ShotTable table;
    private final double radiusMetres;
    private final double massKilograms;
    private final ShotLoop loop = new ShotLoop(1);
    private final ShotLog log = new ShotLog();
    private int cushion = NONE;
    private int rolls = NONE;

    public LoneBall(ShotTable table, double radiusMetres, double massKilograms) {
        this.table = table;
        this.radiusMetres = radiusMetres;
        this.massKilograms = massKilograms;
    }

    /** Lets it go on from this motion until it rests. */
    public void release(BallState from, Physics physics) {
        begin(from, physics);
        loop.run(SimulationLimits.USUAL);
        look();
    }

    /** Lets it go on until it meets a cushion, or rests: nothing is known of it after that. */
    public void releaseToCushion(BallState from, Physics physics) {
        begin(from, physics);
        loop.runToCushion(SimulationLimits.USUAL);
        look();
    }

    private void begin(BallState from, Physics physics) {
        log.clear();
        loop.begin(table.contacts, physics, Accuracy.FULL, log);
        loop.balls.add(from, radiusMetres, massKilograms, table.contacts.noseHeightMetres);
    }

    private void look() {
        cushion = first(ShotLoop.MEETS_NOSE);
        rolls = first(ShotLoop.ENDS_SLIDING);
    }

    private int first(int kind) {
        for (int event = 0; event < log.events; event++) {
            if (log.kind[event] == kind) {
                return event;
            }
        }
        return NONE;
    }

    public boolean metCushion() {
        return cushion != NONE;
    }

    /** When it first met a cushion. */
    public double cushionSeconds() {
        return log.time[cushion];
    }

    /** Its centre when it first met a cushion. */
    public double cushionX() {
        return log.states[4 * ShotLog.VALUES * cushion];
    }

    public double cushionY() {
        return log.states[4 * ShotLog.VALUES * cushion + 1];
    }

    /** Whether it slid at first and rolled later. */
    public boolean beganToRoll() {
        return rolls != NONE;
    }

    public double rollX() {
        return log.states[4 * ShotLog.VALUES * rolls];
    }

    public double rollY() {
        return log.states[4 * ShotLog.VALUES * rolls + 1];
    }

    public double restX() {
        return loop.balls.x[0];
    }

    public double restY() {
        return loop.balls.y[0];
    }

    public double restSeconds() {
        return loop.endSeconds();
    }
}
