package amberrail.core.simulation;

/**
 * When a point on a parabola first enters a circle or crosses a line from its open side.
 *
 * <p>The point is r(t) = p + v t + a t²/2 relative to the circle's centre, or f(t) = c0 + c1 t + c2 t² the distance from the line.
 * A point on the border that goes out does not count; one that goes in counts at once. Answers are seconds from now, or
 * {@link #NEVER}.
 */
final class FirstEntry {
    static final double NEVER = Double.POSITIVE_INFINITY;

    /** Nearer than this to the border is on it (m); rounding after an impact stays well below. */
    static final double ON_BORDER_METRES = 1e-9;

    /** Slower than this a touching point only rests there (m/s): an impact leaves rounding of this kind behind. */
    private static final double RESTS_METRES_PER_SECOND = 1e-9;

    /** How deep a touching point may be pressed in before that counts as another contact (m). */
    private static final double PRESSED_METRES = 1e-6;

    /** A path counts as straight when its bend over the whole piece is below this (relative). */
    private static final double STRAIGHT = 1e-13;

    private static final int MOST_STEPS = 80;

    private FirstEntry() {}

    /** First t in [0, limit] at which f(t) = c0 + c1 t + c2 t² falls to 0. */
    static double intoLine(double c0, double c1, double c2, double limit) {
        if (c0 <= ON_BORDER_METRES) {
            if (c1 < -RESTS_METRES_PER_SECOND) {
                return 0;
            }
            if (c2 >= 0) {
                return NEVER;
            }
            // Goes out and is pulled back in, or lies on the border and is pressed in.
            double back = -c1 / c2;
            double pressed = Math.sqrt(PRESSED_METRES / -c2);
            double t = Math.max(back, pressed);
            return t <= limit ? t : NEVER;
        }
        double t = smallestPositiveRoot(c0, c1, c2);
        return t <= limit ? t : NEVER;
    }

    /** Smallest positive root of c0 + c1 t + c2 t², c0 > 0. */
    private static double smallestPositiveRoot(double c0, double c1, double c2) {
        double discriminant = c1 * c1 - 4 * c2 * c0;
        if (discriminant < 0) {
            return NEVER;
        }
        double root = Math.sqrt(discriminant);
        // The form without cancellation: q has the sign of c1.
        if (c1 < 0) {
            return 2 * c0 / (-c1 + root);
        }
        return c2 < 0 ? (-c1 - root) / (2 * c2) : NEVER;
    }

    /** First t in [0, limit] at which the point enters the circle about the origin. */
    static double intoCircle(
            double px, double py, double vx, double vy, double ax, double ay, double radius, double limit) {
        double far = length(px, py);
        double gap = far - radius;
        double speed = length(vx, vy);
        double acceleration = length(ax, ay);
        if (gap > speed * limit + 0.5 * acceleration * limit * limit) {
            return NEVER;
        }
        if (gap <= ON_BORDER_METRES) {
            double outwards = (px * vx + py * vy) / far;
            if (outwards < -RESTS_METRES_PER_SECOND) {
                return 0;
            }
            return fromBorder(px, py, vx, vy, ax, ay, radius, limit);
        }
        double bend = vx * ay - vy * ax;
        if (Math.abs(bend) <= STRAIGHT * speed * acceleration) {
            return alongLine(px, py, vx, vy, ax, ay, radius, speed, acceleration, limit);
        }
        return alongParabola(px, py, vx, vy, ax, ay, radius, 0, limit);
    }

    /** On the border and not going in: later, if it comes back; pressed in counts when it is deep enough to matter. */
    private static double fromBorder(
            double px, double py, double vx, double vy, double ax, double ay, double radius, double limit) {
        double far = length(px, py);
        double outwards = (px * vx + py * vy) / far;
        // Distance grows like outwards t + curve t²/2 at first; the second term holds the centrifugal share.
        double curve = (px * ax + py * ay) / far + (vx * vx + vy * vy - outwards * outwards) / far;
        if (outwards > 1e-7 || curve >= 0) {
            double leave = outwards > 0 && curve < 0 ? -outwards / curve : Math.min(limit, 1e-3);
            return leave >= limit
                    ? NEVER
                    : alongParabola(px, py, vx, vy, ax, ay, radius, Math.min(leave, limit), limit);
        }
        double t = Math.max(-2 * outwards / curve, Math.sqrt(2 * PRESSED_METRES / -curve));
        return t <= limit ? t : NEVER;
    }

    /** The path is a straight line: find the place on it, then the time. */
    private static double alongLine(
            double px,
            double py,
            double vx,
            double vy,
            double ax,
            double ay,
            double radius,
            double speed,
            double acceleration,
            double limit) {
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
                ? smallestPositiveRoot(along - half, -speed, -0.5 * pull)
                // Behind: only a path that turns back gets there.
                : pull < 0 ? largerRoot(-(along + half), speed, 0.5 * pull) : NEVER;
        return t <= limit ? t : NEVER;
    }

    /** The later root of distance + speed t + c2 t² = 0 with c2 < 0. */
    private static double largerRoot(double c0, double c1, double c2) {
        return (-c1 - Math.sqrt(Math.max(0, c1 * c1 - 4 * c2 * c0))) / (2 * c2);
    }

    /**
     * |r(t)|² - R² as a quartic: its turning points cut [from, limit] into pieces where it only rises or only falls; the first
     * piece that falls through 0 holds the root.
     */
    private static double alongParabola(
            double px,
            double py,
            double vx,
            double vy,
            double ax,
            double ay,
            double radius,
            double from,
            double limit) {
        double c0 = px * px + py * py - radius * radius;
        double c1 = 2 * (px * vx + py * vy);
        double c2 = vx * vx + vy * vy + px * ax + py * ay;
        double c3 = vx * ax + vy * ay;
        double c4 = 0.25 * (ax * ax + ay * ay);
        // Turning points of the slope: roots of 2 c2 + 6 c3 t + 12 c4 t².
        double bend1 = limit;
        double bend2 = limit;
        double discriminant = 9 * c3 * c3 - 24 * c4 * c2;
        if (c4 > 0 && discriminant > 0) {
            double root = Math.sqrt(discriminant);
            bend1 = clip((-3 * c3 - root) / (12 * c4), from, limit);
            bend2 = clip((-3 * c3 + root) / (12 * c4), from, limit);
        }
        double start = from;
        double valueAtStart = value(c0, c1, c2, c3, c4, from);
        for (int piece = 0; piece < 3; piece++) {
            double left = piece == 0 ? from : piece == 1 ? bend1 : bend2;
            double right = piece == 0 ? bend1 : piece == 1 ? bend2 : limit;
            if (right <= left) {
                continue;
            }
            double turn = turningPoint(c1, c2, c3, c4, left, right);
            for (int half = 0; half < 2; half++) {
                double end = half == 0 ? turn : right;
                if (end <= start) {
                    continue;
                }
                double valueAtEnd = value(c0, c1, c2, c3, c4, end);
                if (valueAtStart > 0 && valueAtEnd <= 0) {
                    return fallingRoot(c0, c1, c2, c3, c4, start, end);
                }
                start = end;
                valueAtStart = valueAtEnd;
            }
        }
        return NEVER;
    }

    /** Where the slope c1 + 2 c2 t + 3 c3 t² + 4 c4 t³ is 0 in a piece in which it is monotone; its right end if nowhere. */
    private static double turningPoint(double c1, double c2, double c3, double c4, double left, double right) {
        double low = left;
        double high = right;
        double slopeLow = slope(c1, c2, c3, c4, low);
        if (slopeLow == 0 || slopeLow > 0 == slope(c1, c2, c3, c4, high) > 0) {
            return right;
        }
        double t = 0.5 * (low + high);
        for (int i = 0; i < MOST_STEPS; i++) {
            double f = slope(c1, c2, c3, c4, t);
            if (f > 0 == slopeLow > 0) {
                low = t;
            } else {
                high = t;
            }
            double step = f / (2 * c2 + t * (6 * c3 + 12 * c4 * t));
            double next = t - step;
            if (!(next > low && next < high)) {
                next = 0.5 * (low + high);
            }
            if (Math.abs(next - t) <= 1e-15 * (1 + Math.abs(t))) {
                return next;
            }
            t = next;
        }
        return t;
    }

    /** The root in [low, high] of a function that falls from above 0 to 0 or below. */
    private static double fallingRoot(double c0, double c1, double c2, double c3, double c4, double from, double to) {
        double low = from;
        double high = to;
        double t = 0.5 * (low + high);
        for (int i = 0; i < MOST_STEPS; i++) {
            double f = value(c0, c1, c2, c3, c4, t);
            if (f > 0) {
                low = t;
            } else {
                high = t;
            }
            double next = t - f / slope(c1, c2, c3, c4, t);
            if (!(next > low && next < high)) {
                next = 0.5 * (low + high);
            }
            if (Math.abs(next - t) <= 1e-16 * (1 + Math.abs(t))) {
                return next;
            }
            t = next;
        }
        return t;
    }

    private static double value(double c0, double c1, double c2, double c3, double c4, double t) {
        return c0 + t * (c1 + t * (c2 + t * (c3 + t * c4)));
    }

    private static double slope(double c1, double c2, double c3, double c4, double t) {
        return c1 + t * (2 * c2 + t * (3 * c3 + t * 4 * c4));
    }

    /** Plain: nothing here comes near overflow, and {@code Math.hypot} costs as much as a whole root. */
    private static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    private static double clip(double value, double low, double high) {
        return Math.min(Math.max(value, low), high);
    }
}
