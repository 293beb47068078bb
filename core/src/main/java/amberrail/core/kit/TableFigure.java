package amberrail.core.kit;

/** A number of a table that a check can tell, and how narrow its 90 % interval has to be for predictions to rest on it (kit/README.md, Cases). */
public enum TableFigure {
    ROLLING_FRICTION(0.09, true),
    SLIDING_FRICTION(0.45, true),
    CUSHION_RESTITUTION(0.11, false),
    /** Along the table, m/s². */
    DRIFT_X(0.004, false),
    /** Across it, m/s². */
    DRIFT_Y(0.002, false);

    private final double goodWidth;
    private final boolean relative;

    TableFigure(double goodWidth, boolean relative) {
        this.goodWidth = goodWidth;
        this.relative = relative;
    }

    /** Of the interval: as a share of the value, or in the number's own unit. */
    public double goodWidth() {
        return goodWidth;
    }

    /** Whether widths are shares of the value. */
    public boolean isRelative() {
        return relative;
    }

    double widthOf(Estimated estimated) {
        double width = estimated.interval().upper() - estimated.interval().lower();
        return relative ? width / estimated.value() : width;
    }
}
