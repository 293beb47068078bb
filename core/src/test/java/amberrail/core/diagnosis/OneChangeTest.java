package amberrail.core.diagnosis;

import static amberrail.core.diagnosis.RingShot.layout;
import static amberrail.core.diagnosis.RingShot.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Zone;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.StrokeShape;
import amberrail.core.statistics.StrokeTable;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is promised of half an error is what the engine then plays; and nothing is promised where nothing stands out. */
class OneChangeTest {
    private static final Band BAND = Band.SLATE;
    private static final PlannedStroke STROKE = PreferredRecipe.of(RecipeSolver.solve(task(false)), Teaching.NOTHING)
            .orElseThrow()
            .stroke();
    private static final StrokeTable TABLE =
            StrokeTables.of(layout(false), task(false), STROKE, OwnErrors.ofBand(BAND));
    private static final Zone RING = layout(false).zone().orElseThrow();
    private static final int PLAYED = 3_000;

    /** Sizes over the band's. */
    private static ExecutionErrors errors(double aim, double pace, double height) {
        ExecutionErrors band = OwnErrors.ofBand(BAND);
        return new ExecutionErrors(
                aim * band.aimMilliradians(),
                pace * band.paceFraction(),
                height * band.tipHeightMillimetres(),
                height * band.tipSideMillimetres());
    }

    private static OwnErrors own(ExecutionErrors errors, boolean told, double apart) {
        List<OwnErrors.Size> sizes = Arrays.stream(Cause.values())
                .map(cause -> new OwnErrors.Size(
                        cause, told, cause.of(errors), cause.of(errors) / apart, cause.of(errors) * apart))
                .toList();
        return new OwnErrors(errors, StrokeShape.NORMAL, sizes, List.of(), 300);
    }

    private static Optional<OneChange> change(OwnErrors own) {
        return OneChange.of(TABLE, own, BAND, RING::contains);
    }

    private static double played(ExecutionErrors errors, int seed) {
        SimulatedStudent student = new SimulatedStudent(errors, new Random(seed));
        int inside = 0;
        for (int i = 0; i < PLAYED; i++) {
            var one = student.play(layout(false), task(false), STROKE, 1e-6);
            inside += one.outcome() == PotOutcome.POTTED_CLEAN
                            && !one.inOff()
                            && one.landing()
                                    .filter(at -> RING.contains(at.place()))
                                    .isPresent()
                    ? 1
                    : 0;
        }
        return (double) inside / PLAYED;
    }

    @Test
    void theLargeErrorIsNamedAndItsHalvingPlaysAsPromised() {
        OneChange found = change(own(errors(0.7, 3, 0.7), true, 1.2)).orElseThrow();
        assertThat(found.cause()).isEqualTo(Cause.PACE);
        assertThat(found.now()).isCloseTo(played(errors(0.7, 3, 0.7), 11), within(0.05));
        assertThat(found.then()).isCloseTo(played(errors(0.7, 1.5, 0.7), 12), within(0.05));
        assertThat(found.gain().lower()).isPositive().isLessThan(found.then() - found.now());
        assertThat(found.gain().upper()).isGreaterThan(found.then() - found.now());
    }

    @Test
    void lessSureSizesPromiseLessSurely() {
        ExecutionErrors errors = errors(0.7, 3, 0.7);
        OneChange sure = change(own(errors, true, 1.05)).orElseThrow();
        OneChange lessSure = change(own(errors, true, 1.3)).orElseThrow();
        assertThat(lessSure.gain().upper() - lessSure.gain().lower())
                .isGreaterThan(sure.gain().upper() - sure.gain().lower());
    }

    @Test
    void nothingIsSaidOfSizesThatAreNotTheStudentsOwn() {
        assertThat(change(own(errors(0.7, 3, 0.7), false, 1))).isEmpty();
    }

    @Test
    void nothingIsSaidWhereLittleWouldBeWon() {
        assertThat(OneChange.of(TABLE, own(errors(0.6, 0.6, 0.6), true, 1.2), BAND, at -> true))
                .as("wherever it stops")
                .isEmpty();
        assertThat(OneChange.of(TABLE, own(errors(1, 1, 1), true, 1.2), BAND, at -> false))
                .isEmpty();
    }

    @Test
    void nothingStandsOutOfSizesThatAreHardlyKnown() {
        assertThat(change(own(errors(1, 1.2, 1), true, 3))).isEmpty();
    }
}
