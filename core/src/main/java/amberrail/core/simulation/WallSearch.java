package amberrail.core.simulation;

/**
 * The first nose, jaw or pocket that a ball comes to on its present piece.
 *
 * <p>One object serves all balls of a loop: {@link #find} leaves what it found in {@link #kind} and {@link #index}.
 *
 * @see "physics/model.md, events: least positive root over noses, jaws and pockets"
 */
final class WallSearch {
    private static final double NEVER = FirstEntry.NEVER;

    private static final double ANGLE_SLACK_RADIANS = 1e-9;
    private static final double FOOT_SLACK_METRES = 1e-9;

    /** A parabola enters a circle twice at most. */
    private static final int MOST_ENTRIES = 2;

    private static final double AFTER_ENTRY_SECONDS = 1e-9;

    /** Beyond the widest mouth and its jaws, from the capture circle's centre. */
    private static final double POCKET_REACH_METRES = 0.30;

    private final ShotWorkspace balls;
    private final CircleEntry circle = new CircleEntry();
    private TableContacts table;

    /** What was found: one of {@link ShotLoop}'s kinds of contact, and the number of the straight, arc or pocket. */
    int kind;

    int index;

    /** The ball that is looked at, and the time until the nearest contact found so far (s); {@link #NEVER} while there is none. */
    private int ball;

    private double limit;
    private double found;

    /** A box round the stretch of path that is looked at: its middle and half its sides (m). */
    private double boxX;

    private double boxY;
    private double boxHalfX;
    private double boxHalfY;

    WallSearch(ShotWorkspace balls) {
        this.balls = balls;
    }

    void begin(TableContacts newTable) {
        table = newTable;
    }

    /** Seconds until a moving ball, whose state is of this moment, first meets something fixed within {@code limitSeconds}; else {@link #NEVER}. */
    double find(int i, double limitSeconds) {
        ball = i;
        limit = limitSeconds;
        found = NEVER;
        boxPath(limit);
        for (int s = 0; s < table.noses; s++) {
            lookAtStraight(s, ShotLoop.MEETS_NOSE);
        }
        if (found != NEVER) {
            boxPath(found);
        }
        for (int pocket = 0; pocket < table.pockets; pocket++) {
            if (Math.abs(boxX - table.captureX[pocket]) <= boxHalfX + POCKET_REACH_METRES
                    && Math.abs(boxY - table.captureY[pocket]) <= boxHalfY + POCKET_REACH_METRES) {
                lookAtPocket(pocket);
            }
        }
        return found;
    }

    private void lookAtPocket(int pocket) {
        lookAtStraight(table.noses + 2 * pocket, ShotLoop.MEETS_FACING);
        lookAtStraight(table.noses + 2 * pocket + 1, ShotLoop.MEETS_FACING);
        keep(intoArc(2 * pocket), ShotLoop.MEETS_ARC, 2 * pocket);
        keep(intoArc(2 * pocket + 1), ShotLoop.MEETS_ARC, 2 * pocket + 1);
        double drop = pathFrom(balls.x[ball] - table.captureX[pocket], balls.y[ball] - table.captureY[pocket])
                .first(table.captureRadius[pocket], within());
        keep(drop, ShotLoop.POTS, pocket);
    }

    private void lookAtStraight(int s, int straightKind) {
        if (comesNear(s)) {
            keep(intoStraight(s), straightKind, s);
        }
    }

    /** Only what comes on this piece and before all that was found so far. */
    private void keep(double t, int newKind, int newIndex) {
        if (t <= limit && t < found) {
            found = t;
            kind = newKind;
            index = newIndex;
        }
    }

    private double within() {
        return Math.min(limit, found);
    }

    private CircleEntry pathFrom(double dx, double dy) {
        return circle.of(dx, dy, balls.vx[ball], balls.vy[ball], balls.ax[ball], balls.ay[ball]);
    }

    /** Ends of the stretch, and the most that its parabola bows out between them. */
    private void boxPath(double seconds) {
        double moveX = seconds * (balls.vx[ball] + 0.5 * seconds * balls.ax[ball]);
        double moveY = seconds * (balls.vy[ball] + 0.5 * seconds * balls.ay[ball]);
        double bow = 0.125 * seconds * seconds;
        boxX = balls.x[ball] + 0.5 * moveX;
        boxY = balls.y[ball] + 0.5 * moveY;
        boxHalfX = 0.5 * Math.abs(moveX) + bow * Math.abs(balls.ax[ball]);
        boxHalfY = 0.5 * Math.abs(moveY) + bow * Math.abs(balls.ay[ball]);
    }

    /** Whether the box comes near enough to a straight nose or facing to touch its line. */
    private boolean comesNear(int s) {
        double nx = table.normalX[s];
        double ny = table.normalY[s];
        double nearest = (boxX - table.startX[s]) * nx
                + (boxY - table.startY[s]) * ny
                - boxHalfX * Math.abs(nx)
                - boxHalfY * Math.abs(ny);
        return nearest <= balls.noseDistance[ball] + FirstEntry.ON_BORDER_METRES;
    }

    private double intoStraight(int s) {
        double dx = balls.x[ball] - table.startX[s];
        double dy = balls.y[ball] - table.startY[s];
        double nx = table.normalX[s];
        double ny = table.normalY[s];
        double away = dx * nx + dy * ny - balls.noseDistance[ball];
        double speed = balls.vx[ball] * nx + balls.vy[ball] * ny;
        double pull = 0.5 * (balls.ax[ball] * nx + balls.ay[ball] * ny);
        // Behind the line of a nose and beyond its end lies a pocket's mouth: from there the ball has to come out
        // before it can come in.
        boolean behindAndBeyond = away < -FirstEntry.ON_BORDER_METRES && !isOn(s, dx, dy, 0);
        double t = behindAndBeyond
                ? FirstEntry.backIntoLine(away, speed, pull, within())
                : FirstEntry.intoLine(away, speed, pull, within());
        return t != NEVER && isOn(s, dx, dy, t) ? t : NEVER;
    }

    /** Whether the foot of the ball, t from now, is on a straight nose or facing; (dx, dy) is where it is now, from the nose's start. */
    private boolean isOn(int s, double dx, double dy, double t) {
        double footX = ShotLoop.at(dx, balls.vx[ball], balls.ax[ball], t);
        double footY = ShotLoop.at(dy, balls.vy[ball], balls.ay[ball], t);
        double foot = footX * table.alongX[s] + footY * table.alongY[s];
        return foot >= -FOOT_SLACK_METRES && foot <= table.lengthOf[s] + FOOT_SLACK_METRES;
    }

    private double intoArc(int arc) {
        double dx = balls.x[ball] - table.arcX[arc];
        double dy = balls.y[ball] - table.arcY[arc];
        double reach = table.arcRadius[arc] + balls.noseDistance[ball];
        if (Math.abs(boxX - table.arcX[arc]) > boxHalfX + reach + FirstEntry.ON_BORDER_METRES
                || Math.abs(boxY - table.arcY[arc]) > boxHalfY + reach + FirstEntry.ON_BORDER_METRES) {
            return NEVER;
        }
        double inner = reach - FirstEntry.ON_BORDER_METRES;
        boolean beside = dx * dx + dy * dy < inner * inner && !isOnArc(arc, dx, dy, 0);
        // Within the circle but not in the jaw's directions it is in the mouth or before the nose, and has to come out
        // first.
        CircleEntry path = pathFrom(dx, dy);
        double t = beside ? path.next(reach, 0, within()) : path.first(reach, within());
        // A path that bends may enter the circle twice: first where the jaw is not, then where it is.
        for (int entry = 0; entry < MOST_ENTRIES && t != NEVER; entry++) {
            if (isOnArc(arc, dx, dy, t)) {
                return t;
            }
            t = path.next(reach, t + AFTER_ENTRY_SECONDS, within());
        }
        return NEVER;
    }

    private boolean isOnArc(int arc, double dx, double dy, double t) {
        double hitX = ShotLoop.at(dx, balls.vx[ball], balls.ax[ball], t);
        double hitY = ShotLoop.at(dy, balls.vy[ball], balls.ay[ball], t);
        double beta = Math.atan2(
                hitX * table.arcAlongX[arc] + hitY * table.arcAlongY[arc],
                hitX * table.arcInwardX[arc] + hitY * table.arcInwardY[arc]);
        return beta >= -ANGLE_SLACK_RADIANS && beta <= table.arcTurnRadians[arc] + ANGLE_SLACK_RADIANS;
    }
}
