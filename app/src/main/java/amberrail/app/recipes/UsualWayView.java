package amberrail.app.recipes;

import amberrail.app.shots.RecipeAnswers.StrokeView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.recipe.AllowedErrors;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.Way;
import amberrail.core.table.Cushion;
import java.util.List;

/** The usual way to play a shot; missing where no stroke does what is asked. */
record UsualWayView(@MayBeMissing UsualWay usual) {

    /**
     * On the side that was asked for.
     *
     * @param share of strokes that succeed, for the reference student
     */
    record UsualWay(Way way, List<Cushion> cushions, StrokeView stroke, double share, AllowedErrors.Fault firstFault) {
        static UsualWay of(Recipe recipe, boolean mirrored) {
            PlannedStroke stroke = recipe.stroke();
            return new UsualWay(
                    recipe.way(),
                    mirrored ? recipe.cushions().stream().map(Cushion::mirrored).toList() : recipe.cushions(),
                    StrokeView.of(mirrored ? stroke.mirrored() : stroke),
                    recipe.success().probability(),
                    mirrored ? recipe.firstFault().mirrored() : recipe.firstFault());
        }
    }
}
