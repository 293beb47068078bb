package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import java.util.List;
import java.util.Optional;

/**
 * Something that stands in the way of playing a drill, or that its author will want to know.
 *
 * @param station from 0
 * @param shot    from 0
 * @param balls   labels of the balls it is about
 * @param cause   for {@code CANNOT_BE_SET_UP}: what the layout said
 */
public record DrillProblem(
        Kind kind, int station, int shot, List<String> balls, Optional<InvalidInputException> cause) {
    /** What is wrong. */
    public enum Kind {
        /** Balls overlap, lie off the bed, hang on each other in a ring, or the pot does not go. */
        CANNOT_BE_SET_UP(true),
        /** No ball can rest on the target point. */
        TARGET_OFF_THE_BED(true),
        /** The rule asks for more points than its tries can bring. */
        RULE_NEVER_MET(true),
        /** Two demands of which only one can be met. */
        DEMANDS_CONTRADICT(true),
        /** Nothing stands there to hide behind. */
        NOTHING_TO_HIDE_BEHIND(true),
        /** A ball lies in the way of the cue ball. */
        BALL_BEFORE_THE_CUE_BALL(false),
        /** A ball lies in the way of the object ball. */
        BALL_BEFORE_THE_POCKET(false),
        /** The ball that the shot before potted lies there again, so that nothing goes on: a pattern by mistake, or several answers to one set-up. */
        POCKETED_BEFORE(false),
        /** The shot asks nothing yet, and the drill is no exploration: there is nothing to judge. */
        NOTHING_ASKED(true);

        private final boolean stops;

        Kind(boolean stops) {
            this.stops = stops;
        }

        /** Whether the drill cannot be recorded before it is mended. */
        public boolean stops() {
            return stops;
        }
    }

    public DrillProblem {
        balls = List.copyOf(balls);
    }

    static DrillProblem about(Kind kind, int station, int shot, List<String> balls) {
        return new DrillProblem(kind, station, shot, balls, Optional.empty());
    }
}
