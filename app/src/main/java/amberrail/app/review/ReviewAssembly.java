package amberrail.app.review;

import amberrail.app.attempts.AttemptView;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.review.Figures.DispersionView;
import amberrail.app.review.Figures.ShareView;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.PottingResult;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.ZoneShare;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** A review of the attempts shown: what was counted, where they landed, with what they say. */
final class ReviewAssembly {
    private ReviewAssembly() {}

    static ReviewView of(
            ReviewService.About about,
            String drillId,
            TableDrawing table,
            List<ReviewView.GroupView> groups,
            ReviewView.GroupView chosen,
            ShotLayout layout,
            ShotView shot,
            List<RecordedAttempt> shown,
            ReviewView.ExploredView explored,
            Findings.FindingsView findings) {
        List<PottingResult> results =
                shown.stream().map(a -> a.played().seen().result()).toList();
        List<PottingResult> made =
                results.stream().filter(r -> r.pot() == PottingResult.Pot.MADE).toList();
        List<RecordedAttempt> landed = shown.stream()
                .filter(a -> a.played().outcome().pot() == PottingResult.Pot.MADE)
                .filter(a -> a.landingAlong(layout).isPresent())
                .toList();
        List<Point> landings =
                landed.stream().flatMap(a -> a.landing().stream()).toList();
        List<Point> alongOneLine =
                landed.stream().flatMap(a -> a.landingAlong(layout).stream()).toList();
        int madeInOffs = count(made, PottingResult::inOff);
        int successes = count(shown, a -> a.judgement().result() == TryResult.SUCCESS);
        int judged = count(shown, a -> a.judgement().result() != TryResult.NOT_JUDGED);
        return new ReviewView(
                about.session(),
                about.selection(),
                about.student(),
                drillId,
                table,
                groups,
                chosen.station(),
                chosen.stationName(),
                chosen.mirrored(),
                chosen.shot(),
                chosen.shots(),
                shot,
                shown.stream().map(ReviewView.ReviewMarkView::of).toList(),
                shown.stream()
                        .skip(Math.max(0, shown.size() - ReviewView.MOST_WHOLE))
                        .map(AttemptView::of)
                        .toList(),
                outcomes(shown),
                count(results, PottingResult::inOff),
                count(results, PottingResult::foul),
                count(results, r -> r.landing().isEmpty() && !r.inOff()),
                count(
                        results,
                        r -> r.pot() != PottingResult.Pot.MADE && r.landing().isPresent()),
                ShareView.of(Proportion.of(made.size(), results.size())),
                layout.zone()
                        .map(zone -> ShareView.of(ZoneShare.of(zone, landings, madeInOffs, Proportion.DEFAULT_LEVEL)
                                .share()))
                        .orElse(null),
                explored == null ? ShareView.of(Proportion.of(successes, judged)) : null,
                DispersionView.of(layout, dispersion(layout, alongOneLine), dispersion(layout, landings)),
                explored,
                findings);
    }

    private static Dispersion dispersion(ShotLayout layout, List<Point> places) {
        return Dispersion.of(layout.target(), layout.arrival(), places, Proportion.DEFAULT_LEVEL);
    }

    private static Map<PotOutcome, Integer> outcomes(List<RecordedAttempt> shown) {
        Map<PotOutcome, Integer> counted = new EnumMap<>(PotOutcome.class);
        shown.forEach(a -> counted.merge(a.played().outcome(), 1, Integer::sum));
        return counted;
    }

    private static <T> int count(List<T> items, Predicate<T> test) {
        return (int) items.stream().filter(test).count();
    }
}
