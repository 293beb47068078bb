package amberrail.core.simulation;

/**
 * When a distance f(t) = c0 + c1 t + c2 t² first falls to 0: a point on a parabola crosses a line from its open side. {@link CircleEntry} does
 * the same for a circle.
 *
 * <p>A point on the border that goes out does not count; one that goes in counts at once. Answers are seconds from now, or {@link #NEVER}.
 */
final class FirstEntry {
    static final double NEVER = Double.POSITIVE_INFINITY;

    /** Nearer than this to the border is on it (m); rounding after an impact stays well below. */
    static final double ON_BORDER_METRES = 1e-9;

    /** Going in slower than this a touching point only rests at a line or jaw (m/s). */
    static final double CREEPS_METRES_PER_SECOND = 1e-4;

    /** How deep a touching point may be pressed in before that counts as another contact (m). */
    static final double PRESSED_METRES = 1e-6;

    /** Going out faster than this a point leaves the border, if only for a while (m/s). */
    static final double LEAVES_METRES_PER_SECOND = 1e-7;

    private FirstEntry() {}

    /**
     * First t in [0, limit] at which f(t) = c0 + c1 t + c2 t² falls to 0. A point on the border that goes in slower than {@link
     * #CREEPS_METRES_PER_SECOND} only rests there; it counts when it is {@link #PRESSED_METRES} deep. So between two contacts with one line there
     * is always some time.
     */
    static double intoLine(double c0, double c1, double c2, double limit) {
        double t;
        if (c0 > ON_BORDER_METRES) {
            t = smallestPositiveRoot(c0, c1, c2);
        } else if (c1 < -CREEPS_METRES_PER_SECOND) {
            return 0;
        } else if (c1 > LEAVES_METRES_PER_SECOND) {
            // Goes out, and may be pulled back in.
            t = c2 < 0 ? -c1 / c2 : NEVER;
        } else {
            t = pressedIn(c1, 2 * c2, PRESSED_METRES);
        }
        return t <= limit ? t : NEVER;
    }

    /** When a point on the border that moves outwards at a speed, with an acceleration, is so deep inside; {@link #NEVER} if it leaves or stays. */
    static double pressedIn(double outwards, double acceleration, double depth) {
        if (acceleration >= 0) {
            // Goes in without being pressed, and at most so far as its speed carries it.
            double reach = acceleration > 0 ? outwards * outwards / (2 * acceleration) : NEVER;
            return outwards < 0 && reach > depth ? depth / -outwards : NEVER;
        }
        return (-outwards - Math.sqrt(outwards * outwards - 2 * acceleration * depth)) / acceleration;
    }

    /**
     * The t in (0, limit] at which f(t) = c0 + c1 t + c2 t², below 0 now, falls to 0 again after it has risen above: from behind a line out, and
     * pulled back in. A quadratic falls through 0 once at most.
     */
    static double backIntoLine(double c0, double c1, double c2, double limit) {
        double discriminant = c1 * c1 - 4 * c2 * c0;
        if (c2 >= 0 || c1 <= 0 || discriminant <= 0) {
            return NEVER;
        }
        double t = largerRoot(c0, c1, c2);
        return t > 0 && t <= limit ? t : NEVER;
    }

    /** Smallest positive root of c0 + c1 t + c2 t², c0 > 0. */
    static double smallestPositiveRoot(double c0, double c1, double c2) {
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

    /** The later root of c0 + c1 t + c2 t² with c2 < 0. */
    static double largerRoot(double c0, double c1, double c2) {
        return (-c1 - Math.sqrt(Math.max(0, c1 * c1 - 4 * c2 * c0))) / (2 * c2);
    }
}
