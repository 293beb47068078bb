package amberrail.app.advice;

import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Call;
import amberrail.core.attempt.PlayedAttempt;
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
        PlayedAttempt played = attempt.played();
        TableSpec table = attempt.session().table();
        SetUp setUp = attempt.setUp().original();
        if (played.shot() > 0) {
            return Optional.empty();
        }
        ShotLayout original = setUps.drawn(setUp);
        if (original.potLine().isEmpty()) {
            return Optional.empty();
        }
        Optional<Recipe> usual = setUps.usual(setUp);
        Optional<Call> call = played.call().map(said -> played.mirrored() ? said.mirrored() : said);
        boolean assumed = call.isEmpty();
        Optional<Call> another = call.filter(said ->
                usual.filter(recipe -> near(recipe.stroke(), said, table)).isEmpty());
        Optional<Recipe> recipe = another.isEmpty()
                ? usual
                : setUps.called(
                        setUp,
                        another.get().paceMetresPerSecond(),
                        another.get().tipHeightMillimetres(),
                        another.get().tipSideMillimetres());
        return recipe.map(
                found -> StrokeModel.of(found, original, played.mirrored(), table.widthMillimetres(), assumed));
    }

    /** Within half a step: a quarter of a tip, half a pace step. */
    private static boolean near(PlannedStroke usual, Call call, TableSpec table) {
        double quarterTip = table.kind().tipDiameterMillimetres() / 4;
        double steps = PaceScale.pace(call.paceMetresPerSecond()) - PaceScale.pace(usual.paceMetresPerSecond());
        return Math.abs(steps) <= HALF_A_PACE_STEP
                && Math.abs(call.tipHeightMillimetres() - usual.tipHeightMillimetres()) <= quarterTip
                && Math.abs(call.tipSideMillimetres() - usual.tipSideMillimetres()) <= quarterTip;
    }
}
