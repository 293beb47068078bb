package amberrail.core.attempt;

import amberrail.core.drill.Condition;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.TryScore;
import java.util.List;

/**
 * What the judge says, and every reason against success.
 *
 * @param points from scoring rings; 1 for a plain success, 0 otherwise
 */
public record Judgement(TryResult result, List<Fault> faults, int points) {
    /** Why a shot did not succeed. */
    public enum Fault {
        NOT_POTTED,
        FOUL,
        IN_OFF,
        OUTSIDE_THE_ZONE,
        /** No pot was asked, and the wrong ball or none was hit. */
        WRONG_CONTACT,
        WRONG_BALLS_TOUCHED,
        CUSHION_POINT_MISSED,
        CUE_BALL_STAYED_UP,
        BALL_MOVED,
        LINE_CROSSED,
        LEFT_ITS_AREA,
        OTHER_CUSHIONS,
        TOO_FEW_CUSHIONS_FIRST,
        NOT_HIDDEN;

        static Fault of(Condition condition) {
            if (condition instanceof Condition.Pot) {
                return NOT_POTTED;
            }
            if (condition instanceof Condition.Landing) {
                return OUTSIDE_THE_ZONE;
            }
            if (condition instanceof Condition.Touch) {
                return WRONG_BALLS_TOUCHED;
            }
            if (condition instanceof Condition.CushionPoint) {
                return CUSHION_POINT_MISSED;
            }
            if (condition instanceof Condition.CueBallDrops) {
                return CUE_BALL_STAYED_UP;
            }
            if (condition instanceof Condition.Untouched) {
                return BALL_MOVED;
            }
            if (condition instanceof Condition.LineUncrossed) {
                return LINE_CROSSED;
            }
            if (condition instanceof Condition.Inside) {
                return LEFT_ITS_AREA;
            }
            if (condition instanceof Condition.Cushions) {
                return OTHER_CUSHIONS;
            }
            return condition instanceof Condition.CushionsBefore ? TOO_FEW_CUSHIONS_FIRST : NOT_HIDDEN;
        }
    }

    public Judgement {
        faults = List.copyOf(faults);
    }

    public TryScore score() {
        return new TryScore(result, points);
    }
}
