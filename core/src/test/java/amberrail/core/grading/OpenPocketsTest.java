package amberrail.core.grading;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.BallPlacement.Role;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.motion.Physics;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pockets that a ball can be played into, where it is plain which they are. 9 ft table. */
class OpenPocketsTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);

    @Test
    void aBallBeforeTheFarCornerIsOpenThereAndNotBehindTheCueBall() {
        List<PocketName> open = open(cue(5, 2), object(7, 3));
        assertThat(open).contains(PocketName.NE);
        assertThat(open).doesNotContain(PocketName.SW, PocketName.NW);
    }

    @Test
    void aBlockerOnTheWayClosesThePocket() {
        assertThat(open(cue(5, 2), object(7, 3), blocker(7.5, 3.5))).doesNotContain(PocketName.NE);
        assertThat(open(cue(5, 2), object(7, 3), blocker(6, 2.5)))
                .as("between the two balls nothing can be hit")
                .isEmpty();
        assertThat(open(cue(5, 2), object(7, 3), blocker(2, 0.5))).contains(PocketName.NE);
    }

    @Test
    void theMirroredSetUpHasTheMirroredPockets() {
        for (double across = 1; across <= 3; across += 0.5) {
            BallPlacement[] balls = {cue(4.5, 1.7), object(6, across)};
            List<PocketName> original = openOf(layout(false, balls));
            List<PocketName> mirrored = openOf(layout(true, balls));
            assertThat(mirrored)
                    .as("across " + across)
                    .containsExactlyInAnyOrderElementsOf(
                            original.stream().map(PocketName::mirrored).toList());
        }
    }

    @Test
    void withoutABallToPlayThereIsNone() {
        assertThat(open(cue(5, 2), blocker(7, 3))).isEmpty();
    }

    private static List<PocketName> open(BallPlacement... balls) {
        return openOf(layout(false, balls));
    }

    private static List<PocketName> openOf(ShotLayout layout) {
        return OpenPockets.of(layout, PLAN, Physics.POOL);
    }

    private static ShotLayout layout(boolean mirrored, BallPlacement... balls) {
        Shot shot = new Shot(List.of(balls), List.of(), ArrivalLine.AIM);
        return ShotLayout.of(shot, PLAN, TablePresets.POOL_9FT.balls(), mirrored);
    }

    private static BallPlacement cue(double along, double across) {
        return at("cue", Role.CUE, along, across);
    }

    private static BallPlacement object(double along, double across) {
        return at("1", Role.OBJECT, along, across);
    }

    private static BallPlacement blocker(double along, double across) {
        return at("b", Role.BLOCKER, along, across);
    }

    private static BallPlacement at(String label, Role role, double along, double across) {
        return new BallPlacement(label, role, new Position.AtSights(along, across));
    }
}
