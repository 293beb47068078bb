package amberrail.core.kit;

/** One reading against what the model would give: {@link JointFit} asks for this. */
interface ReadingModel {
    /** What cannot be at all is at least this many standard deviations away. */
    double IMPOSSIBLE = 40;

    /** How many unknowns the try has for itself: its speed first (as a logarithm, nothing known before), then errors of the hand in their own sizes. */
    int own();

    int observations();

    /** Where to begin looking for its own unknowns, if what is shared is so. */
    double[] start(double[] shared);

    /**
     * How far the reading is from the model, in standard deviations.
     *
     * @param shared what all readings share
     * @param own    this try's own
     * @param out    filled
     */
    void residuals(double[] shared, double[] own, double[] out);
}
