package amberrail.core.simulation;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import amberrail.core.table.SightPosition;

/**
 * A finished shot, read straight from the engine's arrays and only true until the next one (SI units).
 *
 * <p>It holds what {@link ShotRecord} holds, without making anything per shot: events by index in time order, balls by index as they
 * were given. Judges that look at thousands of noisy shots read this; whoever keeps a shot takes the record.
 */
public final class PlayedShot {
    /** What an event was. */
    public enum Kind {
        STARTS_ROLLING,
        STOPS,
        BALLS_MEET,
        /** Three or more pressed on one another; each two that touched follow as {@code BALLS_MEET}. */
        BALLS_PRESS,
        MEETS_CUSHION,
        MEETS_JAW,
        POTTED
    }

    /** By the loop's own numbers of kinds. */
    private static final Kind[] KINDS = {
        Kind.STARTS_ROLLING,
        Kind.STOPS,
        Kind.BALLS_MEET,
        Kind.MEETS_CUSHION,
        Kind.MEETS_JAW,
        Kind.MEETS_JAW,
        Kind.POTTED,
        Kind.BALLS_PRESS,
        Kind.BALLS_MEET
    };

    private static final int NONE = -1;

    private final ShotLoop loop;
    private final ShotLog log;
    private final TableContacts table;

    PlayedShot(ShotLoop loop, ShotLog log, TableContacts table) {
        this.loop = loop;
        this.log = log;
        this.table = table;
    }

    /** Number of balls, in the order in which they were given. */
    public int balls() {
        return loop.balls.count;
    }

    /** Where the ball is when all is still, or where it fell. */
    public Point place(int ball) {
        return Point.ofMetres(xMetres(ball), yMetres(ball));
    }

    /** One coordinate of {@link #place}, for thousands of simulated shots that make no points. */
    public double xMillimetres(int ball) {
        return Units.millimetres(xMetres(ball));
    }

    public double yMillimetres(int ball) {
        return Units.millimetres(yMetres(ball));
    }

    public double xMetres(int ball) {
        return loop.balls.x[ball];
    }

    public double yMetres(int ball) {
        return loop.balls.y[ball];
    }

    public boolean isPotted(int ball) {
        return loop.balls.phase[ball] == ShotWorkspace.POTTED;
    }

    public boolean isPottedIn(int ball, PocketName pocket) {
        return isPotted(ball) && table.pocketNameIs(loop.balls.pocket[ball], pocket);
    }

    /** When everything lay still (s). */
    public double endSeconds() {
        return loop.endSeconds();
    }

    /** Number of events. */
    public int events() {
        return log.events;
    }

    public Kind kind(int event) {
        return KINDS[log.kind[event]];
    }

    public double seconds(int event) {
        return log.time[event];
    }

    /** The ball of an event; the lower number where two meet. */
    public int ball(int event) {
        return log.ball[event];
    }

    /** The higher number where two balls meet, else -1. */
    public int other(int event) {
        return log.other[event];
    }

    public boolean involves(int event, int ball) {
        return log.ball[event] == ball || log.other[event] == ball;
    }

    /** The cushion of a {@code MEETS_CUSHION}. */
    public Cushion cushion(int event) {
        return table.cushion(log.place[event]);
    }

    /** Where along its cushion a {@code MEETS_CUSHION} was, in sights from the SW corner's side. */
    public double sights(int event) {
        int at = 4 * event * ShotLog.VALUES;
        Cushion cushion = cushion(event);
        boolean isLong = cushion == Cushion.S || cushion == Cushion.N;
        return isLong
                ? log.states[at] / table.lengthMetres * SightPosition.SIGHTS_ALONG
                : log.states[at + 1] / table.widthMetres * SightPosition.SIGHTS_ACROSS;
    }

    /** The pocket of a {@code POTTED}. */
    public boolean dropsInto(int event, PocketName pocket) {
        return table.pocketNameIs(log.place[event], pocket);
    }

    /** First meeting of this ball with another, or -1. */
    public int firstMeeting(int ball) {
        for (int e = 0; e < log.events; e++) {
            if (kind(e) == Kind.BALLS_MEET && involves(e, ball)) {
                return e;
            }
        }
        return NONE;
    }

    /** How often this ball met a straight cushion. */
    public int cushions(int ball) {
        int count = 0;
        for (int e = 0; e < log.events; e++) {
            count += log.kind[e] == ShotLoop.MEETS_NOSE && log.ball[e] == ball ? 1 : 0;
        }
        return count;
    }

    /**
     * Spin about the axis of rolling just before an event over that of natural roll: 1 rolls, 0 is stun, negative is backspin; 0 for
     * a ball that stood.
     */
    public double rollingShareBefore(int event, int ball) {
        int at = slotBefore(event, ball) * ShotLog.VALUES;
        double vx = log.states[at + 2];
        double vy = log.states[at + 3];
        double squared = vx * vx + vy * vy;
        if (squared == 0) {
            return 0;
        }
        return loop.balls.radius[ball] * (log.states[at + 5] * vx - log.states[at + 4] * vy) / squared;
    }

    /** How far left of its pocket's axis (m), seen looking in, a potted ball's centre was when it dropped; 0 for one that did not. */
    public double dropsLeftOfAxisMetres(int ball) {
        for (int e = log.events - 1; e >= 0; e--) {
            if (log.kind[e] == ShotLoop.POTS && log.ball[e] == ball) {
                return table.leftOfAxis(log.place[e], xBefore(e, ball), yBefore(e, ball));
            }
        }
        return 0;
    }

    double xBefore(int event, int ball) {
        return log.states[slotBefore(event, ball) * ShotLog.VALUES];
    }

    double yBefore(int event, int ball) {
        return log.states[slotBefore(event, ball) * ShotLog.VALUES + 1];
    }

    private int slotBefore(int event, int ball) {
        return 4 * event + (log.ball[event] == ball ? 0 : 2);
    }

    ShotLog log() {
        return log;
    }
}
