package amberrail.core.rack;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/**
 * The rules of one game as data: which balls there are, what is on and in which order, and what other balls that drop mean.
 *
 * @param key    stable name, such as "numberOrder-9"
 * @param balls  the object balls
 * @param stages what is on, the first stage first
 * @param anyBallCounts whether any ball that drops after a right hit lets the player go on; else it must be one that was on
 * @param others what it means that a ball drops which was not on
 * @see "racks.md, Games"
 */
public record RackGame(String key, List<RackBall> balls, List<RackStage> stages, boolean anyBallCounts, Others others) {
    /** A ball that drops beside the one that was on. */
    public enum Others {
        /** It stays down and nothing is said. */
        STAY_DOWN,
        /** It is a foul. */
        FOUL,
        /** It stays down; the last ball of the game wins the rack with it. */
        STAY_DOWN_AND_THE_LAST_WINS,
        /** It stays down; the last ball of the game loses the rack with it. */
        STAY_DOWN_BUT_THE_LAST_LOSES
    }

    public RackGame {
        Require.text("key", key, 40);
        balls = List.copyOf(balls);
        stages = List.copyOf(stages);
        Objects.requireNonNull(others);
        Set<String> ids = new TreeSet<>();
        for (RackBall ball : balls) {
            if (!ids.add(ball.id())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "balls.id", ball.id(), "must be used by one ball only");
            }
        }
        for (RackStage stage : stages) {
            requireStage(stages, stage.next());
            if (!stage.whenGone().isEmpty()) {
                requireStage(stages, stage.whenGone());
            }
        }
    }

    private static void requireStage(List<RackStage> stages, String id) {
        if (stages.stream().noneMatch(stage -> stage.id().equals(id))) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID,
                    "stages.next",
                    id,
                    "must be one of " + stages.stream().map(RackStage::id).toList());
        }
    }

    /** Index of a stage in {@link #stages}. */
    int stageIndex(String id) {
        for (int i = 0; i < stages.size(); i++) {
            if (stages.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "stage", id, "must be a stage of the game");
    }

    /** Index of a ball in {@link #balls}; {@code UNKNOWN_ID}. */
    public int ballIndex(String id) {
        for (int i = 0; i < balls.size(); i++) {
            if (balls.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new InvalidInputException(
                ProblemCode.UNKNOWN_ID,
                "ball",
                id,
                "must be one of " + balls.stream().map(RackBall::id).toList());
    }

    /** The balls that may be struck first in a stage, of those on the table (by index). */
    int[] on(int stage, boolean[] onTable) {
        RackStage now = stages.get(stage);
        List<Integer> on = new ArrayList<>();
        for (int i = 0; i < balls.size(); i++) {
            if (onTable[i] && balls.get(i).group().equals(now.group())) {
                if (now.pick() == RackStage.Pick.LOWEST
                        && !on.isEmpty()
                        && balls.get(i).order() != balls.get(on.get(0)).order()) {
                    if (balls.get(i).order() > balls.get(on.get(0)).order()) {
                        continue;
                    }
                    on.clear();
                }
                on.add(i);
            }
        }
        return on.stream().mapToInt(Integer::intValue).toArray();
    }

    /** The stage after a pot (index), or -1 when all is cleared. */
    int after(int stage, boolean[] onTable) {
        RackStage now = stages.get(stage);
        int next = stageIndex(now.next());
        if (on(next, onTable).length > 0) {
            return next;
        }
        return now.whenGone().isEmpty() ? -1 : whenGone(stageIndex(now.whenGone()), onTable);
    }

    private int whenGone(int stage, boolean[] onTable) {
        return on(stage, onTable).length > 0 ? stage : -1;
    }

    /** Whether this is the ball that the game ends with: the highest of the last stage's group. */
    public boolean isLast(int ball) {
        String group = stages.get(stages.size() - 1).group();
        return balls.get(ball).group().equals(group)
                && balls.stream()
                        .filter(other -> other.group().equals(group))
                        .allMatch(other -> other.order() <= balls.get(ball).order());
    }

    /** Whether the ball has to go for the rack to be cleared. */
    public boolean isAsked(int ball) {
        return lastStageOf(ball) >= 0;
    }

    /** Whether its pot is followed by one of a ball that comes back, as a colour follows each red. */
    boolean isFollowedByOneThatComesBack(int ball) {
        return stages.stream()
                .anyMatch(stage -> stage.group().equals(balls.get(ball).group())
                        && stages.get(stageIndex(stage.next())).comeBack());
    }

    /** Whether one ball can be down for good while another is still to come. */
    boolean mayGoBefore(int ball, int other) {
        int stage = lastStageOf(ball);
        int otherStage = lastStageOf(other);
        if (stage < 0) {
            return false;
        }
        if (stage != otherStage) {
            return stage < otherStage;
        }
        return stages.get(stage).pick() == RackStage.Pick.ANY
                || balls.get(ball).order() < balls.get(other).order();
    }

    /** The last stage that asks for it; -1 where none does. */
    private int lastStageOf(int ball) {
        int last = -1;
        for (int i = 0; i < stages.size(); i++) {
            if (stages.get(i).group().equals(balls.get(ball).group())) {
                last = i;
            }
        }
        return last;
    }
}
