package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Decided by hand: pot ball one into the N pocket, cue ball to rest within 100 mm of (1905, 952.5). */
class JudgeTest {
    private static final ShotLayout ASKED = asked(20);
    private static final Point ON_THE_EDGE = new Point(2005, 952.5);

    @Test
    void aPotWithTheBallOnTheZonesEdgeSucceeds() {
        assertThat(judge(PotOutcome.OFF_THIN_JAW, false, false, ON_THE_EDGE).result())
                .isEqualTo(TryResult.SUCCESS);
    }

    @Test
    void aMillimetreOutsideFails() {
        Judgement judgement = judge(PotOutcome.POTTED_CLEAN, false, false, new Point(2006, 952.5));
        assertThat(judgement.result()).isEqualTo(TryResult.FAILURE);
        assertThat(judgement.faults()).containsExactly(Judgement.Fault.OUTSIDE_THE_ZONE);
    }

    @Test
    void everyFaultIsNamed() {
        assertThat(judge(PotOutcome.MISSED_THICK, true, false, new Point(100, 100))
                        .faults())
                .containsExactly(Judgement.Fault.FOUL, Judgement.Fault.NOT_POTTED, Judgement.Fault.OUTSIDE_THE_ZONE);
    }

    @Test
    void anUnseenLandingIsNotJudgedUnlessSomethingElseFailed() {
        assertThat(judge(PotOutcome.POTTED_CLEAN, false, false, null).result()).isEqualTo(TryResult.NOT_JUDGED);
        assertThat(judge(PotOutcome.MISSED_THIN, false, false, null).result()).isEqualTo(TryResult.FAILURE);
        assertThat(judge(PotOutcome.POTTED_CLEAN, false, true, null).result()).isEqualTo(TryResult.FAILURE);
    }

    @Test
    void anInOffWithALandingContradictsItself() {
        assertThatThrownBy(() -> judge(PotOutcome.POTTED_CLEAN, false, true, ON_THE_EDGE))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("landing");
    }

    @Test
    void theKeysSayLeftAndRightOnlyForAStraightPot() {
        assertThat(Judge.sides(asked(2.9))).isEqualTo(PotOutcome.Sides.STRAIGHT);
        assertThat(Judge.sides(asked(3.1))).isEqualTo(PotOutcome.Sides.CUT);
        assertThat(PotOutcome.MISSED_LEFT.fits(PotOutcome.Sides.CUT)).isFalse();
        assertThat(PotOutcome.POTTED_CLEAN.fits(PotOutcome.Sides.STRAIGHT)).isTrue();
    }

    private static Judgement judge(PotOutcome outcome, boolean foul, boolean inOff, Point landing) {
        Optional<Landing> seen =
                Optional.ofNullable(landing).map(place -> new Landing(place, Landing.PlacedBy.TAP, 15));
        return Judge.judge(ASKED, new Attempt(outcome, foul, inOff, seen));
    }

    private static ShotLayout asked(double cutDegrees) {
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("one", BallPlacement.Role.OBJECT, new Position.AtSights(4, 2)),
                        new BallPlacement(
                                "cue",
                                BallPlacement.Role.CUE,
                                new Position.ForPot("one", PocketName.N, cutDegrees, 500))),
                List.of(
                        Demand.PotBall.of("one", PocketName.N),
                        new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(6, 3), 100))),
                ArrivalLine.NATURAL_ROLL);
        return ShotLayout.of(shot, TablePlan.of(TablePresets.POOL_9FT), TablePresets.POOL_9FT.balls(), false);
    }
}
