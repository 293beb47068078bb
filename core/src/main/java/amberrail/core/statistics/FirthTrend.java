package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * Whether a share rises over sessions: logistic regression with Firth's penalty, finite even where all is made or missed.
 *
 * @param slope            of the logit for one unit of time (logits, as all of its errors and intervals)
 * @param lrP              chance of so much trend without any, 0 to 1 (likelihood ratio)
 * @param fittedFirst      share at the first session, and at the last, 0 to 1
 * @param profileInterval  by the penalised likelihood
 * @param phi              how much more form varies from day to day than chance explains, at least 1
 * @param adjustedInterval wider for that; empty where it is not
 * @param interval         what the verdict goes by
 * @see "statistics/methods.md, firthTrend; Firth 1993; Heinze and Schemper 2002"
 */
public record FirthTrend(int sessions, Optional<Fit> fit, Verdict verdict, Optional<Reason> reason) {

    /** One session: when (any unit), how many were made of how many. */
    public record Session(double t, int made, int attempts) {
        public Session {
            Require.finite("sessions.t", t);
            if (made < 0 || attempts < 0 || made > attempts) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_COUNT, "sessions.made", made, "must be from 0 to the attempts");
            }
        }
    }

    /** The figures of a trend. */
    public record Fit(
            double slope,
            double slopeSe,
            double oddsRatio,
            Interval profileInterval,
            double lrP,
            double phi,
            Optional<Interval> adjustedInterval,
            Interval interval,
            double fittedFirst,
            double fittedLast) {}

    private static final int FEWEST_FOR_PHI = 3;
    private static final int FEWEST_FOR_ADJUSTED = 4;

    public static FirthTrend of(List<Session> given, double level) {
        Require.level(level);
        List<Session> sessions = new ArrayList<>();
        Set<Double> times = new HashSet<>();
        for (Session session : given) {
            if (session.attempts() == 0) {
                continue;
            }
            if (!times.add(session.t())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_TIME, "sessions.t", session.t(), "must differ from session to session");
            }
            sessions.add(session);
        }
        int n = sessions.size();
        if (n < 2) {
            return new FirthTrend(
                    n,
                    Optional.empty(),
                    Verdict.NO_CLEAR_CHANGE_YET,
                    Optional.of(n == 0 ? Reason.NO_DATA : Reason.TOO_FEW));
        }
        Fit fit = fit(new PenalisedLogit(sessions), sessions, level);
        return new FirthTrend(
                n,
                Optional.of(fit),
                Verdict.of(fit.interval().lower(), fit.interval().upper(), 0, true),
                Optional.empty());
    }

    private static Fit fit(PenalisedLogit model, List<Session> sessions, double level) {
        double[] best = model.maximum();
        double se = model.slopeSe(best);
        double most = model.value(best[0], best[1]);
        double allowed = Quantile.chiSquared(level, 1) / 2;
        DoubleUnaryOperator drop = slope -> most - model.profile(slope, best[0]);
        Interval profile = new Interval(end(drop, best[1], -se, allowed), end(drop, best[1], se, allowed));
        double lrP = 1 - new ChiSquaredDistribution(1).cumulativeProbability(2 * Math.max(0, drop.applyAsDouble(0)));
        int n = sessions.size();
        double phi = n >= FEWEST_FOR_PHI ? Math.max(1, model.pearson(best) / (n - 2)) : 1;
        Optional<Interval> adjusted = phi > 1 && n >= FEWEST_FOR_ADJUSTED
                ? Optional.of(Interval.around(
                        best[1], Quantile.studentT(1 - (1 - level) / 2, n - 2) * se * Math.sqrt(phi)))
                : Optional.empty();
        Interval interval = adjusted.map(wide ->
                        new Interval(Math.min(wide.lower(), profile.lower()), Math.max(wide.upper(), profile.upper())))
                .orElse(profile);
        double first = sessions.stream().mapToDouble(Session::t).min().orElseThrow();
        double last = sessions.stream().mapToDouble(Session::t).max().orElseThrow();
        return new Fit(
                best[1],
                se,
                Math.exp(best[1]),
                profile,
                lrP,
                phi,
                adjusted,
                interval,
                model.fitted(best, first),
                model.fitted(best, last));
    }

    /** Where the profile has fallen by so much, on one side: bracketed by doubling, then found by Brent's method. */
    private static double end(DoubleUnaryOperator drop, double from, double step, double allowed) {
        double near = from;
        double far = from + step;
        double grown = step;
        for (int i = 0; i < 60 && drop.applyAsDouble(far) < allowed; i++) {
            near = far;
            grown *= 2;
            far = from + grown;
        }
        if (drop.applyAsDouble(far) < allowed) {
            return far;
        }
        return new BrentSolver(1e-13, 1e-13, 1e-13)
                .solve(200, slope -> drop.applyAsDouble(slope) - allowed, Math.min(near, far), Math.max(near, far));
    }
}
