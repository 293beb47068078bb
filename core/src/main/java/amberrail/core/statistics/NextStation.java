package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which station to play next: hard enough to learn from, easy enough to succeed (challenge point, Guadagnoli and Lee 2004).
 *
 * @param inBand whether its chance lies in the band that was wanted
 * @see "statistics/methods.md, nextStation and nextInterval"
 */
public record NextStation(String id, double p, boolean inBand) {
    public static final double USUAL_LOW = 0.60;
    public static final double USUAL_HIGH = 0.75;

    /** A station and the student's chance there. */
    public record Candidate(String id, double p) {
        public Candidate {
            probability("candidates.p", p);
        }
    }

    /** In the band: nearest to its middle; none there: nearest to the band. Ties: the greater chance, then the id. Empty: {@code NO_DATA}. */
    public static Optional<NextStation> of(List<Candidate> candidates, double low, double high) {
        probability("band", low);
        probability("band", high);
        if (low > high) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "band", low, "must have its low end below its high end");
        }
        double middle = (low + high) / 2;
        return candidates.stream()
                .min(Comparator.comparing((Candidate one) -> !inside(one, low, high))
                        .thenComparing(one -> rounded(
                                inside(one, low, high)
                                        ? Math.abs(one.p() - middle)
                                        : Math.max(low - one.p(), one.p() - high)))
                        .thenComparing(one -> -rounded(one.p()))
                        .thenComparing(Candidate::id))
                .map(one -> new NextStation(one.id(), one.p(), inside(one, low, high)));
    }

    private static boolean inside(Candidate one, double low, double high) {
        return one.p() >= low && one.p() <= high;
    }

    /** To nine decimals, as every "order by" of methods.md. */
    static double rounded(double value) {
        return Math.rint(value * 1e9) / 1e9;
    }

    static double probability(String field, double p) {
        if (!(p >= 0 && p <= 1)) {
            throw new InvalidInputException(ProblemCode.INVALID_PROBABILITY, field, p, "must be from 0 to 1");
        }
        return p;
    }

    /** Days until a drill is due again: doubled after a good session, 1 after a bad one (spacing: Cepeda et al. 2006). */
    public static int intervalDays(int intervalDays, int made, int attempts) {
        Require.between("intervalDays", intervalDays, 1, 32);
        if (made < 0 || attempts < 0 || made > attempts) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, "made", made, "must be from 0 to the attempts");
        }
        if (attempts < 5) {
            return intervalDays;
        }
        double share = (double) made / attempts;
        if (share >= 0.6) {
            return Math.min(32, 2 * intervalDays);
        }
        return share < 0.4 ? 1 : intervalDays;
    }
}
