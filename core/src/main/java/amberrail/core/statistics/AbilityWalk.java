package amberrail.core.statistics;

/**
 * How a student's ability may move from week to week: a smooth walk that keeps its direction for a while (Matérn 3/2) about a level of their own.
 *
 * @see "statistics/methods.md, raschFit; Rasmussen and Williams 2006"
 */
final class AbilityWalk {
    static final int MOST_WEEKS = 103;
    /** Changes are told against this week. */
    static final int SIX_WEEKS_AGO = 6;

    private static final double DAYS_A_WEEK = 7;

    private AbilityWalk() {}

    /** 0 is the last seven days. */
    static int week(double ageDays) {
        return (int) Math.min(MOST_WEEKS, Math.floor(ageDays / DAYS_A_WEEK));
    }

    static double covariance(int week, int other, RaschFit.Prior belief) {
        double u = Math.sqrt(3) * Math.abs(week - other) / belief.driftWeeks();
        return belief.sdAbility() * belief.sdAbility() + belief.sdDrift() * belief.sdDrift() * (1 + u) * Math.exp(-u);
    }

    /** The inverse of the weeks' covariance. */
    static double[][] precision(int[] weeks, RaschFit.Prior belief) {
        double[][] covariance = new double[weeks.length][weeks.length];
        for (int i = 0; i < weeks.length; i++) {
            for (int j = 0; j < weeks.length; j++) {
                covariance[i][j] = covariance(weeks[i], weeks[j], belief);
            }
        }
        return Cholesky.of(covariance).inverse();
    }
}
