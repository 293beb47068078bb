package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import java.util.Optional;
import java.util.function.Supplier;
import org.hipparchus.distribution.discrete.HypergeometricDistribution;

/**
 * Whether a share has changed between two sessions, or differs between original and mirror: Newcombe's hybrid score interval (1998, method
 * 10). Fisher's p is a detail and decides nothing.
 *
 * @param difference b less a; empty with {@code NO_DATA}
 * @param interval   of the difference; empty with {@code NO_DATA}
 * @param fisherP    two-sided; empty with {@code NO_DATA}
 * @param reason     {@code TOO_FEW} where a side has fewer than 5 attempts: then there is no verdict
 * @see "statistics/methods.md, compareProportions"
 */
public record ProportionChange(
        Optional<Double> difference,
        Optional<Interval> interval,
        Optional<Double> fisherP,
        Verdict verdict,
        Optional<Reason> reason) {
    private static final int FEWEST = 5;
    private static final double ROUNDING = 1e-12;
    private static final double AS_LIKELY = 1 + 1e-7;

    public static ProportionChange of(int successesA, int trialsA, int successesB, int trialsB, double level) {
        Proportion a = under("a", () -> new Proportion(successesA, trialsA, level));
        Proportion b = under("b", () -> new Proportion(successesB, trialsB, level));
        if (trialsA == 0 || trialsB == 0) {
            return new ProportionChange(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Verdict.NO_CLEAR_CHANGE_YET,
                    Optional.of(Reason.NO_DATA));
        }
        double pa = (double) successesA / trialsA;
        double pb = (double) successesB / trialsB;
        double difference = pb - pa;
        Interval interval = new Interval(
                difference - Math.hypot(pb - b.interval().lower(), a.interval().upper() - pa),
                difference
                        + Math.hypot(
                                b.interval().upper() - pb, pa - a.interval().lower()));
        boolean few = trialsA < FEWEST || trialsB < FEWEST;
        return new ProportionChange(
                Optional.of(difference),
                Optional.of(interval),
                Optional.of(fisher(successesA, trialsA, successesB, trialsB)),
                few ? Verdict.NO_CLEAR_CHANGE_YET : verdict(interval),
                few ? Optional.of(Reason.TOO_FEW) : Optional.empty());
    }

    private static Verdict verdict(Interval interval) {
        if (interval.lower() > ROUNDING) {
            return Verdict.BETTER;
        }
        return interval.upper() < -ROUNDING ? Verdict.WORSE : Verdict.NO_CLEAR_CHANGE_YET;
    }

    /** The sum of the probabilities of all tables that are no likelier than the one seen. */
    private static double fisher(int successesA, int trialsA, int successesB, int trialsB) {
        int made = successesA + successesB;
        HypergeometricDistribution tables = new HypergeometricDistribution(trialsA + trialsB, made, trialsA);
        double seen = tables.probability(successesA);
        double sum = 0;
        for (int x = Math.max(0, made - trialsB); x <= Math.min(trialsA, made); x++) {
            double p = tables.probability(x);
            sum += p <= seen * AS_LIKELY ? p : 0;
        }
        return Math.min(1, sum);
    }

    private static <T> T under(String side, Supplier<T> made) {
        try {
            return made.get();
        } catch (InvalidInputException e) {
            throw e.field().equals("level") ? e : e.under(side);
        }
    }
}
