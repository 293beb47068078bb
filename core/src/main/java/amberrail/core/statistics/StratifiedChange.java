package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Optional;

/**
 * Whether a share has changed between two periods over several stations at once, each held against itself: what was practised more in the one period
 * than in the other does not count. Mantel-Haenszel risk difference with Sato's variance, widened for form of the day by the design effect
 * 1 + (m - 1) rho of sessions with m tries.
 *
 * @param difference later less earlier, -1 to 1; empty where no stratum has tries on both sides
 * @param interval   of the difference at the level that was asked
 * @see "Mantel and Haenszel 1959; Greenland and Robins 1985; Sato 1989; design effect: Kish 1965; statistics/methods.md, formRho"
 */
public record StratifiedChange(
        Optional<Double> difference, Optional<Interval> interval, Verdict verdict, Optional<Reason> reason) {
    private static final int FEWEST = 5;
    private static final double USUAL_POWER = 0.8;

    /**
     * One station in both periods.
     *
     * @param triesPerSession mean number of tries at it in a session, at least 1
     */
    public record Stratum(int earlierMade, int earlierTries, int laterMade, int laterTries, double triesPerSession) {
        public Stratum {
            if (earlierMade < 0 || laterMade < 0 || earlierMade > earlierTries || laterMade > laterTries) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_COUNT,
                        "made",
                        Math.max(earlierMade, laterMade),
                        "must be from 0 to the tries");
            }
            Require.between("triesPerSession", triesPerSession, 1, Double.MAX_VALUE);
        }
    }

    /**
     * The smallest change of the share (0 to 1) that figures as many as these would show four times out of five, at the usual level: its
     * standard error times z(0.975) + z(0.8). Empty where there is no interval.
     *
     * @see "Cohen 1988, Statistical power analysis, section 6"
     */
    public Optional<Double> visible(double level) {
        return interval.map(one -> {
            double standardError = (one.upper() - one.lower()) / 2 / Quantile.normal(0.5 + level / 2);
            return Math.min(
                    1,
                    standardError
                            * (Quantile.normal(0.5 + Proportion.DEFAULT_LEVEL / 2) + Quantile.normal(USUAL_POWER)));
        });
    }

    /**
     * @param rho how alike the tries of one session are, 0 to 1
     */
    public static StratifiedChange of(List<Stratum> strata, double rho, double level) {
        Require.between("rho", rho, 0, 1);
        Require.level(level);
        double weight = 0;
        double sum = 0;
        double p = 0;
        double q = 0;
        double inflated = 0;
        int earlier = 0;
        int later = 0;
        for (Stratum one : strata) {
            double n0 = one.earlierTries();
            double n1 = one.laterTries();
            if (n0 == 0 || n1 == 0) {
                continue;
            }
            double n = n0 + n1;
            double b = one.earlierMade();
            double a = one.laterMade();
            double w = n1 * n0 / n;
            weight += w;
            sum += (a * n0 - b * n1) / n;
            p += (n1 * n1 * b - n0 * n0 * a + n1 * n0 * (n0 - n1) / 2) / (n * n);
            q += (a * (n0 - b) + b * (n1 - a)) / (2 * n);
            inflated += w * (1 + (one.triesPerSession() - 1) * rho);
            earlier += one.earlierTries();
            later += one.laterTries();
        }
        if (weight == 0) {
            return new StratifiedChange(
                    Optional.empty(), Optional.empty(), Verdict.NO_CLEAR_CHANGE_YET, Optional.of(Reason.NO_DATA));
        }
        double difference = sum / weight;
        double variance = Math.max(0, difference * p + q) / (weight * weight) * (inflated / weight);
        double half = Quantile.normal(0.5 + level / 2) * Math.sqrt(variance);
        Interval interval = new Interval(Math.max(-1, difference - half), Math.min(1, difference + half));
        boolean few = earlier < FEWEST || later < FEWEST;
        return new StratifiedChange(
                Optional.of(difference),
                Optional.of(interval),
                few ? Verdict.NO_CLEAR_CHANGE_YET : Verdict.of(interval.lower(), interval.upper(), 0, true),
                few ? Optional.of(Reason.TOO_FEW) : Optional.empty());
    }
}
