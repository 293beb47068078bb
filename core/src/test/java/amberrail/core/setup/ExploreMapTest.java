package amberrail.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Explore;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.Skill;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.api.Test;

class ExploreMapTest {
    private static final TableSpec TABLE = TablePresets.POOL_9FT;
    private static final double TIP_MILLIMETRES = 13;

    private static List<ExploreMap.Step> map(Explore changed, double cutDegrees, PlannedStroke baseline) {
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(5, 2)),
                        new BallPlacement(
                                "cue",
                                BallPlacement.Role.CUE,
                                new Position.ForPot("1", PocketName.NE, cutDegrees, 400))),
                List.of(Demand.PotBall.of("1", PocketName.NE)),
                ArrivalLine.NATURAL_ROLL);
        SetUp setUp = new SetUp(shot, false, TABLE, 1, true, Skill.POSITION);
        return ExploreMap.of(changed, setUp.task(), baseline, TIP_MILLIMETRES);
    }

    /** Of a nearly straight pot drawn back or followed: the higher the tip, the further on along the line. */
    @Test
    void theHigherTheTipTheFurtherOn() {
        List<ExploreMap.Step> map = map(Explore.HEIGHT, 2, new PlannedStroke(1.5, 0, 4, 3, 77));
        assertThat(map).hasSize(9);
        assertThat(map).allSatisfy(step -> {
            assertThat(step.stroke().paceMetresPerSecond()).isEqualTo(1.5);
            assertThat(step.stroke().tipSideMillimetres()).isZero();
        });
        List<Point> ends = map.stream().flatMap(step -> step.rests().stream()).toList();
        assertThat(ends).hasSizeGreaterThan(6);
        assertThat(ends.stream().map(Point::xMillimetres).toList()).isSorted();
        assertThat(ends.get(ends.size() - 1).xMillimetres() - ends.get(0).xMillimetres())
                .isGreaterThan(300);
    }

    @Test
    void theFirmerTheFurtherAndTheTipStaysWhereItWas() {
        List<ExploreMap.Step> map = map(Explore.PACE, 30, new PlannedStroke(2, -5, 0, 3, 0));
        assertThat(map.stream().map(step -> step.stroke().paceMetresPerSecond()))
                .as("the softest does not get there, the firmest does not drop")
                .containsExactly(1.5, 2.0, 2.7, 3.4, 4.2);
        assertThat(map)
                .allSatisfy(
                        step -> assertThat(step.stroke().tipHeightMillimetres()).isEqualTo(-5));
    }

    /** Throw, and so the aim that pots, turns over with the side; without side it is the middle one. */
    @Test
    void sideIsAimedForOnBothSidesOfTheMiddle() {
        List<ExploreMap.Step> map = map(Explore.SIDE, 0, new PlannedStroke(1.5, 6, 0, 3, 0));
        assertThat(map).hasSize(9);
        double straight = map.get(4).stroke().launchDegrees();
        assertThat(map.get(4).stroke().tipSideMillimetres()).isZero();
        for (int i = 1; i <= 4; i++) {
            double left = map.get(4 - i).stroke().launchDegrees() - straight;
            double right = map.get(4 + i).stroke().launchDegrees() - straight;
            assertThat(left * right).as("quarter tips " + i).isNegative();
            assertThat(left + right).isCloseTo(0, within(0.05));
        }
    }
}
