package amberrail.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A correction only where something was out of the usual, one thing at a time, and never more than half a tip or a pace step. */
class AdviceTest {
    /** The worked example of methods.md, section 6; the cue ball arrives along +x at (1000, 500). */
    private static final StrokeModel MODEL = new StrokeModel(
            new PlannedStroke(2, 0, 0, 3, 0),
            new Point(1000, 500),
            new Direction(1, 0),
            new double[][] {{1.2, 9, 35}, {11, -14, 6}},
            2,
            2,
            2,
            1,
            true);

    private static final Advice.Limits LIMITS = new Advice.Limits(6.25, 20);

    private static SeenShot shot(PotOutcome outcome, double line, double speed) {
        return SeenShot.of(
                MODEL,
                new Attempt(
                        outcome,
                        false,
                        false,
                        Optional.of(new Landing(new Point(1000 + speed, 500 + line), Landing.PlacedBy.LOUPE, 5))));
    }

    private static Advice after(SeenShot shot, List<SeenShot> before) {
        return Advice.after(shot, before, StrokeErrors.PRIOR, true, LIMITS);
    }

    @Test
    void withinTheUsualSpreadTheSameAgain() {
        Advice advice = after(shot(PotOutcome.POTTED_CLEAN, 12, -85), List.of());
        assertThat(advice.kind()).isEqualTo(Advice.Kind.SAME_AGAIN);
        assertThat(advice.assumed()).isTrue();
    }

    @Test
    void aStrokeFarTooSoftIsPlayedFirmerByAPaceStepAtMost() {
        Advice advice = after(shot(PotOutcome.POTTED_CLEAN, -20, -260), List.of());
        assertThat(advice.kind()).isEqualTo(Advice.Kind.CORRECT);
        assertThat(advice.cause()).contains(Cause.PACE);
        assertThat(advice.correction()).isBetween(15.0, 20.0);
        assertThat(advice.ofAll()).isFalse();
    }

    @Test
    void thePotSaysWhichWayTheAimWasOff() {
        Advice thin = after(shot(PotOutcome.MISSED_THIN, -230, -35), List.of());
        assertThat(thin.cause()).contains(Cause.AIM);
        assertThat(thin.correction()).isPositive();
        // A ball that leaves to the left and passes its pocket on the right was hit thick; leaving to the right, thin.
        SeenShot right = shot(PotOutcome.MISSED_RIGHT, 230, 35);
        assertThat(Advice.after(right, List.of(), StrokeErrors.PRIOR, true, LIMITS)
                        .correction())
                .isNegative();
        SeenShot mirrored = shot(PotOutcome.MISSED_RIGHT, -230, -35);
        assertThat(Advice.after(mirrored, List.of(), StrokeErrors.PRIOR, false, LIMITS)
                        .correction())
                .isPositive();
    }

    @Test
    void aBiasOfTheLastCleanPotsIsToldEvenWhereEachIsWithinTheUsual() {
        Random random = new Random(3);
        List<SeenShot> before = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            before.add(shot(PotOutcome.POTTED_CLEAN, 8 * random.nextGaussian(), -70 + 8 * random.nextGaussian()));
        }
        Advice advice = after(shot(PotOutcome.POTTED_CLEAN, 3, -66), before);
        assertThat(advice.kind()).isEqualTo(Advice.Kind.CORRECT);
        assertThat(advice.ofAll()).isTrue();
        assertThat(advice.shots()).isEqualTo(10);
        assertThat(advice.correction() * (advice.cause().orElseThrow() == Cause.HEIGHT ? -1 : 1))
                .isPositive();
        assertThat(after(shot(PotOutcome.POTTED_CLEAN, 3, -66), before.subList(0, 3))
                        .kind())
                .as("four shots are too few for a bias")
                .isEqualTo(Advice.Kind.SAME_AGAIN);
    }

    @Test
    void anOddRecordIsAskedAboutAndNoLandingSaysNothing() {
        assertThat(after(shot(PotOutcome.POTTED_CLEAN, 900, 900), List.of()).kind())
                .isEqualTo(Advice.Kind.IS_THE_RECORD_RIGHT);
        SeenShot unseen = SeenShot.of(MODEL, new Attempt(PotOutcome.POTTED_CLEAN, false, false, Optional.empty()));
        assertThat(after(unseen, Collections.nCopies(9, shot(PotOutcome.POTTED_CLEAN, 0, -300)))
                        .kind())
                .isEqualTo(Advice.Kind.CANNOT_TELL);
    }

    @Test
    void ownErrorSizesAreRecoveredFromMadeUpShots() {
        double[] truth = {4, 1.2, 0.8};
        Random random = new Random(11);
        List<OwnErrors.Group> groups = new ArrayList<>();
        double[][][] jacobians = {{{1.2, 9, 35}, {11, -14, 6}}, {{0.5, 2, 30}, {15, -22, 2}}, {{2, 5, 40}, {9, 10, -4}}
        };
        for (double[][] jacobian : jacobians) {
            StrokeModel model =
                    new StrokeModel(MODEL.stroke(), MODEL.landing(), MODEL.arrival(), jacobian, 1.2, 1.2, 2, 1, true);
            List<SeenShot> shots = new ArrayList<>();
            for (int i = 0; i < 120; i++) {
                shots.add(made(model, truth, random));
            }
            groups.add(new OwnErrors.Group(model, true, shots));
        }
        OwnErrors own = OwnErrors.of(groups);
        assertThat(own.errors().pacePercent()).isCloseTo(4, within(0.8));
        assertThat(own.errors().heightMillimetres()).isCloseTo(1.2, within(0.4));
        assertThat(own.errors().aimMilliradians())
                .as("from the pots, since clean pots cut the aim short")
                .isCloseTo(0.8, within(0.15));
        assertThat(own.pots()).isEqualTo(360);
        assertThat(OwnErrors.of(List.of()).errors()).isEqualTo(StrokeErrors.PRIOR);
    }

    private static SeenShot made(StrokeModel model, double[] sds, Random random) {
        double[] u = new double[3];
        double line = 5 * random.nextGaussian();
        double speed = 5 * random.nextGaussian();
        for (int j = 0; j < 3; j++) {
            u[j] = sds[j] * random.nextGaussian();
            line += model.jacobian()[0][j] * u[j];
            speed += model.jacobian()[1][j] * u[j];
        }
        PotOutcome outcome = u[2] > model.toleranceThick()
                ? PotOutcome.MISSED_THICK
                : u[2] < -model.toleranceThin() ? PotOutcome.MISSED_THIN : PotOutcome.POTTED_CLEAN;
        Point at = new Point(1000 + speed, 500 + line);
        return SeenShot.of(
                model, new Attempt(outcome, false, false, Optional.of(new Landing(at, Landing.PlacedBy.LOUPE, 5))));
    }
}
