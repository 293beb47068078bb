package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;

/** One thing that a shot asks; a shot succeeds when every demand is met and there is no foul (product.md, 3.2). */
public sealed interface Demand {
    int LONGEST_LABEL = 20;

    /**
     * This ball into this pocket.
     *
     * @param half which half of the pocket, as seen looking into it
     * @param via  cushions that the ball uses on its way, in order: a double
     */
    record PotBall(String ball, PocketName pocket, PocketHalf half, List<Cushion> via) implements Demand {
        public PotBall {
            Require.text("ball", ball, LONGEST_LABEL);
            Objects.requireNonNull(pocket);
            half = Objects.requireNonNullElse(half, PocketHalf.ANY);
            via = via == null ? List.of() : List.copyOf(via);
        }

        public static PotBall of(String ball, PocketName pocket) {
            return new PotBall(ball, pocket, PocketHalf.ANY, List.of());
        }
    }

    /** This ball comes to rest in a zone. */
    record Land(String ball, ZonePlan zone) implements Demand {
        public Land {
            Require.text("ball", ball, LONGEST_LABEL);
            Objects.requireNonNull(zone);
        }
    }

    /**
     * The cue ball touches these balls.
     *
     * @param inOrder whether they must be the first balls it touches, in this order; a wrong one before the last fails it
     */
    record TouchBalls(List<String> balls, boolean inOrder) implements Demand {
        public TouchBalls {
            balls = labels("balls", balls);
        }
    }

    /** After its first ball the cue ball first meets this cushion, at this point. */
    record ReachCushionPoint(Cushion cushion, double sightsAlong, double toleranceMillimetres) implements Demand {
        public ReachCushionPoint {
            Objects.requireNonNull(cushion);
            Require.between("sightsAlong", sightsAlong, 0, cushion.sights());
            Require.positive("toleranceMillimetres", toleranceMillimetres);
        }
    }

    /** The cue ball drops too, into this pocket: follow in, draw in. Then its dropping is no in-off. */
    record CueBallInto(PocketName pocket) implements Demand {
        public CueBallInto {
            Objects.requireNonNull(pocket);
        }
    }

    /** Nothing touches these balls. */
    record LeaveAlone(List<String> balls) implements Demand {
        public LeaveAlone {
            balls = labels("balls", balls);
        }
    }

    /** The cue ball's centre does not cross the straight line between two places. */
    record NotCross(Position from, Position to) implements Demand {
        public NotCross {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** The cue ball's centre stays in a part of the table from its first ball on. */
    record StayIn(ZonePlan area) implements Demand {
        public StayIn {
            Objects.requireNonNull(area);
        }
    }

    /** After its first ball the cue ball meets these cushions first, in this order. */
    record UseCushions(List<Cushion> cushions) implements Demand {
        public UseCushions {
            cushions = List.copyOf(cushions);
            if (cushions.isEmpty() || cushions.size() > 6) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, "cushions", cushions.size(), "must be 1 to 6");
            }
        }
    }

    /** A kick: the cue ball meets at least so many cushions before its first ball. */
    record CushionsFirst(int least) implements Demand {
        public CushionsFirst {
            Require.between("least", least, 1, 5);
        }
    }

    /** No straight way from where the cue ball rests to any part of a ball: other balls hide it. */
    record HideFrom(String ball) implements Demand {
        public HideFrom {
            Require.text("ball", ball, LONGEST_LABEL);
        }
    }

    private static List<String> labels(String field, List<String> labels) {
        List<String> copy = List.copyOf(labels);
        if (copy.isEmpty()) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, 0, "must name at least one ball");
        }
        copy.forEach(label -> Require.text(field, label, LONGEST_LABEL));
        if (new HashSet<>(copy).size() < copy.size()) {
            throw new InvalidInputException(ProblemCode.DUPLICATE_ID, field, copy, "must name each ball once");
        }
        return copy;
    }
}
