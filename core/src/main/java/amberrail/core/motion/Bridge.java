package amberrail.core.motion;

/** What the cue is guided by (grading.md, "How errors grow with the stroke"; the factor is an assumption, to be corrected by data). */
public enum Bridge {
    /** The hand on the cloth or on the rail. */
    HAND(1),
    /** A rest, because the ball cannot be reached. */
    REST(Bridge.UNSTEADY),
    /** The hand raised, because another ball stands behind the cue ball. */
    OVER_A_BALL(Bridge.UNSTEADY);

    private static final double UNSTEADY = 1.3;

    private final double errorFactor;

    Bridge(double errorFactor) {
        this.errorFactor = errorFactor;
    }

    /** By how much every error of the stroke is larger than with the hand on the cloth (a factor). */
    public double errorFactor() {
        return errorFactor;
    }
}
