package amberrail.app.review;

import amberrail.app.attempts.AttemptView;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.review.Figures.DispersionView;
import amberrail.app.review.Figures.ShareView;
import amberrail.app.sessions.SessionView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Explore;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.setup.ExploreMap;
import amberrail.core.setup.SetUp;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * The review of one student's turns at one drill of a session or a selection, at one station, side and shot.
 *
 * @param session     the one session that is looked at; else {@code selection} says what is
 * @param groups      every station, side and shot that has attempts, and how many
 * @param shotIndex   which of the station's shots, from 0
 * @param attempts    all that are shown, in their order; no more of each than the map draws, since there may be thousands
 * @param newest      the last of them whole, at most {@link #MOST_WHOLE}
 * @param outcomes    attempts by outcome
 * @param inZone      landings of made pots inside the zone, in-offs counted as outside; left out where no zone is asked
 * @param successes   whole successes as the judge saw them; left out where nothing passes or fails
 * @param explored    of an explore drill: what is changed on purpose, and where the engine's cue ball ends meanwhile
 */
public record ReviewView(
        @MayBeMissing SessionView session,
        @MayBeMissing SelectionView selection,
        UUID studentId,
        String drillId,
        TableDrawing table,
        List<GroupView> groups,
        int station,
        String stationName,
        boolean mirrored,
        int shotIndex,
        int shots,
        ShotView shot,
        List<ReviewMarkView> attempts,
        List<AttemptView> newest,
        Map<PotOutcome, Integer> outcomes,
        int inOffs,
        int fouls,
        int landingsNotSeen,
        int missedWithLanding,
        ShareView potted,
        @MayBeMissing ShareView inZone,
        @MayBeMissing ShareView successes,
        DispersionView dispersion,
        @MayBeMissing ExploredView explored,
        Findings.FindingsView findings) {

    /** Rows that anybody reads; whole attempts are fifteen times the size of a mark. */
    static final int MOST_WHOLE = 200;

    private static final double HUNDREDTHS = 100;

    /** An attempt on the map, to a hundredth of a millimetre; {@code landing} is left out where none was seen. */
    public record ReviewMarkView(
            UUID id,
            PotOutcome outcome,
            boolean foul,
            @MayBeMissing PointView landing) {
        static ReviewMarkView of(RecordedAttempt one) {
            return new ReviewMarkView(
                    one.id(),
                    one.played().outcome(),
                    one.played().seen().foul(),
                    one.landing().map(ReviewMarkView::drawn).orElse(null));
        }

        /** Nobody can see more, and thousands of long figures are most of the answer. */
        private static PointView drawn(Point place) {
            return new PointView(hundredths(place.xMillimetres()), hundredths(place.yMillimetres()));
        }

        private static double hundredths(double millimetres) {
            return Math.rint(millimetres * HUNDREDTHS) / HUNDREDTHS;
        }
    }

    /**
     * Attempts of several sessions in place of one.
     *
     * @param from      first day, to the last (UTC)
     * @param sessions  that they are of
     * @param leftOut   sessions of these days in which the drill was another version or lay on another table: not to be thrown together
     */
    public record SelectionView(
            String studentName,
            String drillTitle,
            String tableName,
            @MayBeMissing LocalDate from,
            @MayBeMissing LocalDate to,
            List<UUID> sessions,
            int leftOut) {}

    /**
     * An explore drill's one thing, and the engine's strokes in its order; the drill's usual stroke stays in everything else.
     *
     * @param steps empty where no stroke pockets the ball
     */
    public record ExploredView(Explore changed, List<ExploredStepView> steps) {
        static ExploredView of(Explore changed, List<ExploreMap.Step> steps, SetUp setUp) {
            return new ExploredView(
                    changed,
                    steps.stream().map(step -> ExploredStepView.of(step, setUp)).toList());
        }
    }

    /** A stroke without errors; {@code restsAt} is left out where its cue ball drops. */
    public record ExploredStepView(
            double paceMetresPerSecond,
            double tipHeightMillimetres,
            double tipSideMillimetres,
            @MayBeMissing PointView restsAt) {
        private static ExploredStepView of(ExploreMap.Step step, SetUp setUp) {
            PlannedStroke stroke = setUp.mirrored() ? step.stroke().mirrored() : step.stroke();
            return new ExploredStepView(
                    stroke.paceMetresPerSecond(),
                    stroke.tipHeightMillimetres(),
                    stroke.tipSideMillimetres(),
                    step.rests()
                            .map(place -> PointView.of(setUp.onThisSide(place)))
                            .orElse(null));
        }
    }

    /** A station, side and shot that can be looked at; {@code shots} is more than 1 in a pattern. */
    public record GroupView(int station, String stationName, boolean mirrored, int shot, int shots, int attempts) {}
}
