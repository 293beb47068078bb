package amberrail.core.simulation;

/**
 * c0 + c1 t + c2 t² + c3 t³ + c4 t⁴, and where it first falls through 0. With c4 > 0, as for a squared distance less a squared radius.
 *
 * <p>One object serves many searches, so that thousands of noisy shots make no garbage: {@link #of} comes before each.
 *
 * @see "physics/model.md, events; roots between the turning points of the derivative"
 */
final class Quartic {
    static final double NEVER = FirstEntry.NEVER;

    private static final int MOST_STEPS = 80;

    private double c0;
    private double c1;
    private double c2;
    private double c3;
    private double c4;

    Quartic of(double newC0, double newC1, double newC2, double newC3, double newC4) {
        c0 = newC0;
        c1 = newC1;
        c2 = newC2;
        c3 = newC3;
        c4 = newC4;
        return this;
    }

    /**
     * The first t in (from, limit] at which it falls from above 0 to 0 or below; {@link #NEVER} if nowhere. Its turning points cut the stretch
     * into pieces where it only rises or only falls; the first piece that falls through 0 holds the root.
     */
    double firstFall(double from, double limit) {
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
        double valueAtStart = value(from);
        for (int piece = 0; piece < 3; piece++) {
            double left = piece == 0 ? from : piece == 1 ? bend1 : bend2;
            double right = piece == 0 ? bend1 : piece == 1 ? bend2 : limit;
            if (right <= left) {
                continue;
            }
            double turn = turningPoint(left, right);
            for (int half = 0; half < 2; half++) {
                double end = half == 0 ? turn : right;
                if (end <= start) {
                    continue;
                }
                double valueAtEnd = value(end);
                if (valueAtStart > 0 && valueAtEnd <= 0) {
                    return fallingRoot(start, end);
                }
                start = end;
                valueAtStart = valueAtEnd;
            }
        }
        return NEVER;
    }

    double value(double t) {
        return c0 + t * (c1 + t * (c2 + t * (c3 + t * c4)));
    }

    private double slope(double t) {
        return c1 + t * (2 * c2 + t * (3 * c3 + t * 4 * c4));
    }

    /** Where the slope is 0 in a piece in which it is monotone; the piece's right end if nowhere. */
    private double turningPoint(double left, double right) {
        double low = left;
        double high = right;
        double slopeLow = slope(low);
        if (slopeLow == 0 || slopeLow > 0 == slope(high) > 0) {
            return right;
        }
        double t = 0.5 * (low + high);
        for (int i = 0; i < MOST_STEPS; i++) {
            double f = slope(t);
            if (f > 0 == slopeLow > 0) {
                low = t;
            } else {
                high = t;
            }
            double step = f / (2 * c2 + t * (6 * c3 + 12 * c4 * t));
            double next = inside(t - step, low, high);
            if (Math.abs(next - t) <= 1e-15 * (1 + Math.abs(t))) {
                return next;
            }
            t = next;
        }
        return t;
    }

    /** The root between two times, above 0 at the first and at or below it at the second. */
    private double fallingRoot(double from, double to) {
        double low = from;
        double high = to;
        double t = 0.5 * (low + high);
        for (int i = 0; i < MOST_STEPS; i++) {
            double f = value(t);
            if (f > 0) {
                low = t;
            } else {
                high = t;
            }
            double next = inside(t - f / slope(t), low, high);
            if (Math.abs(next - t) <= 1e-16 * (1 + Math.abs(t))) {
                return next;
            }
            t = next;
        }
        return t;
    }

    /** Newton's step where it stays between the two, else the middle (also for a step that is no number). */
    private static double inside(double step, double low, double high) {
        return step > low && step < high ? step : 0.5 * (low + high);
    }

    private static double clip(double value, double low, double high) {
        return Math.min(Math.max(value, low), high);
    }
}
