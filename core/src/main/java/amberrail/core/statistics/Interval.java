package amberrail.core.statistics;

/** A range that a figure is believed to lie in, at the level of whoever made it and in that figure's unit. */
public record Interval(double lower, double upper) {
    public Interval {
        if (!(lower <= upper)) {
            throw new IllegalStateException("interval upside down: " + lower + " to " + upper);
        }
    }

    public static Interval around(double centre, double halfWidth) {
        return new Interval(centre - halfWidth, centre + halfWidth);
    }

    public boolean contains(double value) {
        return lower <= value && value <= upper;
    }
}
