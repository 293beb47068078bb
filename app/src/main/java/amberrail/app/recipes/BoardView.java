package amberrail.app.recipes;

import amberrail.app.kit.PointView;
import amberrail.app.shots.RecipeAnswers.RoomView;
import amberrail.app.shots.RecipeAnswers.StrokeView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.recipe.AllowedErrors;
import amberrail.core.recipe.Preference;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.Way;
import amberrail.core.table.Cushion;
import java.util.List;

/**
 * The ways to play one shot, best first for whoever it was asked for.
 *
 * @param tipDiameterMillimetres   one tip, to read heights in
 * @param mostTipOffsetMillimetres where the tip slips off, to read per cent of
 * @param preference             missing where nothing does it
 */
record BoardView(
        List<PlayedWayView> ways,
        double tipDiameterMillimetres,
        double mostTipOffsetMillimetres,
        @MayBeMissing PreferenceView preference) {

    /**
     * One way.
     *
     * @param tableLengths                  its pace as the total travel of a ball along the table
     * @param chance                        for the ability asked for
     * @param driftAtContactMillimetres     how far aside the cue ball is when it meets its first ball, for a slope of 1 mm in a metre across the table
     */
    record PlayedWayView(
            Way way,
            List<Cushion> cushions,
            StrokeView stroke,
            double tableLengths,
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
