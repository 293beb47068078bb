package amberrail.core.simulation;

import static amberrail.core.simulation.FirstEntry.CREEPS_METRES_PER_SECOND;
import static amberrail.core.simulation.FirstEntry.LEAVES_METRES_PER_SECOND;
import static amberrail.core.simulation.FirstEntry.NEVER;
import static amberrail.core.simulation.FirstEntry.ON_BORDER_METRES;
import static amberrail.core.simulation.FirstEntry.PRESSED_METRES;

/**
 * When a point on a parabola r(t) = p + v t + a t²/2, in metres and seconds, enters a circle about the origin.
 *
 * <p>One object serves many searches, so that thousands of noisy shots make no garbage: {@link #of} comes before each. Searching does not change the
 * path. Borders count as in {@link FirstEntry}.
 */
final class CircleEntry {
    /** Between two contacts of the same two that creep there is some time. */
    private static final double LEAST_SECONDS = 1e-6;

    /** A path counts as straight when its bend over the whole piece is below this (relative). */
    private static final double STRAIGHT = 1e-13;

    private final Quartic outside = new Quartic();

    private double px;
    private double py;
    private double vx;
    private double vy;
    private double ax;
    private double ay;

    /** The path from now on: place from the circle's centre (m), velocity (m/s), acceleration (m/s²). */
    CircleEntry of(double newPx, double newPy, double newVx, double newVy, double newAx, double newAy) {
        px = newPx;
        py = newPy;
        vx = newVx;
        vy = newVy;
        ax = newAx;
        ay = newAy;
        return this;
    }

    /** First t in [0, limit] at which the point enters the circle; creeping as for {@link FirstEntry#intoLine}. */
    double first(double radius, double limit) {
        return first(radius, limit, CREEPS_METRES_PER_SECOND, PRESSED_METRES);
    }

    /**
     * The same for a pair of balls (physics/model.md, section 4): an approach of {@code creeps} m/s or less is no impact yet. The two sink into each
     * other until they part, or the approach passes it, or they are {@code deepest} m deep.
     */
    double first(double radius, double limit, double creeps, double deepest) {
        double gap = length(px, py) - radius;
        double speed = length(vx, vy);
        double acceleration = length(ax, ay);
        if (gap > speed * limit + 0.5 * acceleration * limit * limit) {
            return NEVER;
        }
        if (gap <= ON_BORDER_METRES) {
            return fromBorder(radius, limit, creeps, deepest);
        }
        double bend = vx * ay - vy * ax;
        double t = Math.abs(bend) <= STRAIGHT * speed * acceleration
                ? alongLine(radius, speed, acceleration, limit)
                : next(radius, 0, limit);
        if (t == NEVER) {
            return t;
        }
        // A touch that only creeps is no contact yet: from there on as from the border.
        double qx = px + t * (vx + 0.5 * t * ax);
        double qy = py + t * (vy + 0.5 * t * ay);
        double ux = vx + t * ax;
        double uy = vy + t * ay;
        if (-(qx * ux + qy * uy) / length(qx, qy) > creeps) {
            return t;
        }
        double later = new CircleEntry().of(qx, qy, ux, uy, ax, ay).fromBorder(radius, limit - t, creeps, deepest);
        return later == NEVER ? NEVER : t + later;
    }

    /** The first t in (from, limit] at which the point enters the circle, wherever it is before: out and in again counts. */
    double next(double radius, double from, double limit) {
        if (from >= limit) {
            return NEVER;
        }
        // |r(t)|² - R²
        return outside.of(
                        px * px + py * py - radius * radius,
                        2 * (px * vx + py * vy),
                        vx * vx + vy * vy + px * ax + py * ay,
                        vx * ax + vy * ay,
                        0.25 * (ax * ax + ay * ay))
                .firstFall(from, limit);
    }

    /** On the border or inside: at once if it goes in faster than creeping; later if it comes back, is pressed in, or gets deep. */
    private double fromBorder(double radius, double limit, double creeps, double deepest) {
        double far = length(px, py);
        double outwards = (px * vx + py * vy) / far;
        if (outwards < -creeps) {
            return 0;
        }
        // Distance grows like outwards t + curve t²/2 at first; the second term holds the centrifugal share.
        double curve = (px * ax + py * ay) / far + (vx * vx + vy * vy - outwards * outwards) / far;
        if (outwards > LEAVES_METRES_PER_SECOND || outwards >= 0 && curve >= 0) {
            double leave = outwards > 0 && curve < 0 ? -outwards / curve : Math.min(limit, 1e-3);
            return next(radius, leave, limit);
        }
        double already = Math.max(0, radius - far);
        double deep = already >= deepest ? 0 : FirstEntry.pressedIn(outwards, curve, deepest - already);
        double fast = curve < 0 ? (-creeps - outwards) / curve : NEVER;
        double t = Math.max(LEAST_SECONDS, Math.min(deep, fast));
        return t <= limit ? t : NEVER;
    }

    /** The path is a straight line: find the place on it, then the time. */
    private double alongLine(double radius, double speed, double acceleration, double limit) {
        double ux;
        double uy;
        if (speed > 0) {
            ux = vx / speed;
            uy = vy / speed;
        } else if (acceleration > 0) {
            ux = ax / acceleration;
            uy = ay / acceleration;
        } else {
            return NEVER;
        }
        double along = -(px * ux + py * uy);
        double aside = px * uy - py * ux;
        double under = radius * radius - aside * aside;
        if (under < 0) {
            return NEVER;
        }
        double half = Math.sqrt(under);
        double pull = ax * ux + ay * uy;
        double t = along > 0
                ? FirstEntry.smallestPositiveRoot(along - half, -speed, -0.5 * pull)
                // Behind: only a path that turns back gets there.
                : pull < 0 ? FirstEntry.largerRoot(-(along + half), speed, 0.5 * pull) : NEVER;
        return t <= limit ? t : NEVER;
    }

    /** Plain: nothing here comes near overflow, and {@code Math.hypot} costs as much as a whole root. */
    private static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }
}
