package amberrail.app.advice;

import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Call;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.motion.PaceScale;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TableSpec;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The stroke that an attempt was called with, or the usual one (answers.md, "Target and arrival"). */
@Component
public class CalledStrokes {
    private static final double HALF_A_PACE_STEP = 0.5;

    private final SetUps setUps;

    CalledStrokes(SetUps setUps) {
        this.setUps = setUps;
    }

    /**
     * A stroke on the side that was played.
     *
     * @param assumed nobody called one: it is the usual one
     * @param asUsual it is the usual one, called or assumed
     */
    public record Stroke(SetUp setUp, PlannedStroke stroke, boolean assumed, boolean asUsual) {
        /** The same stroke with what the coach saw the cue guided by: then it strays by more. */
        private Stroke seen(PlayedAttempt played) {
            return played.bridge()
                    .map(bridge -> new Stroke(setUp.playedWith(bridge), stroke, assumed, asUsual))
                    .orElse(this);
        }

        private static Stroke of(SetUp setUp, Recipe recipe, boolean assumed, boolean asUsual) {
            PlannedStroke original = recipe.stroke();
            return new Stroke(setUp, setUp.mirrored() ? original.mirrored() : original, assumed, asUsual);
        }
    }

    /** Empty where no stroke does what is asked, and for the later shots of a pattern: each of them lies in a place of its own. */
    public Optional<Stroke> of(StudentAttempt attempt) {
        return attempt.goesOn() ? Optional.empty() : of(attempt, attempt.setUp());
    }

    /**
     * The stroke of a shot from the set-up that it was really played from; waits where that is not worked out yet.
     *
     * @return empty where no stroke does what is asked
     */
    Optional<Stroke> of(StudentAttempt attempt, SetUp setUp) {
        PlayedAttempt played = attempt.played();
        Optional<Recipe> usual = usualRecipe(attempt, setUp);
        TableSpec table = attempt.session().table();
        Optional<Call> another = played.call()
                .map(said -> played.mirrored() ? said.mirrored() : said)
                .filter(said -> usual.filter(recipe -> near(recipe.stroke(), said, table))
                        .isEmpty());
        boolean assumed = played.call().isEmpty();
        if (another.isEmpty()) {
            return usual.map(recipe -> Stroke.of(setUp, recipe, assumed, true).seen(played));
        }
        return setUps.called(
                        setUp.original(),
                        another.get().paceMetresPerSecond(),
                        another.get().tipHeightMillimetres(),
                        another.get().tipSideMillimetres())
                .map(recipe -> Stroke.of(setUp, recipe, false, false).seen(played));
    }

    /** The usual stroke of the set-up that the attempt was played from, whatever was called. */
    Optional<Stroke> usual(StudentAttempt attempt, SetUp setUp) {
        return usualRecipe(attempt, setUp)
                .map(recipe -> Stroke.of(setUp, recipe, false, true).seen(attempt.played()));
    }

    /** A pattern's later shot is played once from its place, which is not kept; a planned one is. */
    private Optional<Recipe> usualRecipe(StudentAttempt attempt, SetUp setUp) {
        return attempt.goesOn() ? setUps.passingUsual(setUp) : setUps.usual(setUp.original());
    }

    /** Within half a step: a quarter of a tip, half a pace step. */
    static boolean near(PlannedStroke usual, Call call, TableSpec table) {
        double quarterTip = table.kind().tipDiameterMillimetres() / 4;
        double steps = PaceScale.pace(call.paceMetresPerSecond()) - PaceScale.pace(usual.paceMetresPerSecond());
        return Math.abs(steps) <= HALF_A_PACE_STEP
                && Math.abs(call.tipHeightMillimetres() - usual.tipHeightMillimetres()) <= quarterTip
                && Math.abs(call.tipSideMillimetres() - usual.tipSideMillimetres()) <= quarterTip;
    }
}
