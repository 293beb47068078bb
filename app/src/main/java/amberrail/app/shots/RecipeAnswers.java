package amberrail.app.shots;

import amberrail.app.kit.PointView;
import amberrail.app.shots.ShotAnswers.AimView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.recipe.AimInterval;
import amberrail.core.recipe.AllowedErrors;
import amberrail.core.recipe.LandingJacobian;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.Way;
import amberrail.core.table.Cushion;
import java.util.List;
import java.util.Optional;

/** Recipes as the API tells them (mm, degrees, m/s, per cent, mrad). */
public final class RecipeAnswers {
    private RecipeAnswers() {}

    /** A stroke to play. */
    public record StrokeView(
            double paceMetresPerSecond,
            double tipHeightMillimetres,
            double tipSideMillimetres,
            double elevationDegrees,
            double launchDegrees) {
        public static StrokeView of(PlannedStroke stroke) {
            return new StrokeView(
                    stroke.paceMetresPerSecond(),
                    stroke.tipHeightMillimetres(),
                    stroke.tipSideMillimetres(),
                    stroke.elevationDegrees(),
                    stroke.launchDegrees());
        }
    }

    /** How far one thing may be off below and above. */
    public record RoomView(double below, double above) {
        public static RoomView of(AllowedErrors.Room room) {
            return new RoomView(room.below(), room.above());
        }
    }

    /** How the landing moves for one unit: left of the way of travel, and along it. */
    record EffectView(double lineMillimetres, double speedMillimetres) {
        static EffectView of(LandingJacobian.Effect effect) {
            return new EffectView(effect.lineMillimetres(), effect.speedMillimetres());
        }
    }

    /**
     * One way to play it.
     *
     * @param perPacePercent          effect of 1 % of pace
     * @param perTipMillimetre        of 1 mm of tip height
     * @param perAimMilliradian       of 1 mrad of aim, counter-clockwise
     */
    record RecipeView(
            Way way,
            List<Cushion> cushions,
            StrokeView stroke,
            AimView aim,
            PointView landing,
            double arrivalDegrees,
            EffectView perPacePercent,
            EffectView perTipMillimetre,
            EffectView perAimMilliradian,
            RoomView allowedPacePercent,
            RoomView allowedTipHeightMillimetres,
            RoomView allowedAimMilliradians,
            AllowedErrors.Fault firstFault,
            Recipe.Consequence consequence,
            SuccessView success,
            boolean usual) {
        static RecipeView of(Recipe recipe, boolean usual) {
            AimInterval aim = recipe.aim();
            return new RecipeView(
                    recipe.way(),
                    recipe.cushions(),
                    StrokeView.of(recipe.stroke()),
                    AimView.of(aim),
                    PointView.of(recipe.landing()),
                    recipe.arrivalDegrees(),
                    EffectView.of(recipe.jacobian().pace()),
                    EffectView.of(recipe.jacobian().tipHeight()),
                    EffectView.of(recipe.jacobian().aim()),
                    RoomView.of(recipe.allowed().pacePercent()),
                    RoomView.of(recipe.allowed().tipHeightMillimetres()),
                    RoomView.of(recipe.allowed().aimMilliradians()),
                    recipe.firstFault(),
                    recipe.consequence(),
                    SuccessView.of(recipe.success()),
                    usual);
        }
    }

    /** Best first for the reference student; {@code noRecipe} says so where there is none. */
    record RecipesView(
            List<RecipeView> recipes, @MayBeMissing String noRecipe) {
        static RecipesView of(List<Recipe> recipes, Optional<Recipe> usual) {
            return new RecipesView(
                    recipes.stream()
                            .map(recipe -> RecipeView.of(
                                    recipe, usual.filter(u -> u == recipe).isPresent()))
                            .toList(),
                    recipes.isEmpty() ? "No stroke that a person can play does this from here." : null);
        }
    }
}
