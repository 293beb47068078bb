package amberrail.core.rack;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Whether an order of balls is one that the rules allow. */
public final class PlanOrder {
    private PlanOrder() {}

    /**
     * The balls in the order in which they should be potted, from this position; not all need be there.
     *
     * @throws InvalidInputException {@code UNKNOWN_ID}, or {@code ILLEGAL_ORDER} naming the ball that is not on at its turn
     */
    public static void requireLegal(RackPosition position, List<String> order) {
        RackGame game = position.game();
        boolean[] left = new boolean[game.balls().size()];
        for (int ball : position.onTable()) {
            left[ball] = true;
        }
        int stage = position.stage();
        for (String id : order) {
            int ball = game.ballIndex(id);
            int[] on = stage < 0 ? new int[0] : game.on(stage, left);
            if (Arrays.stream(on).noneMatch(one -> one == ball)) {
                throw new InvalidInputException(
                        ProblemCode.ILLEGAL_ORDER,
                        "order." + id,
                        id,
                        on.length == 0
                                ? "must not come after the rack is cleared"
                                : "must be on at its turn; on then: " + names(game, on));
            }
            left[ball] = game.stages().get(stage).comeBack();
            stage = game.after(stage, left);
        }
    }

    /**
     * The same for a whole plan.
     *
     * @throws InvalidInputException {@code ILLEGAL_ORDER} too where a ball that must go is left out
     */
    public static void requireWhole(RackPosition position, List<String> order) {
        requireLegal(position, order);
        List<String> missing = new ArrayList<>();
        for (int ball : position.onTable()) {
            String id = position.game().balls().get(ball).id();
            if (position.game().isAsked(ball) && !order.contains(id)) {
                missing.add(id);
            }
        }
        if (!missing.isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.ILLEGAL_ORDER, "order", order, "must not leave out " + String.join(", ", missing));
        }
    }

    private static List<String> names(RackGame game, int[] balls) {
        return Arrays.stream(balls)
                .mapToObj(ball -> game.balls().get(ball).id())
                .toList();
    }
}
