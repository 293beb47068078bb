package amberrail.app.advice;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.AttemptBody.CallBody;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.drills.DrillLayouts;
import amberrail.core.diagnosis.StrokeModel;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.PaceScale;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The model of the stroke that an attempt was called with (answers.md, "Target and arrival"). */
@Component
class CalledStrokes {
    private static final int REMEMBERED = 1_000;
    private static final double HALF_A_PACE_STEP = 0.5;

    private final DrillLayouts layouts;
    private final Cache<Called, Optional<Recipe>> played =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    CalledStrokes(DrillLayouts layouts) {
        this.layouts = layouts;
    }

    /** All that a called stroke's recipe depends on; the call as on the original side. */
    private record Called(Shot shot, TableSpec table, double zoneScale, boolean sideAllowed, CallBody call) {}

    /**
     * Empty where no pot is asked, where no stroke does what is asked, and in a pattern after its first shot: the cue ball did not lie where
     * the stroke was worked out for.
     */
    Optional<StrokeModel> of(StudentAttempt attempt) {
        AttemptBody body = attempt.body();
        TableSpec table = attempt.session().table();
        Drill drill = attempt.drill();
        if (body.shot() > 0) {
            return Optional.empty();
        }
        ShotLayout original = layouts.drawn(drill, body.station(), body.shot(), false, table);
        if (original.potLine().isEmpty()) {
            return Optional.empty();
        }
        Optional<Recipe> usual = layouts.usual(drill, body.station(), body.shot(), table);
        CallBody call = body.call() == null ? null : onOriginal(body.call(), body.mirrored());
        boolean assumed = call == null;
        boolean asUsual = assumed
                || usual.filter(recipe -> near(recipe.stroke(), call, table)).isPresent();
        Optional<Recipe> recipe = asUsual ? usual : called(drill, body, original, table, call);
        return recipe.map(found -> StrokeModel.of(found, original, body.mirrored(), table.widthMillimetres(), assumed));
    }

    private Optional<Recipe> called(
            Drill drill, AttemptBody body, ShotLayout original, TableSpec table, CallBody call) {
        Shot shot = drill.station(body.station()).shots().get(body.shot());
        Called key = new Called(shot, table, DrillLayouts.zoneScale(drill, table), drill.sideAllowed(), call);
        return played.get(
                key,
                k -> RecipeSolver.ofStroke(
                        ShotTasks.of(
                                original, ShotTable.of(TablePlan.of(table)), TablePhysics.usual(table.kind()), drill),
                        call.paceMetresPerSecond(),
                        call.tipHeightMillimetres(),
                        call.tipSideMillimetres()));
    }

    /** Side to the right on the mirror is side to the left on the original. */
    private static CallBody onOriginal(CallBody call, boolean mirrored) {
        return new CallBody(
                call.paceMetresPerSecond(),
                call.tipHeightMillimetres(),
                mirrored ? -call.tipSideMillimetres() : call.tipSideMillimetres());
    }

    /** Within half a step: a quarter of a tip, half a pace step. */
    private static boolean near(PlannedStroke usual, CallBody call, TableSpec table) {
        double quarterTip = table.kind().tipDiameterMillimetres() / 4;
        double steps = PaceScale.pace(call.paceMetresPerSecond()) - PaceScale.pace(usual.paceMetresPerSecond());
        return Math.abs(steps) <= HALF_A_PACE_STEP
                && Math.abs(call.tipHeightMillimetres() - usual.tipHeightMillimetres()) <= quarterTip
                && Math.abs(call.tipSideMillimetres() - usual.tipSideMillimetres()) <= quarterTip;
    }
}
