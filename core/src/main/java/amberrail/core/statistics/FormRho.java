package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How alike the tries of one session are: form of the day, a correlation from 0 to 1.
 *
 * @param estimate what these sessions say alone
 * @param rho      that, drawn towards 0.02 as far as they are few; 0.005 to 0.15
 * @param sessions with two tries or more
 * @see "statistics/methods.md, formRho; Kish 1965"
 */
public record FormRho(Optional<Double> estimate, double rho, int sessions, Optional<Reason> reason) {
    /** Before anything is known. */
    public static final double USUAL = 0.02;

    private static final double LIKE_SESSIONS = 40;
    private static final double LEAST = 0.005;
    private static final double GREATEST = 0.15;

    /** One student's tries at one station in one session, and the chance that a fit gives them. */
    public record Row(String student, String session, int made, int attempts, double p) {
        public Row {
            if (attempts < 0 || made < 0 || made > attempts) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_COUNT, "rows.made", made, "must be from 0 to the attempts");
            }
            if (!(p >= 0 && p <= 1)) {
                throw new InvalidInputException(ProblemCode.INVALID_PROBABILITY, "rows.p", p, "must be from 0 to 1");
            }
        }
    }

    private static final class Evening {
        private double residual;
        private double variance;
        private int tries;
    }

    public static FormRho of(List<Row> rows) {
        if (rows.isEmpty()) {
            return new FormRho(Optional.empty(), USUAL, 0, Optional.of(Reason.NO_DATA));
        }
        Map<List<String>, Evening> evenings = new HashMap<>();
        for (Row row : rows) {
            Evening evening = evenings.computeIfAbsent(List.of(row.student(), row.session()), k -> new Evening());
            evening.residual += row.made() - row.attempts() * row.p();
            evening.variance += row.attempts() * row.p() * (1 - row.p());
            evening.tries += row.attempts();
        }
        double more = 0;
        double weight = 0;
        int sessions = 0;
        for (Evening evening : evenings.values()) {
            if (evening.tries >= 2) {
                sessions++;
                more += evening.residual * evening.residual - evening.variance;
                weight += evening.variance * (evening.tries - 1);
            }
        }
        if (sessions == 0 || weight == 0) {
            return new FormRho(Optional.empty(), USUAL, sessions, Optional.of(Reason.TOO_FEW));
        }
        double estimate = more / weight;
        double drawn = (sessions * estimate + USUAL * LIKE_SESSIONS) / (sessions + LIKE_SESSIONS);
        return new FormRho(
                Optional.of(estimate), Math.min(GREATEST, Math.max(LEAST, drawn)), sessions, Optional.empty());
    }
}
