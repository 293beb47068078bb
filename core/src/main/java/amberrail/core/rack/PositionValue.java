package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;

/**
 * A quick estimate of the chance to clear from a position: the best pot from where the cue ball lies, times for every further pot what it is worth from a
 * usual place. Only used to steer; chances that are shown come from played racks.
 */
final class PositionValue {
    /** A ball that no pocket is open to must be opened first. */
    private static final double CLOSED = 0.12;
    /** From where balls are played when position was good, and when it was not (mm, rad). */
    private static final double NEAR = 300;

    private static final double NEAR_CUT = Math.toRadians(12);
    private static final double FAR = 750;
    private static final double FAR_CUT = Math.toRadians(35);
    /** What the ball in hand is worth against the best place of a usual shot. */
    private static final double IN_HAND_LOSES = 0.95;

    private PositionValue() {}

    /** 0 to 1. */
    static double of(RackPosition position, ExecutionErrors errors) {
        double[] rest = rest(position, errors);
        double all = product(position, rest);
        if (position.cue().isEmpty()) {
            return all * IN_HAND_LOSES;
        }
        Point cue = position.cue().get();
        double best = 0;
        for (Opening opening : position.openings()) {
            if (position.isOn(opening.ball())) {
                PotLook look = PotLook.of(position, cue.xMillimetres(), cue.yMillimetres(), opening, errors);
                if (look != null) {
                    best = Math.max(best, look.chance() / rest[opening.ball()]);
                }
            }
        }
        return Math.min(1, best * all);
    }

    /** What each ball on the table is worth from a usual place; by index in the game, 0 for one that is down. */
    static double[] rest(RackPosition position, ExecutionErrors errors) {
        double[] known = position.restIfKnown(errors);
        if (known != null) {
            return known;
        }
        double[] rest = new double[position.game().balls().size()];
        for (int ball : position.onTable()) {
            rest[ball] = CLOSED;
        }
        for (Opening opening : position.openings()) {
            rest[opening.ball()] = Math.max(rest[opening.ball()], usual(position.table(), opening, errors));
        }
        position.keepRest(errors, rest);
        return rest;
    }

    private static double usual(RackTable table, Opening opening, ExecutionErrors errors) {
        double near = PotLook.chance(table, opening, NEAR, NEAR_CUT, errors);
        double far = PotLook.chance(table, opening, FAR, FAR_CUT, errors);
        return Math.sqrt(near * far);
    }

    /** Over the pots that are still to come: each ball that must go, and a colour after each red. */
    private static double product(RackPosition position, double[] rest) {
        RackGame game = position.game();
        double product = 1;
        double colour = 0;
        int after = 0;
        for (int ball : position.onTable()) {
            if (!game.isAsked(ball)) {
                continue;
            }
            product *= rest[ball];
            colour = Math.max(colour, rest[ball]);
            after += game.isFollowedByOneThatComesBack(ball) ? 1 : 0;
        }
        return product * Math.pow(colour, after);
    }
}
