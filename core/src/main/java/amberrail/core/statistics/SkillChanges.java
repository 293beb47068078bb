package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a student's skills say together about a change: six with a hundred tries each tell little one by one, and most of a change is common to
 * all of them.
 *
 * @param overall common change in logits; empty where no skill tells anything
 * @param visible the common change (logits) that these figures would show as a change four times out of five; empty where they tell next to nothing
 * @param skills  each drawn towards the common change, in the order given
 * @see "statistics/methods.md, skillChanges; Lindley and Smith 1972"
 */
public record SkillChanges(
        Optional<Change> overall, Optional<Double> visible, List<OfSkill> skills, Optional<Reason> reason) {
    /** A student's change over six weeks varies so much beforehand: 2 sdDrift²(1 - k(6)) with the usual walk (logits²). */
    public static final double PRIOR_VARIANCE = 0.4914;

    /** How much of it is common to all skills. */
    public static final double COMMON_SHARE = 0.7;

    private static final double LEAST_INFORMATION = 1e-6;
    private static final double POWER = 0.8;
    /** With less than a tenth of what was believed before, no change of a size that people have would show. */
    private static final double LEAST_SHARE_OF_THE_PRIOR = 0.1;

    /** A change in logits with its standard error and interval. */
    public record Change(double logits, double se, Interval interval, Verdict verdict) {}

    /** A skill's change. */
    public record OfSkill(String id, Change change) {}

    /** A skill's change as its own fit has it (logits). */
    public record Fitted(String id, double change, double se) {
        public Fitted {
            Require.finite("skills.change", change);
            Require.positive("skills.se", se);
        }
    }

    /** The whole at {@code level}; each skill at half of what is left, since they share a page. */
    public static SkillChanges of(List<Fitted> fitted, double priorVariance, double share, double level) {
        Require.level(level);
        Require.positive("priorVariance", priorVariance);
        if (!(share > 0 && share < 1)) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, "share", share, "must be between 0 and 1");
        }
        if (fitted.isEmpty()) {
            return new SkillChanges(Optional.empty(), Optional.empty(), List.of(), Optional.of(Reason.NO_DATA));
        }
        double own = priorVariance * (1 - share);
        double q = 1 / (priorVariance * share);
        double sum = 0;
        double[] l = new double[fitted.size()];
        double[] mu = new double[l.length];
        for (int i = 0; i < l.length; i++) {
            double variance = fitted.get(i).se() * fitted.get(i).se();
            l[i] = 1 / Math.max(LEAST_INFORMATION, 1 / variance - 1 / priorVariance);
            mu[i] = l[i] * fitted.get(i).change() / variance;
            q += 1 / (l[i] + own);
            sum += mu[i] / (l[i] + own);
        }
        double common = sum / q;
        double half = 1 - (1 - level) / 2;
        List<OfSkill> skills = new ArrayList<>();
        for (int i = 0; i < l.length; i++) {
            double b = own / (own + l[i]);
            double se = Math.sqrt(own * (1 - b) + (1 - b) * (1 - b) / q);
            skills.add(new OfSkill(fitted.get(i).id(), change(common + b * (mu[i] - common), se, half)));
        }
        return new SkillChanges(
                Optional.of(change(common, Math.sqrt(1 / q), level)),
                visible(q, 1 / (priorVariance * share), level),
                skills,
                Optional.empty());
    }

    /**
     * A change d shows where its shrunken mean is z posterior errors from 0. The data alone have precision p = q - q0, the mean is p/q times what
     * they say: so d = z q / (p sqrt(q)) + z80 / sqrt(p).
     */
    private static Optional<Double> visible(double q, double prior, double level) {
        double p = q - prior;
        if (p < prior * LEAST_SHARE_OF_THE_PRIOR) {
            return Optional.empty();
        }
        double shown = Quantile.normal(1 - (1 - level) / 2) * Math.sqrt(q) / p;
        return Optional.of(shown + Quantile.normal(POWER) / Math.sqrt(p));
    }

    private static Change change(double logits, double se, double level) {
        Interval interval = Interval.around(logits, Quantile.normal(1 - (1 - level) / 2) * se);
        return new Change(logits, se, interval, Verdict.of(interval.lower(), interval.upper(), 0, true));
    }
}
