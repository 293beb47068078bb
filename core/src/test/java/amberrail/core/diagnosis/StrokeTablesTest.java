package amberrail.core.diagnosis;

import static amberrail.core.diagnosis.RingShot.layout;
import static amberrail.core.diagnosis.RingShot.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.motion.Bridge;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.Covariance;
import amberrail.core.statistics.StrokeMean;
import amberrail.core.statistics.StrokeShape;
import amberrail.core.statistics.StrokeTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One table, read at other sizes, says what the engine does at those sizes. */
class StrokeTablesTest {
    private static final PlannedStroke STROKE = PreferredRecipe.of(RecipeSolver.solve(task(false)), Teaching.NOTHING)
            .orElseThrow()
            .stroke();
    private static final StrokeTable TABLE =
            StrokeTables.of(layout(false), task(false), STROKE, OwnErrors.ofBand(Band.SLATE));
    private static final int PLAYED = 4_000;

    @ParameterizedTest
    @ValueSource(doubles = {0.6, 1, 1.6})
    void anotherSizeIsReadOffByWeights(double times) {
        ExecutionErrors errors = OwnErrors.ofBand(Band.SLATE).times(times);
        SimulatedStudent student = new SimulatedStudent(errors, new Random(31));
        List<Point> clean = new ArrayList<>();
        for (int i = 0; i < PLAYED; i++) {
            Attempt played = student.play(layout(false), task(false), STROKE, 1e-6);
            if (played.outcome() == PotOutcome.POTTED_CLEAN && !played.inOff()) {
                clean.add(played.landing().orElseThrow().place());
            }
        }
        StrokeMean read = StrokeMean.of(TABLE, new double[] {times, times, times, times}, StrokeShape.NORMAL);
        double share = (double) clean.size() / PLAYED;
        assertThat(read.outcomes().get(StrokeTable.CLEAN)).isCloseTo(share, within(0.04));
        Covariance played = Covariance.of(clean, Point::xMillimetres, Point::yMillimetres);
        double meanX = clean.stream().mapToDouble(Point::xMillimetres).average().orElseThrow();
        double sd = Math.sqrt(played.first());
        assertThat(read.mean().orElseThrow().xMillimetres()).isCloseTo(meanX, within(0.12 * sd));
        assertThat(Math.sqrt(read.covariance().orElseThrow().first())).isCloseTo(sd, within(0.12 * sd));
    }

    @Test
    void withTheRestTheSameDrawsStrayByThreeTenthsMore() {
        double[] one = {1, 1, 1, 1};
        StrokeTable rest =
                StrokeTables.of(layout(false), task(false).with(Bridge.REST), STROKE, OwnErrors.ofBand(Band.SLATE));
        StrokeTable larger = StrokeTables.of(
                layout(false), task(false), STROKE, OwnErrors.ofBand(Band.SLATE).times(1.3));
        assertThat(StrokeMean.of(rest, one, StrokeShape.NORMAL))
                .isEqualTo(StrokeMean.of(larger, one, StrokeShape.NORMAL))
                .isNotEqualTo(StrokeMean.of(TABLE, one, StrokeShape.NORMAL));
    }

    @Test
    void theMirrorsTableIsTheOriginalsTurnedOver() {
        StrokeTable mirror = StrokeTables.of(layout(true), task(true), STROKE.mirrored(), OwnErrors.ofBand(Band.SLATE));
        double[] one = {1, 1, 1, 1};
        Point original = StrokeMean.of(TABLE, one, StrokeShape.NORMAL).mean().orElseThrow();
        Point turned = StrokeMean.of(mirror, one, StrokeShape.NORMAL).mean().orElseThrow();
        assertThat(turned.xMillimetres()).isCloseTo(original.xMillimetres(), within(10.0));
        assertThat(turned.yMillimetres()).isCloseTo(RingShot.WIDTH_MILLIMETRES - original.yMillimetres(), within(10.0));
    }

    @Test
    void attemptsAreSeenInTheTablesWords() {
        Landing landing = new Landing(new Point(500, 400), Landing.PlacedBy.TAP, 15);
        assertThat(StrokeTables.seen(new Attempt(PotOutcome.POTTED_CLEAN, false, false, Optional.of(landing)))
                        .orElseThrow()
                        .outcome())
                .isEqualTo(StrokeTable.CLEAN);
        assertThat(StrokeTables.seen(new Attempt(PotOutcome.POTTED_CLEAN, false, true, Optional.empty()))
                        .orElseThrow()
                        .outcome())
                .isEqualTo("IN_OFF");
        assertThat(StrokeTables.seen(new Attempt(PotOutcome.POTTED_CLEAN, true, false, Optional.of(landing))))
                .as("the simulation knows no fouls")
                .isEmpty();
    }

    @Test
    void untilTheyCanBeToldTheSizesAreThoseOfTheAbility() {
        OwnErrors unknown = OwnErrors.ofAbility(OwnErrors.Ability.UNKNOWN, 0);
        assertThat(unknown.inUse()).isEqualTo(ExecutionErrors.REFERENCE);
        assertThat(unknown.sizes()).noneMatch(OwnErrors.Size::told);
        assertThat(unknown.band()).isEqualTo(Band.SLATE);
        assertThat(OwnErrors.ofAbility(new OwnErrors.Ability(1.4, 0.3), 0).band())
                .isEqualTo(Band.BRASS);
        assertThat(OwnErrors.ofAbility(new OwnErrors.Ability(-40, 0.3), 0)
                        .inUse()
                        .aimMilliradians())
                .as("never a value that no player has")
                .isBetween(1.0, 20.0);
    }

    /** The uncertainty of the mean turned to a line of arrival keeps its size and follows the axes. */
    @Test
    void anExpectationIsTurnedToTheLineOfArrival() {
        StrokeExpectation expected = new StrokeExpectation(new Point(1100, 500), new Covariance(100, 0, 4));
        ArrivalError along = expected.against(new Point(1000, 500), new Direction(1, 0));
        assertThat(along.speedMillimetres()).isCloseTo(100, within(1e-9));
        Covariance eastward = expected.lineAndSpeed(new Direction(1, 0));
        assertThat(eastward.first()).as("line lies across").isCloseTo(4, within(1e-9));
        assertThat(eastward.second()).isCloseTo(100, within(1e-9));
        Covariance slanted = expected.lineAndSpeed(Direction.ofDegrees(45));
        assertThat(slanted.first() + slanted.second()).isCloseTo(104, within(1e-9));
        assertThat(slanted.first() * slanted.second() - slanted.mixed() * slanted.mixed())
                .isCloseTo(400, within(1e-6));
    }
}
