package amberrail.app.advice;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.AttemptBody.CallBody;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.setups.SetUps;
import amberrail.core.diagnosis.StrokeModel;
import amberrail.core.drill.ShotLayout;
import amberrail.core.motion.PaceScale;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TableSpec;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The model of the stroke that an attempt was called with (answers.md, "Target and arrival"). */
@Component
class CalledStrokes {
    private static final double HALF_A_PACE_STEP = 0.5;

    private final SetUps setUps;

    CalledStrokes(SetUps setUps) {
        this.setUps = setUps;
    }

    /**
     * Empty where no pot is asked, where no stroke does what is asked, and in a pattern after its first shot: the cue ball did not lie where
     * the stroke was worked out for.
     */
    Optional<StrokeModel> of(StudentAttempt attempt) {
        AttemptBody body = attempt.body();
        TableSpec table = attempt.session().table();
        SetUp setUp = attempt.setUp().original();
        if (body.shot() > 0) {
            return Optional.empty();
        }
        ShotLayout original = setUps.drawn(setUp);
        if (original.potLine().isEmpty()) {
            return Optional.empty();
        }
        Optional<Recipe> usual = setUps.usual(setUp);
        CallBody call = body.call() == null ? null : onOriginal(body.call(), body.mirrored());
        boolean assumed = call == null;
        boolean asUsual = assumed
                || usual.filter(recipe -> near(recipe.stroke(), call, table)).isPresent();
        Optional<Recipe> recipe = asUsual
                ? usual
                : setUps.called(
                        setUp, call.paceMetresPerSecond(), call.tipHeightMillimetres(), call.tipSideMillimetres());
        return recipe.map(found -> StrokeModel.of(found, original, body.mirrored(), table.widthMillimetres(), assumed));
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
