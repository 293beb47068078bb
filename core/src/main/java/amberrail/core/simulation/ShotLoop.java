package amberrail.core.simulation;

import amberrail.core.motion.Physics;
import java.util.Arrays;
import java.util.function.BooleanSupplier;

/**
 * From event to event: the earliest of all piece ends and contacts happens, then only the balls in it are looked at anew.
 *
 * <p>Events at the same moment have a written order: piece ends, then balls meeting, then cushions and jaws, then pockets; within a
 * kind the lower ball number first. So a shot always replays the same.
 */
final class ShotLoop {
    static final int ENDS_SLIDING = 0;
    static final int STOPS = 1;
    static final int BALLS_MEET = 2;
    static final int MEETS_NOSE = 3;
    static final int MEETS_FACING = 4;
    static final int MEETS_ARC = 5;
    static final int POTS = 6;
    /** Three or more resolved together, and each two of them that touched. */
    static final int BALLS_PRESS = 7;

    static final int TOUCH_IN_GROUP = 8;

    /** Touching balls that approach no faster do not strike each other yet (physics/model.md, section 4, a0). */
    static final double CREEPS_METRES_PER_SECOND = 1e-3;

    /** However slowly they approach, they are no deeper in each other. */
    private static final double SUNK_METRES = 5e-6;

    /** Further than this from every cushion nothing can be inside one. */
    private static final double NEAR_CUSHIONS_METRES = 0.15;

    private final int most;
    final ShotWorkspace balls;
    private final double[] wallTime;
    private final int[] wallKind;
    private final int[] wallIndex;
    private final double[] pairTime;
    private final WallSearch walls;
    private final CircleEntry approach = new CircleEntry();
    private final CushionImpact cushion = new CushionImpact();
    private final ClusterImpact cluster;

    private TableContacts table;
    private Physics physics;
    private ShotLog log;
    private double now;
    private int eventCount;
    private int lastKind;

    ShotLoop(int mostBalls) {
        most = mostBalls;
        balls = new ShotWorkspace(mostBalls);
        walls = new WallSearch(balls);
        wallTime = new double[mostBalls];
        wallKind = new int[mostBalls];
        wallIndex = new int[mostBalls];
        pairTime = new double[mostBalls * mostBalls];
        cluster = new ClusterImpact(mostBalls);
    }

    /** Empties the table; balls are added to {@link #balls} next. */
    void begin(TableContacts newTable, Physics newPhysics, Accuracy accuracy, ShotLog newLog) {
        table = newTable;
        walls.begin(newTable);
        physics = newPhysics;
        log = newLog;
        balls.begin(newPhysics);
        cushion.begin(newPhysics, accuracy);
        cluster.begin(newPhysics);
        now = 0;
        eventCount = 0;
    }

    double endSeconds() {
        return now;
    }

    int eventCount() {
        return eventCount;
    }

    /** Plays the shot to its end; {@code IllegalStateException} past the limits, which would be a fault of ours. */
    void run(SimulationLimits limits) {
        run(limits, () -> false);
    }

    /** The same, but broken off after the first ball potted of which this can be said. */
    void run(SimulationLimits limits, BooleanSupplier decided) {
        runUntil(limits, () -> lastKind == POTS && decided.getAsBoolean());
    }

    /** The same, but broken off when a ball has met a cushion. */
    void runToCushion(SimulationLimits limits) {
        runUntil(limits, () -> lastKind == MEETS_NOSE);
    }

    private void runUntil(SimulationLimits limits, BooleanSupplier ends) {
        Arrays.fill(pairTime, FirstEntry.NEVER);
        for (int i = 0; i < balls.count; i++) {
            startPiece(i);
        }
        for (int i = 0; i < balls.count; i++) {
            predictWall(i);
            for (int j = i + 1; j < balls.count; j++) {
                predictPair(i, j);
            }
        }
        while (step()) {
            if (ends.getAsBoolean()) {
                return;
            }
            if (++eventCount > limits.mostEvents() || now > limits.longestSeconds()) {
                throw new IllegalStateException("shot without an end: " + eventCount + " events, " + now + " s");
            }
        }
    }

    /** The next event; false when nothing moves any more. */
    private boolean step() {
        double best = FirstEntry.NEVER;
        int kind = -1;
        int first = -1;
        int second = -1;
        for (int i = 0; i < balls.count; i++) {
            if (balls.moves(i) && balls.until[i] < best) {
                best = balls.until[i];
                kind = ENDS_SLIDING;
                first = i;
            }
        }
        if (first < 0) {
            return false;
        }
        for (int i = 0; i < balls.count; i++) {
            for (int j = i + 1; j < balls.count; j++) {
                double time = pairTime[i * most + j];
                if (time < best) {
                    best = time;
                    kind = BALLS_MEET;
                    first = i;
                    second = j;
                }
            }
        }
        for (int i = 0; i < balls.count; i++) {
            if (wallTime[i] < best) {
                best = wallTime[i];
                kind = wallKind[i];
                first = i;
            }
        }
        now = Math.max(now, best);
        lastKind = kind;
        if (kind == ENDS_SLIDING) {
            endPiece(first);
        } else if (kind == BALLS_MEET) {
            meet(first, second);
        } else {
            meetWall(first, kind, wallIndex[first]);
        }
        return true;
    }

    private void endPiece(int i) {
        boolean slid = balls.phase[i] == ShotWorkspace.SLIDING;
        balls.endPiece(i);
        if (slid && balls.phase[i] != ShotWorkspace.SLIDING) {
            noteChange(ENDS_SLIDING, i);
        }
        if (balls.phase[i] == ShotWorkspace.REST) {
            noteChange(STOPS, i);
        }
        log.piece(balls, i);
        predict(i);
    }

    private void noteChange(int kind, int i) {
        int event = log.event(kind, now, i, -1, -1);
        log.before(event, balls);
        log.after(event, balls);
    }

    private void meet(int a, int b) {
        balls.advance(a, now);
        balls.advance(b, now);
        balls.since[a] = now;
        balls.since[b] = now;
        if (!separate(a, b) && cluster.gathers(balls, a, b, now)) {
            press();
            return;
        }
        clearOfCushions(a);
        clearOfCushions(b);
        int event = note(BALLS_MEET, a, b, -1);
        PairImpact.strike(balls, a, b, physics);
        noteAfter(event);
        startPiece(a);
        startPiece(b);
        predict(a);
        predict(b);
    }

    /** Balls that touch or nearly touch are resolved together; they are busy until all have parted. */
    private void press() {
        cluster.resolve(balls, now, wallTime);
        for (int member = 0; member < cluster.count(); member++) {
            clearOfCushions(cluster.ball(member));
        }
        log.press(now, cluster, balls);
        for (int member = 0; member < cluster.count(); member++) {
            startPiece(cluster.ball(member));
        }
        for (int member = 0; member < cluster.count(); member++) {
            predict(cluster.ball(member));
        }
    }

    /** Balls that crept into each other are put back to touching, half each; whether they were (section 4, a0: no group then). */
    private boolean separate(int a, int b) {
        double touching = balls.touching(a, b);
        double dx = balls.x[b] - balls.x[a];
        double dy = balls.y[b] - balls.y[a];
        double distance = Math.sqrt(dx * dx + dy * dy);
        double missing = touching - distance;
        if (missing > FirstEntry.ON_BORDER_METRES) {
            double shift = 0.5 * missing / distance;
            balls.x[a] -= shift * dx;
            balls.y[a] -= shift * dy;
            balls.x[b] += shift * dx;
            balls.y[b] += shift * dy;
        }
        return missing > FirstEntry.ON_BORDER_METRES;
    }

    private void meetWall(int i, int kind, int index) {
        balls.advance(i, now);
        balls.since[i] = now;
        if (kind == POTS) {
            int event = note(POTS, i, -1, index);
            balls.drop(i, index);
            noteAfter(event);
            log.piece(balls, i);
            wallTime[i] = FirstEntry.NEVER;
            forgetPairs(i);
            return;
        }
        double nx;
        double ny;
        if (kind == MEETS_ARC) {
            double dx = table.arcX[index] - balls.x[i];
            double dy = table.arcY[index] - balls.y[i];
            double distance = Math.sqrt(dx * dx + dy * dy);
            nx = dx / distance;
            ny = dy / distance;
            pushOut(i, nx, ny, table.arcRadius[index] + balls.noseDistance[i] - distance);
        } else {
            nx = -table.normalX[index];
            ny = -table.normalY[index];
            double away = -(balls.x[i] - table.startX[index]) * nx - (balls.y[i] - table.startY[index]) * ny;
            pushOut(i, nx, ny, balls.noseDistance[i] - away);
        }
        int event = note(kind, i, -1, index);
        cushion.strike(balls, i, nx, ny);
        noteAfter(event);
        startPiece(i);
        predict(i);
    }

    /** A ball that was moved to get clear of another one must not have been moved into a cushion. */
    private void clearOfCushions(int i) {
        double x = balls.x[i];
        double y = balls.y[i];
        boolean near = x < NEAR_CUSHIONS_METRES
                || y < NEAR_CUSHIONS_METRES
                || x > table.lengthMetres - NEAR_CUSHIONS_METRES
                || y > table.widthMetres - NEAR_CUSHIONS_METRES;
        if (!near) {
            return;
        }
        for (int s = 0; s < table.straights; s++) {
            double depth = table.depthInStraight(s, balls.x[i], balls.y[i], balls.noseDistance[i]);
            pushOut(i, -table.normalX[s], -table.normalY[s], depth);
        }
        for (int arc = 0; arc < table.arcs; arc++) {
            double depth = table.depthInArc(arc, balls.x[i], balls.y[i], balls.noseDistance[i]);
            if (depth > FirstEntry.ON_BORDER_METRES) {
                double dx = table.arcX[arc] - balls.x[i];
                double dy = table.arcY[arc] - balls.y[i];
                double distance = Math.sqrt(dx * dx + dy * dy);
                pushOut(i, dx / distance, dy / distance, depth);
            }
        }
    }

    private void pushOut(int i, double nx, double ny, double depth) {
        if (depth > FirstEntry.ON_BORDER_METRES) {
            balls.x[i] -= depth * nx;
            balls.y[i] -= depth * ny;
        }
    }

    private int note(int kind, int a, int b, int where) {
        int event = log.event(kind, now, a, b, where);
        log.before(event, balls);
        return event;
    }

    private void noteAfter(int event) {
        log.after(event, balls);
    }

    private void startPiece(int i) {
        balls.startPiece(i);
        log.piece(balls, i);
    }

    private void predict(int i) {
        predictWall(i);
        for (int j = 0; j < balls.count; j++) {
            if (j < i) {
                predictPair(j, i);
            } else if (j > i) {
                predictPair(i, j);
            }
        }
    }

    private void forgetPairs(int i) {
        for (int j = 0; j < balls.count; j++) {
            pairTime[Math.min(i, j) * most + Math.max(i, j)] = FirstEntry.NEVER;
        }
    }

    private void predictPair(int a, int b) {
        int slot = a * most + b;
        pairTime[slot] = FirstEntry.NEVER;
        boolean oneMoves = balls.moves(a) || balls.moves(b);
        if (!oneMoves || balls.phase[a] == ShotWorkspace.POTTED || balls.phase[b] == ShotWorkspace.POTTED) {
            return;
        }
        // Balls of a group are busy until it has parted.
        double from = Math.max(now, Math.max(balls.since[a], balls.since[b]));
        double limit = Math.min(balls.until[a], balls.until[b]) - from;
        if (limit < 0) {
            return;
        }
        double ta = balls.moves(a) ? from - balls.since[a] : 0;
        double tb = balls.moves(b) ? from - balls.since[b] : 0;
        double px = at(balls.x[b], balls.vx[b], balls.ax[b], tb) - at(balls.x[a], balls.vx[a], balls.ax[a], ta);
        double py = at(balls.y[b], balls.vy[b], balls.ay[b], tb) - at(balls.y[a], balls.vy[a], balls.ay[a], ta);
        double vx = balls.vx[b] + tb * balls.ax[b] - balls.vx[a] - ta * balls.ax[a];
        double vy = balls.vy[b] + tb * balls.ay[b] - balls.vy[a] - ta * balls.ay[a];
        double t = approach.of(px, py, vx, vy, balls.ax[b] - balls.ax[a], balls.ay[b] - balls.ay[a])
                .first(balls.touching(a, b), limit, CREEPS_METRES_PER_SECOND, SUNK_METRES);
        pairTime[slot] = from + t;
    }

    /** Where a coordinate is after t on its parabola. */
    static double at(double place, double speed, double acceleration, double t) {
        return place + t * (speed + 0.5 * t * acceleration);
    }

    /** The first nose, jaw or pocket that a ball comes to on its present piece; its state is of this moment. */
    private void predictWall(int i) {
        wallTime[i] = FirstEntry.NEVER;
        if (balls.moves(i)) {
            wallTime[i] = balls.since[i] + walls.find(i, balls.until[i] - balls.since[i]);
            wallKind[i] = walls.kind;
            wallIndex[i] = walls.index;
        }
    }
}
