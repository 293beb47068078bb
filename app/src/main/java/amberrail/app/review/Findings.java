package amberrail.app.review;

import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.review.Figures.DispersionView;
import amberrail.app.review.Figures.IntervalView;
import amberrail.app.review.Figures.ShareView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.diagnosis.Cause;
import amberrail.core.diagnosis.OneChange;
import amberrail.core.diagnosis.StrokeExpectation;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.BiasAgainst;
import amberrail.core.statistics.Covariance;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.MirrorComparison;
import amberrail.core.statistics.PottingResult;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.Streaks;
import amberrail.core.statistics.UnlikelyLandings;
import amberrail.core.statistics.WildShots;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** What the attempts of one station, side and shot say besides the first figures. */
public final class Findings {
    private Findings() {}

    /** Landings of made pots by something they share: how the ball went in, what was called, what was noticed. */
    public record GroupFigures(String name, ShareView successes, DispersionView dispersion) {}

    /**
     * Original against mirror.
     *
     * @param common   the same in both, left of travel positive (mm)
     * @param mirrored turned round by the mirror
     */
    public record MirrorView(
            MirrorComparison.Finding finding,
            @MayBeMissing Double common,
            @MayBeMissing IntervalView commonInterval,
            @MayBeMissing Double mirrored,
            @MayBeMissing IntervalView mirroredInterval,
            @MayBeMissing Reason reason) {}

    /**
     * The mean of clean pots against the stroke's own, line left and speed long positive (mm).
     *
     * @param real whether a bias is spoken of at all
     */
    public record AgainstStrokeView(
            int n,
            @MayBeMissing Double line,
            @MayBeMissing IntervalView lineInterval,
            @MayBeMissing Double speed,
            @MayBeMissing IntervalView speedInterval,
            @MayBeMissing Double p,
            boolean real,
            @MayBeMissing Reason reason) {
        static AgainstStrokeView of(BiasAgainst bias) {
            return new AgainstStrokeView(
                    bias.n(),
                    bias.fit().map(BiasAgainst.Fit::biasLineMillimetres).orElse(null),
                    bias.fit()
                            .map(fit -> IntervalView.of(fit.biasLineInterval()))
                            .orElse(null),
                    bias.fit().map(BiasAgainst.Fit::biasSpeedMillimetres).orElse(null),
                    bias.fit()
                            .map(fit -> IntervalView.of(fit.biasSpeedInterval()))
                            .orElse(null),
                    bias.fit().map(BiasAgainst.Fit::p).orElse(null),
                    bias.real(),
                    bias.reason().orElse(null));
        }
    }

    /**
     * One side of a station's shot.
     *
     * @param expected where its usual stroke lands in this student's hands; empty where nothing is known of that, and then no bias is spoken of
     * @param unlikely which of its clean landings lie so far off that the record may be wrong; empty where nothing is known of it
     * @param clean    potted clean with the usual stroke: landings off a jaw follow another law
     */
    record Side(
            ShotLayout layout,
            List<RecordedAttempt> attempts,
            Optional<StrokeExpectation> expected,
            Optional<UnlikelyLandings> unlikely,
            List<RecordedAttempt> clean) {
        /** @param isUsual whether an attempt was meant to be that stroke */
        static Side of(
                ShotLayout layout,
                List<RecordedAttempt> attempts,
                Optional<StrokeExpectation> expected,
                Optional<UnlikelyLandings> unlikely,
                Predicate<RecordedAttempt> isUsual) {
            List<RecordedAttempt> clean = attempts.stream()
                    .filter(one -> one.played().outcome() == PotOutcome.POTTED_CLEAN
                            && !one.played().seen().foul()
                            && isUsual.test(one))
                    .toList();
            return new Side(layout, attempts, expected, unlikely, clean);
        }

        private List<ArrivalError> cleanErrors() {
            return clean.stream().flatMap(one -> one.arrivalError().stream()).toList();
        }

        private ArrivalError expectedError() {
            return expected.orElseThrow().against(layout.target(), layout.arrival());
        }

        private Covariance expectedCovariance() {
            return expected.orElseThrow().lineAndSpeed(layout.arrival());
        }
    }

    private static AgainstStrokeView against(Side here) {
        return AgainstStrokeView.of(BiasAgainst.of(
                here.cleanErrors(),
                here.expectedError().lineMillimetres(),
                here.expectedError().speedMillimetres(),
                here.expectedCovariance(),
                Proportion.DEFAULT_LEVEL));
    }

    /**
     * What one change would help most: shares of strokes that go in cleanly and rest where asked, by simulation at the student's own sizes.
     *
     * @param cause of the errors that are halved
     * @param gain  the 95 % interval of what that adds to the share
     */
    public record ChangeView(Cause cause, double now, double then, IntervalView gain) {
        static ChangeView of(OneChange change) {
            return new ChangeView(change.cause(), change.now(), change.then(), IntervalView.of(change.gain()));
        }
    }

    /** Runs; {@code luck} is the chance that luck alone makes as long a run of makes. */
    public record StreakView(int current, boolean currentIsMade, int longestMade, double luck) {}

    /**
     * All of it.
     *
     * @param thickOfMisses thick misses of those that were thick or thin
     * @param lineRight     landings of made pots within the ring's radius of the line of arrival
     * @param speedRight    landings within it along the way
     * @param oneOfTheTwo   landings outside the ring with line or speed right
     * @param against       clean pots of the usual stroke against where that lands in this student's hands without any bias
     * @param askAbout      attempts that lie so far off that the record may be wrong, or the shot a wild one
     */
    public record FindingsView(
            ShareView thickOfMisses,
            @MayBeMissing ShareView lineRight,
            @MayBeMissing ShareView speedRight,
            @MayBeMissing ShareView oneOfTheTwo,
            List<GroupFigures> byPot,
            List<GroupFigures> byCall,
            List<GroupFigures> byObservation,
            @MayBeMissing AgainstStrokeView against,
            @MayBeMissing MirrorView mirror,
            @MayBeMissing ChangeView helpsMost,
            @MayBeMissing StreakView streaks,
            List<UUID> askAbout) {}

    /**
     * Of one side, with the other to compare it to.
     *
     * @param helpsMost what one change would help the usual stroke most in this student's hands; empty where none stands out
     */
    static FindingsView of(Side here, Side there, Optional<OneChange> helpsMost) {
        ShotLayout layout = here.layout();
        List<RecordedAttempt> shown = here.attempts();
        List<RecordedAttempt> landed = landed(layout, shown);
        int thick = count(shown, PottingResult.Pot.THICK);
        int thin = count(shown, PottingResult.Pot.THIN);
        Optional<Double> radius = layout.zone().flatMap(Zone::circle).map(Circle::radiusMillimetres);
        return new FindingsView(
                ShareView.of(Proportion.of(thick, thick + thin)),
                radius.map(r -> within(landed, error -> Math.abs(error.lineMillimetres()), r))
                        .orElse(null),
                radius.map(r -> within(landed, error -> Math.abs(error.speedMillimetres()), r))
                        .orElse(null),
                radius.map(r -> oneOfTheTwo(landed, r)).orElse(null),
                grouped(layout, shown, a -> List.of(howItWentIn(a.played().outcome()))),
                grouped(layout, shown, a -> called(a.played())),
                grouped(layout, shown, a -> a.played().observations()),
                layout.hasTarget() && here.expected().isPresent() ? against(here) : null,
                there.attempts().isEmpty()
                                || !layout.hasTarget()
                                || here.expected().isEmpty()
                                || there.expected().isEmpty()
                        ? null
                        : mirror(here, there),
                helpsMost.map(ChangeView::of).orElse(null),
                streaks(shown),
                askAbout(here, landed));
    }

    private static List<RecordedAttempt> landed(ShotLayout layout, List<RecordedAttempt> attempts) {
        return attempts.stream()
                .filter(a -> a.played().outcome().pot() == PottingResult.Pot.MADE
                        && a.landingAlong(layout).isPresent())
                .toList();
    }

    private static int count(List<RecordedAttempt> attempts, PottingResult.Pot pot) {
        return (int)
                attempts.stream().filter(a -> a.played().outcome().pot() == pot).count();
    }

    private static List<Point> places(ShotLayout layout, List<RecordedAttempt> landed) {
        return landed.stream().map(a -> a.landingAlong(layout).orElseThrow()).toList();
    }

    /** Its own; only asked where there is a target. */
    private static ArrivalError error(RecordedAttempt attempt) {
        return attempt.arrivalError().orElseThrow();
    }

    private static ShareView within(List<RecordedAttempt> landed, ToDoubleFunction<ArrivalError> size, double radius) {
        int right = (int) landed.stream()
                .filter(a -> size.applyAsDouble(error(a)) <= radius)
                .count();
        return ShareView.of(Proportion.of(right, landed.size()));
    }

    /** A shot with one of the two right is worth noticing. */
    private static ShareView oneOfTheTwo(List<RecordedAttempt> landed, double radius) {
        int right = (int) landed.stream()
                .map(a -> error(a))
                .filter(error -> error.radialMillimetres() > radius
                        && Math.min(Math.abs(error.lineMillimetres()), Math.abs(error.speedMillimetres())) <= radius)
                .count();
        return ShareView.of(Proportion.of(right, landed.size()));
    }

    static String howItWentIn(PotOutcome outcome) {
        return outcome.potted() ? outcome.name() : "MISSED";
    }

    /** Pace to a tenth of a m/s and tip to half a mm, so that calls meant alike lie together. */
    static List<String> called(PlayedAttempt played) {
        return played
                .call()
                .map(call -> String.format(
                        Locale.ROOT,
                        "%.1f %.1f %.1f",
                        call.paceMetresPerSecond(),
                        call.tipHeightMillimetres(),
                        call.tipSideMillimetres()))
                .stream()
                .toList();
    }

    private static List<GroupFigures> grouped(
            ShotLayout layout, List<RecordedAttempt> shown, Function<RecordedAttempt, List<String>> names) {
        Map<String, List<RecordedAttempt>> groups = new LinkedHashMap<>();
        for (RecordedAttempt attempt : shown) {
            for (String name : names.apply(attempt)) {
                groups.computeIfAbsent(name, k -> new ArrayList<>()).add(attempt);
            }
        }
        return groups.entrySet().stream()
                .map(group -> new GroupFigures(
                        group.getKey(), successes(group.getValue()), dispersion(layout, landedOrMissed(layout, group))))
                .toList();
    }

    /** Missed pots are another population: they are described among themselves only. */
    private static List<RecordedAttempt> landedOrMissed(
            ShotLayout layout, Map.Entry<String, List<RecordedAttempt>> group) {
        return group.getKey().equals("MISSED")
                ? group.getValue().stream()
                        .filter(a -> a.landingAlong(layout).isPresent())
                        .toList()
                : landed(layout, group.getValue());
    }

    private static ShareView successes(List<RecordedAttempt> attempts) {
        int made = 0;
        int judged = 0;
        for (RecordedAttempt attempt : attempts) {
            made += attempt.judgement().result() == TryResult.SUCCESS ? 1 : 0;
            judged += attempt.judgement().result() != TryResult.NOT_JUDGED ? 1 : 0;
        }
        return ShareView.of(Proportion.of(made, judged));
    }

    private static DispersionView dispersion(ShotLayout layout, List<RecordedAttempt> landed) {
        Dispersion spread =
                Dispersion.of(layout.target(), layout.arrival(), places(layout, landed), Proportion.DEFAULT_LEVEL);
        return DispersionView.of(layout, spread, spread);
    }

    private static MirrorView mirror(Side here, Side there) {
        Side original = here.layout().mirrored() ? there : here;
        Side mirror = here.layout().mirrored() ? here : there;
        MirrorComparison compared = MirrorComparison.of(
                lines(original),
                lines(mirror),
                new MirrorComparison.Expected(
                        original.expectedError().lineMillimetres(),
                        mirror.expectedError().lineMillimetres(),
                        original.expectedCovariance().first(),
                        mirror.expectedCovariance().first()),
                Proportion.DEFAULT_LEVEL);
        return new MirrorView(
                compared.finding(),
                compared.common().orElse(null),
                compared.commonInterval().map(IntervalView::of).orElse(null),
                compared.mirrored().orElse(null),
                compared.mirroredInterval().map(IntervalView::of).orElse(null),
                compared.reason().orElse(null));
    }

    private static double[] lines(Side side) {
        return side.cleanErrors().stream()
                .mapToDouble(ArrivalError::lineMillimetres)
                .toArray();
    }

    private static StreakView streaks(List<RecordedAttempt> shown) {
        Streaks streaks = Streaks.of(shown.stream()
                .filter(a -> a.judgement().result() != TryResult.NOT_JUDGED)
                .map(a -> a.judgement().result() == TryResult.SUCCESS)
                .toList());
        return streaks.currentIsMade()
                .map(made -> new StreakView(
                        streaks.current(),
                        made,
                        streaks.longestMade(),
                        streaks.pLongestMade().orElse(1.0)))
                .orElse(null);
    }

    /** Against where the stroke lands in simulation; where that is not known, against the landings' own middle. */
    private static List<UUID> askAbout(Side here, List<RecordedAttempt> landed) {
        if (here.unlikely().isEmpty()) {
            return ids(
                    landed,
                    WildShots.of(here.layout().arrival(), places(here.layout(), landed))
                            .flagged());
        }
        List<RecordedAttempt> clean =
                here.clean().stream().filter(one -> one.landing().isPresent()).toList();
        return ids(
                clean,
                here.unlikely()
                        .get()
                        .flagged(
                                clean.stream()
                                        .map(one -> one.landing().orElseThrow())
                                        .toList(),
                                clean.stream().map(Findings::placingSd).toList()));
    }

    private static double placingSd(RecordedAttempt one) {
        return one.played().seen().landing().orElseThrow().placingSdMillimetres();
    }

    private static List<UUID> ids(List<RecordedAttempt> attempts, List<Integer> flagged) {
        return flagged.stream().map(index -> attempts.get(index).id()).toList();
    }
}
