package amberrail.core.simulation;

import amberrail.core.motion.Physics;
import java.util.Arrays;

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

    private static final double ANGLE_SLACK = 1e-9;
    private static final double FOOT_SLACK_METRES = 1e-9;
    /** Beyond the widest mouth and its jaws, from the capture circle's centre. */
    private static final double POCKET_REACH_METRES = 0.30;

    private final int most;
    final ShotWorkspace balls;
    private final double[] wallTime;
    private final int[] wallKind;
    private final int[] wallIndex;
    private final double[] pairTime;

    private TableContacts table;
    private Physics physics;
    private ShotLog log;
    private double now;
    private int eventCount;

    /** A box round the stretch of path that is looked at: its middle and half its sides. */
    private double boxX;

    private double boxY;
    private double boxHalfX;
    private double boxHalfY;

    ShotLoop(int mostBalls) {
        most = mostBalls;
        balls = new ShotWorkspace(mostBalls);
        wallTime = new double[mostBalls];
        wallKind = new int[mostBalls];
        wallIndex = new int[mostBalls];
        pairTime = new double[mostBalls * mostBalls];
    }

    /** Empties the table; balls are added to {@link #balls} next. */
    void begin(TableContacts newTable, Physics newPhysics, ShotLog newLog) {
        table = newTable;
        physics = newPhysics;
        log = newLog;
        balls.begin(newPhysics);
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
        separate(a, b);
        int event = note(BALLS_MEET, a, b, -1);
        Impacts.balls(balls, a, b, physics);
        noteAfter(event);
        startPiece(a);
        startPiece(b);
        predict(a);
        predict(b);
    }

    /** Pressed-together balls are put back to touching, half each. */
    private void separate(int a, int b) {
        double touching = touching(a, b);
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
        Impacts.cushion(balls, i, nx, ny, physics);
        noteAfter(event);
        startPiece(i);
        predict(i);
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

    private double touching(int a, int b) {
        return balls.radius[a] == balls.radius[b]
                ? 2 * balls.radius[a]
                : 2 * Math.sqrt(balls.radius[a] * balls.radius[b]);
    }

    private void predictPair(int a, int b) {
        int slot = a * most + b;
        pairTime[slot] = FirstEntry.NEVER;
        boolean oneMoves = balls.moves(a) || balls.moves(b);
        if (!oneMoves || balls.phase[a] == ShotWorkspace.POTTED || balls.phase[b] == ShotWorkspace.POTTED) {
            return;
        }
        double limit = Math.min(balls.until[a], balls.until[b]) - now;
        if (limit < 0) {
            return;
        }
        double ta = balls.moves(a) ? now - balls.since[a] : 0;
        double tb = balls.moves(b) ? now - balls.since[b] : 0;
        double px = at(balls.x[b], balls.vx[b], balls.ax[b], tb) - at(balls.x[a], balls.vx[a], balls.ax[a], ta);
        double py = at(balls.y[b], balls.vy[b], balls.ay[b], tb) - at(balls.y[a], balls.vy[a], balls.ay[a], ta);
        double vx = balls.vx[b] + tb * balls.ax[b] - balls.vx[a] - ta * balls.ax[a];
        double vy = balls.vy[b] + tb * balls.ay[b] - balls.vy[a] - ta * balls.ay[a];
        double t = FirstEntry.intoCircle(
                px, py, vx, vy, balls.ax[b] - balls.ax[a], balls.ay[b] - balls.ay[a], touching(a, b), limit);
        pairTime[slot] = now + t;
    }

    private static double at(double place, double speed, double acceleration, double t) {
        return place + t * (speed + 0.5 * t * acceleration);
    }

    /** The first nose, jaw or pocket that a ball comes to on its present piece. The ball's state is of this moment. */
    private void predictWall(int i) {
        wallTime[i] = FirstEntry.NEVER;
        if (!balls.moves(i)) {
            return;
        }
        double limit = balls.until[i] - now;
        double best = limit;
        boolean found = false;
        boxPath(i, limit);
        for (int s = 0; s < table.noses; s++) {
            double t = comesNear(i, s) ? intoStraight(i, s, best) : FirstEntry.NEVER;
            if (t <= best && (t < best || !found)) {
                best = t;
                found = true;
                wallKind[i] = MEETS_NOSE;
                wallIndex[i] = s;
            }
        }
        if (found) {
            boxPath(i, best);
        }
        for (int p = 0; p < table.pockets; p++) {
            if (Math.abs(boxX - table.captureX[p]) > boxHalfX + POCKET_REACH_METRES
                    || Math.abs(boxY - table.captureY[p]) > boxHalfY + POCKET_REACH_METRES) {
                continue;
            }
            for (int s = table.noses + 2 * p; s < table.noses + 2 * p + 2; s++) {
                double t = comesNear(i, s) ? intoStraight(i, s, best) : FirstEntry.NEVER;
                if (t <= best && (t < best || !found)) {
                    best = t;
                    found = true;
                    wallKind[i] = MEETS_FACING;
                    wallIndex[i] = s;
                }
            }
            for (int arc = 2 * p; arc < 2 * p + 2; arc++) {
                double t = intoArc(i, arc, best);
                if (t <= best && (t < best || !found)) {
                    best = t;
                    found = true;
                    wallKind[i] = MEETS_ARC;
                    wallIndex[i] = arc;
                }
            }
            double t = FirstEntry.intoCircle(
                    balls.x[i] - table.captureX[p],
                    balls.y[i] - table.captureY[p],
                    balls.vx[i],
                    balls.vy[i],
                    balls.ax[i],
                    balls.ay[i],
                    table.captureRadius[p],
                    best);
            if (t <= best && (t < best || !found)) {
                best = t;
                found = true;
                wallKind[i] = POTS;
                wallIndex[i] = p;
            }
        }
        if (found) {
            wallTime[i] = now + best;
        }
    }

    /** Ends of the stretch, and the most that its parabola bows out between them. */
    private void boxPath(int i, double seconds) {
        double moveX = seconds * (balls.vx[i] + 0.5 * seconds * balls.ax[i]);
        double moveY = seconds * (balls.vy[i] + 0.5 * seconds * balls.ay[i]);
        double bow = 0.125 * seconds * seconds;
        boxX = balls.x[i] + 0.5 * moveX;
        boxY = balls.y[i] + 0.5 * moveY;
        boxHalfX = 0.5 * Math.abs(moveX) + bow * Math.abs(balls.ax[i]);
        boxHalfY = 0.5 * Math.abs(moveY) + bow * Math.abs(balls.ay[i]);
    }

    /** Whether the box comes near enough to a straight nose or facing to touch its line. */
    private boolean comesNear(int i, int s) {
        double nx = table.normalX[s];
        double ny = table.normalY[s];
        double nearest = (boxX - table.startX[s]) * nx
                + (boxY - table.startY[s]) * ny
                - boxHalfX * Math.abs(nx)
                - boxHalfY * Math.abs(ny);
        return nearest <= balls.noseDistance[i] + FirstEntry.ON_BORDER_METRES;
    }

    private double intoStraight(int i, int s, double limit) {
        double dx = balls.x[i] - table.startX[s];
        double dy = balls.y[i] - table.startY[s];
        double nx = table.normalX[s];
        double ny = table.normalY[s];
        double t = FirstEntry.intoLine(
                dx * nx + dy * ny - balls.noseDistance[i],
                balls.vx[i] * nx + balls.vy[i] * ny,
                0.5 * (balls.ax[i] * nx + balls.ay[i] * ny),
                limit);
        if (t == FirstEntry.NEVER) {
            return t;
        }
        double footX = at(dx, balls.vx[i], balls.ax[i], t);
        double footY = at(dy, balls.vy[i], balls.ay[i], t);
        double foot = footX * table.alongX[s] + footY * table.alongY[s];
        // Far behind the line is not on it: a ball in a pocket's mouth is behind the nose line of both cushions.
        boolean deep = dx * nx + dy * ny - balls.noseDistance[i] < -1e-4;
        boolean onSegment = foot >= -FOOT_SLACK_METRES && foot <= table.lengthOf[s] + FOOT_SLACK_METRES;
        return onSegment && !deep ? t : FirstEntry.NEVER;
    }

    private double intoArc(int i, int arc, double limit) {
        double dx = balls.x[i] - table.arcX[arc];
        double dy = balls.y[i] - table.arcY[arc];
        double reach = table.arcRadius[arc] + balls.noseDistance[i];
        if (Math.abs(boxX - table.arcX[arc]) > boxHalfX + reach + FirstEntry.ON_BORDER_METRES
                || Math.abs(boxY - table.arcY[arc]) > boxHalfY + reach + FirstEntry.ON_BORDER_METRES) {
            return FirstEntry.NEVER;
        }
        if (dx * dx + dy * dy < (reach - 1e-4) * (reach - 1e-4)) {
            return FirstEntry.NEVER;
        }
        double t = FirstEntry.intoCircle(dx, dy, balls.vx[i], balls.vy[i], balls.ax[i], balls.ay[i], reach, limit);
        if (t == FirstEntry.NEVER) {
            return t;
        }
        double hitX = at(dx, balls.vx[i], balls.ax[i], t);
        double hitY = at(dy, balls.vy[i], balls.ay[i], t);
        double beta = Math.atan2(
                hitX * table.arcAlongX[arc] + hitY * table.arcAlongY[arc],
                hitX * table.arcInwardX[arc] + hitY * table.arcInwardY[arc]);
        boolean onArc = beta >= -ANGLE_SLACK && beta <= table.arcTurnRadians[arc] + ANGLE_SLACK;
        return onArc ? t : FirstEntry.NEVER;
    }
}
