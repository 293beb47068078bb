package amberrail.app.recipes;

import amberrail.app.kit.PointView;
import amberrail.app.shots.RecipeAnswers.RoomView;
import amberrail.app.shots.RecipeAnswers.StrokeView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Judgement;
import amberrail.core.recipe.AllowedErrors;
import amberrail.core.recipe.Preference;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.Way;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.List;

/**
 * The ways to play one shot, best first for whoever it was asked for.
 *
 * @param preference  missing where nothing does it
 * @param nearest     where nothing does it but the ball can be potted: the stroke that comes nearest
 * @param openPockets where nothing does it: the pockets in which the ball can be potted from here
 */
record BoardView(
        List<PlayedWayView> ways,
        @MayBeMissing PreferenceView preference,
        @MayBeMissing NearestView nearest,
        List<PocketName> openPockets) {

    /** A stroke that pots; the cue ball rests this far from the target's centre, and these demands are not met. */
    record NearestView(StrokeView stroke, double missMillimetres, ShotPathView path, List<Judgement.Fault> faults) {}

    /**
     * One way.
     *
     * @param chance                        for the ability asked for
     * @param driftAtContactMillimetres     how far aside the cue ball is when it meets its first ball, for a slope of 1 mm in a metre across the table
     */
    record PlayedWayView(
            Way way,
            List<Cushion> cushions,
            StrokeView stroke,
            SuccessView chance,
            RoomView allowedPacePercent,
            RoomView allowedTipHeightMillimetres,
            RoomView allowedAimMilliradians,
            AllowedErrors.Fault firstFault,
            Recipe.Consequence consequence,
            PointView landing,
            double driftAtContactMillimetres,
            boolean preferred,
            ShotPathView path) {}

    /** Why the preferred one is preferred: against which other (index), by how many points. */
    record PreferenceView(
            Preference.Reason reason, @MayBeMissing Integer other, double points) {}
}
