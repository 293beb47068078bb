package amberrail.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Point;
import amberrail.core.grading.ShotTasks;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A simulated student is seen as a coach sees: the judge says of the record what it says of the shot. */
class SimulatedStudentTest {
    private static final TablePlan TABLE = TablePlan.of(TablePresets.POOL_9FT);
    private static final double WIDTH = TABLE.spec().widthMillimetres();
    private static final double MARKED_WELL = 1e-6;
    private static final Shot SHOT = new Shot(
            List.of(
                    new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(4, 2.6)),
                    new BallPlacement("cue", BallPlacement.Role.CUE, new Position.ForPot("1", PocketName.N, 30, 300))),
            List.of(
                    Demand.PotBall.of("1", PocketName.N),
                    new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(5.5, 3.2), 200))),
            ArrivalLine.NATURAL_ROLL);

    private static ShotLayout layout(boolean mirrored) {
        return ShotLayout.of(SHOT, TABLE, TABLE.spec().balls(), mirrored);
    }

    private static ShotTask task(boolean mirrored) {
        return ShotTasks.of(layout(mirrored), ShotTable.of(TABLE), TablePhysics.usual(TableKind.POOL), false);
    }

    private static final PlannedStroke STROKE =
            PreferredRecipe.of(RecipeSolver.solve(task(false))).orElseThrow().stroke();

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
        assertThat(mirror.yMillimetres()).isCloseTo(WIDTH - original.yMillimetres(), within(0.01));
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
