package amberrail.core.rack;

import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Layouts with balls anywhere, drawn by a seed: for proofs and practice. */
public final class MadeUpLayouts {
    private static final double FROM_CUSHION = 5;
    private static final int TRIES = 10_000;

    private MadeUpLayouts() {}

    /** All balls of a game lie somewhere, none touching; the cue ball is in hand. */
    public static RackLayout scattered(RackGame game, RackTable table, long seed) {
        Random random = new Random(RackDraws.mixed(seed, 0));
        List<RackLayout.Laid> laid = new ArrayList<>();
        double edge = table.spec.noseDistanceMillimetres(table.objectBall) + FROM_CUSHION;
        for (RackBall ball : game.balls()) {
            Point place = null;
            for (int i = 0; i < TRIES && place == null; i++) {
                Point drawn = new Point(
                        edge + random.nextDouble() * (table.spec.lengthMillimetres() - 2 * edge),
                        edge + random.nextDouble() * (table.spec.widthMillimetres() - 2 * edge));
                boolean free = table.plan.holds(drawn, table.objectBall)
                        && laid.stream()
                                .allMatch(
                                        other -> other.place().distanceMillimetres(drawn) > table.touchingObjects + 1);
                place = free ? drawn : null;
            }
            laid.add(new RackLayout.Laid(ball.id(), place));
        }
        return new RackLayout(game, laid, Optional.empty());
    }
}
