package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.Markings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Layouts that need no break: colours on their spots, and reds in a line between them. */
public final class StandardLayouts {
    private static final double BETWEEN_REDS_OF_BALL = 1.6;

    private StandardLayouts() {}

    /** Whether a game begins from one. */
    public static boolean has(RackGame game) {
        return RackGames.isSnooker(game);
    }

    /** {@code INVALID_PARAMETER} for a game that begins with a break, {@code UNKNOWN_ID} on a table without the spots. */
    public static RackLayout of(RackGame game, RackTable table) {
        if (!has(game)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "game", game.key(), "must be one that begins without a break");
        }
        Markings markings = Markings.of(table.spec);
        List<RackLayout.Laid> laid = new ArrayList<>();
        for (RackBall ball : game.balls()) {
            if (!ball.spot().isEmpty()) {
                laid.add(new RackLayout.Laid(
                        ball.id(), markings.spot(ball.spot()).place()));
            }
        }
        lineUp(game, table, markings, laid);
        return new RackLayout(game, laid, Optional.empty());
    }

    /** Reds along the middle line: between blue and pink, pink and black, then blue and brown, evenly. */
    private static void lineUp(RackGame game, RackTable table, Markings markings, List<RackLayout.Laid> laid) {
        List<RackBall> reds =
                game.balls().stream().filter(ball -> ball.spot().isEmpty()).toList();
        String[][] gaps = {{"blue", "pink"}, {"pink", "black"}, {"brown", "blue"}};
        int at = 0;
        for (int gap = 0; gap < gaps.length && at < reds.size(); gap++) {
            Point from = markings.spot(gaps[gap][0]).place();
            Point to = markings.spot(gaps[gap][1]).place();
            int left = gaps.length - gap;
            int here = (reds.size() - at + left - 1) / left;
            int fit = (int) (from.distanceMillimetres(to) / (BETWEEN_REDS_OF_BALL * table.touchingObjects)) - 1;
            int count = Math.min(here, fit);
            for (int i = 1; i <= count; i++, at++) {
                double share = (double) i / (count + 1);
                laid.add(new RackLayout.Laid(
                        reds.get(at).id(),
                        new Point(
                                from.xMillimetres() + share * (to.xMillimetres() - from.xMillimetres()),
                                from.yMillimetres())));
            }
        }
    }
}
