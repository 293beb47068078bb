package amberrail.core.statistics;

/**
 * The scale that abilities and difficulties are told on: grade = 500 + 100 logits, shown from 0 to 1000.
 *
 * @see "grading.md; statistics/methods.md, raschFit"
 */
public final class GradeScale {
    public static final double LOWEST = 0;
    public static final double HIGHEST = 1000;
    private static final double AT_ZERO = 500;
    private static final double POINTS_PER_LOGIT = 100;

    private GradeScale() {}

    /** In points, not clipped: what lies off the scale is said to. */
    public static double grade(double logits) {
        return AT_ZERO + points(logits);
    }

    /** In points, within the scale. */
    public static double shown(double logits) {
        return Math.min(HIGHEST, Math.max(LOWEST, grade(logits)));
    }

    /** Of a grade in points. */
    public static double logits(double grade) {
        return (grade - AT_ZERO) / POINTS_PER_LOGIT;
    }

    /** A difference or an error in logits as grade points. */
    public static double points(double logits) {
        return POINTS_PER_LOGIT * logits;
    }
}
