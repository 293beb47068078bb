package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What tests of racks begin from. */
final class RackSetUps {
    static final RackTable POOL = new RackTable(TablePresets.POOL_9FT);
    static final RackTable SNOOKER = new RackTable(TablePresets.SNOOKER_12FT);

    private RackSetUps() {}

    static RackStudent student(Band band) {
        return new RackStudent(ExecutionErrors.ofAbility(band.middleLogits()), HouseRules.USUAL);
    }

    /** Balls given as "id x y" in mm. */
    static RackLayout layout(String game, Optional<Point> cue, String... balls) {
        List<RackLayout.Laid> laid = new ArrayList<>();
        for (String ball : balls) {
            int last = ball.lastIndexOf(' ');
            int before = ball.lastIndexOf(' ', last - 1);
            laid.add(new RackLayout.Laid(
                    ball.substring(0, before),
                    new Point(
                            Double.parseDouble(ball.substring(before + 1, last)),
                            Double.parseDouble(ball.substring(last + 1)))));
        }
        return new RackLayout(RackGames.byKey(game), laid, cue);
    }

    static RackPosition inHand(String game, String... balls) {
        return layout(game, Optional.empty(), balls).on(POOL);
    }

    static RackPosition from(double x, double y, String game, String... balls) {
        return layout(game, Optional.of(new Point(x, y)), balls).on(POOL);
    }
}
