package amberrail.core.diagnosis;

import static amberrail.core.diagnosis.RingShot.WIDTH_MILLIMETRES;
import static amberrail.core.diagnosis.RingShot.layout;
import static amberrail.core.diagnosis.RingShot.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.ExecutionErrors;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A simulated student is seen as a coach sees: the judge says of the record what it says of the shot. */
class SimulatedStudentTest {
    private static final double MARKED_WELL = 1e-6;

    private static final PlannedStroke STROKE = PreferredRecipe.of(RecipeSolver.solve(task(false)), Teaching.NOTHING)
            .orElseThrow()
            .stroke();

    private static Attempt played(ExecutionErrors errors, boolean mirrored, Random random) {
        return new SimulatedStudent(errors, random).play(layout(mirrored), task(mirrored), STROKE, MARKED_WELL);
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void withoutErrorsTheUsualStrokeSucceedsOnBothSides(boolean mirrored) {
        Attempt attempt = played(ExecutionErrors.NONE, mirrored, new Random(1));
        assertThat(attempt.outcome()).isEqualTo(PotOutcome.POTTED_CLEAN);
        assertThat(Judge.judge(layout(mirrored), attempt).result()).isEqualTo(TryResult.SUCCESS);
    }

    @Test
    void theMirrorsLandingIsTheOriginalsMirrorImage() {
        Point original = played(ExecutionErrors.NONE, false, new Random(1))
                .landing()
                .orElseThrow()
                .place();
        Point mirror = played(ExecutionErrors.NONE, true, new Random(1))
                .landing()
                .orElseThrow()
                .place();
        assertThat(mirror.xMillimetres()).isCloseTo(original.xMillimetres(), within(0.01));
        assertThat(mirror.yMillimetres()).isCloseTo(WIDTH_MILLIMETRES - original.yMillimetres(), within(0.01));
    }

    @Test
    void missesFallToBothSidesAndTheRecordIsJudgedAsTheShotWas() {
        ExecutionErrors wild = new ExecutionErrors(25, 0.08, 2, 1);
        Random random = new Random(5);
        int thick = 0;
        int thin = 0;
        int made = 0;
        for (int i = 0; i < 200; i++) {
            Attempt attempt = played(wild, false, random);
            thick += attempt.outcome() == PotOutcome.MISSED_THICK ? 1 : 0;
            thin += attempt.outcome() == PotOutcome.MISSED_THIN ? 1 : 0;
            made += attempt.outcome().potted() ? 1 : 0;
            boolean inTheRing = attempt.landing()
                    .filter(at -> layout(false).zone().orElseThrow().contains(at.place()))
                    .isPresent();
            TryResult expected = attempt.outcome().potted() && inTheRing ? TryResult.SUCCESS : TryResult.FAILURE;
            assertThat(Judge.judge(layout(false), attempt).result()).isEqualTo(expected);
        }
        assertThat(thick).isBetween(15, 120);
        assertThat(thin).isBetween(15, 120);
        assertThat(made).isBetween(30, 160);
    }
}
