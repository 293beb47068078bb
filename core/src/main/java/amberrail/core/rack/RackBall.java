package amberrail.core.rack;

import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * One object ball of a game.
 *
 * @param id     as people call it: "7", "red 3", "pink"; unique in its game
 * @param group  the balls that are alike for the rules
 * @param order  where the rules go by numbers, the lowest comes first
 * @param points for potting it; 0 where the game counts none
 * @param spot   the table's spot that it comes back to; empty where it has none
 */
public record RackBall(String id, String group, int order, int points, String spot) {
    public RackBall {
        Require.text("id", id, 20);
        Require.text("group", group, 20);
        Require.between("order", order, 0, 100);
        Require.between("points", points, 0, 100);
        Objects.requireNonNull(spot);
    }
}
