package amberrail.core.kit;

import amberrail.core.statistics.Interval;

/** A number with its 90 % interval. */
public record Estimated(double value, Interval interval) {
    /** Share of the truths that its interval holds. */
    public static final double LEVEL = 0.90;
}
