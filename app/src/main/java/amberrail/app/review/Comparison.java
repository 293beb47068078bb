package amberrail.app.review;

import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.review.Figures.IntervalView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.setup.WhatChanged;
import amberrail.core.statistics.AttemptsNeeded;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.ProportionChange;
import amberrail.core.statistics.RatioChange;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.SpreadCv;
import amberrail.core.statistics.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;

/** Two periods of one student at one station, side and shot: is the later one better? Every verdict comes of an interval. */
final class Comparison {
    private static final double ALPHA = 0.05;
    private static final double POWER = 0.8;
    /** A fifth less spread is the smallest that is worth noticing. */
    private static final double WORTH_NOTICING_RATIO = 0.8;

    private Comparison() {}

    /**
     * A change of a share.
     *
     * @param difference later less earlier
     * @param fisherP    a detail; it decides nothing
     * @param more       attempts that the later period still lacks to tell a change of 15 points
     * @param each       attempts in two new periods that would tell it, where the earlier one is too small
     */
    record ShareChange(
            int fromSuccesses,
            int fromTrials,
            int toSuccesses,
            int toTrials,
            @MayBeMissing Double difference,
            @MayBeMissing IntervalView interval,
            @MayBeMissing Double fisherP,
            Verdict verdict,
            @MayBeMissing Reason reason,
            @MayBeMissing Integer more,
            @MayBeMissing Integer each) {}

    /** A change of distances as a ratio, later over earlier: below 1 is better. */
    record DistanceChange(
            int from,
            int to,
            @MayBeMissing Double ratio,
            @MayBeMissing IntervalView interval,
            Verdict verdict,
            @MayBeMissing Reason reason,
            @MayBeMissing Integer more,
            @MayBeMissing Integer each) {}

    /**
     * All of it: potting, whole success, closeness to the target, tightness with bias set aside.
     *
     * @param success left out where something else was asked
     * @param closer  left out where there is no target, or it lay elsewhere and one of the two is not a circle
     * @param closerInRadii whether that is of distances as a share of each circle's radius, since the target lay elsewhere
     * @param changed what is different between the two set-ups
     * @param orderChanged whether the one was practised in blocks and the other in turns
     */
    record ComparisonView(
            ShareChange potting,
            @MayBeMissing ShareChange success,
            @MayBeMissing DistanceChange closer,
            boolean closerInRadii,
            DistanceChange tighter,
            Set<WhatChanged> changed,
            boolean orderChanged) {}

    static ComparisonView of(ReviewedShots from, ReviewedShots to, boolean orderChanged) {
        Set<WhatChanged> changed = WhatChanged.between(from.layout(), to.layout());
        boolean toATarget = from.layout().hasTarget() && to.layout().hasTarget();
        boolean inMillimetres = toATarget && WhatChanged.distanceComparable(changed);
        boolean inRadii = toATarget
                && !inMillimetres
                && radius(from).isPresent()
                && radius(to).isPresent();
        return new ComparisonView(
                share(from, to, shot -> true, shot -> shot.played().outcome().potted()),
                WhatChanged.successComparable(changed)
                        ? share(
                                from,
                                to,
                                shot -> shot.judgement().result() != TryResult.NOT_JUDGED,
                                shot -> shot.judgement().result() == TryResult.SUCCESS)
                        : null,
                inMillimetres
                        ? closer(from, 1, to, 1)
                        : inRadii
                                ? closer(
                                        from,
                                        radius(from).getAsDouble(),
                                        to,
                                        radius(to).getAsDouble())
                                : null,
                inRadii,
                tighter(from, to),
                changed,
                orderChanged);
    }

    private static ShareChange share(
            ReviewedShots from,
            ReviewedShots to,
            Predicate<RecordedAttempt> counts,
            Predicate<RecordedAttempt> succeeds) {
        int fromTrials = from.count(counts);
        int toTrials = to.count(counts);
        int fromMade = from.count(counts.and(succeeds));
        int toMade = to.count(counts.and(succeeds));
        ProportionChange change = ProportionChange.of(fromMade, fromTrials, toMade, toTrials, Proportion.DEFAULT_LEVEL);
        Optional<AttemptsNeeded> needed = change.verdict() == Verdict.NO_CLEAR_CHANGE_YET
                ? Optional.of(AttemptsNeeded.forShare(
                                fromMade,
                                AttemptsNeeded.WORTH_NOTICING,
                                new AttemptsNeeded.Wanted(ALPHA, POWER, fromTrials, toTrials))
                        .needed())
                : Optional.empty();
        return new ShareChange(
                fromMade,
                fromTrials,
                toMade,
                toTrials,
                change.difference().orElse(null),
                change.interval().map(IntervalView::of).orElse(null),
                change.fisherP().orElse(null),
                change.verdict(),
                change.reason().orElse(null),
                needed.map(AttemptsNeeded::more).map(Comparison::orNull).orElse(null),
                needed.map(AttemptsNeeded::each).map(Comparison::orNull).orElse(null));
    }

    /** Distances from the target, each in a unit of its own (mm). */
    private static DistanceChange closer(
            ReviewedShots from, double fromUnitMillimetres, ReviewedShots to, double toUnitMillimetres) {
        double[] a = distances(from, fromUnitMillimetres);
        double[] b = distances(to, toUnitMillimetres);
        return distance(a, b, RatioChange.radial(a, b, Proportion.DEFAULT_LEVEL));
    }

    private static double[] distances(ReviewedShots shots, double unitMillimetres) {
        return shots.landings().stream()
                .mapToDouble(place -> place.distanceMillimetres(shots.layout().target()) / unitMillimetres)
                .toArray();
    }

    private static OptionalDouble radius(ReviewedShots shots) {
        return shots.layout()
                .zone()
                .flatMap(Zone::circle)
                .map(circle -> OptionalDouble.of(circle.radiusMillimetres()))
                .orElse(OptionalDouble.empty());
    }

    private static DistanceChange tighter(ReviewedShots from, ReviewedShots to) {
        List<Point> a = from.landings();
        List<Point> b = to.landings();
        return distance(
                deviations(a),
                deviations(b),
                RatioChange.spread(
                        a, b, Proportion.DEFAULT_LEVEL, RatioChange.USUAL_PERMUTATIONS, RatioChange.USUAL_SEED));
    }

    private static double[] deviations(List<Point> landings) {
        return landings.size() < 2 ? new double[landings.size()] : RatioChange.deviations(landings);
    }

    private static DistanceChange distance(double[] a, double[] b, RatioChange change) {
        int from = a.length;
        int to = b.length;
        Optional<AttemptsNeeded> needed = Optional.of(change.verdict())
                .filter(verdict -> verdict == Verdict.NO_CLEAR_CHANGE_YET)
                .flatMap(undecided -> plannedCv(a, b))
                .map(cv -> AttemptsNeeded.forSpread(
                        WORTH_NOTICING_RATIO, cv, new AttemptsNeeded.Wanted(ALPHA, POWER, from, to)));
        return new DistanceChange(
                from,
                to,
                change.ratio().orElse(null),
                change.interval().map(IntervalView::of).orElse(null),
                change.verdict(),
                change.reason().orElse(null),
                needed.map(AttemptsNeeded::more).map(Comparison::orNull).orElse(null),
                needed.map(AttemptsNeeded::each).map(Comparison::orNull).orElse(null));
    }

    /** How much these distances really vary; with too few in the later period that of the earlier one alone. */
    private static Optional<Double> plannedCv(double[] a, double[] b) {
        return SpreadCv.of(a, b).plan().or(() -> SpreadCv.of(a, a).plan());
    }

    private static Integer orNull(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }
}
