package amberrail.app.grades;

import amberrail.app.web.MayBeMissing;
import amberrail.core.grading.Band;
import amberrail.core.grading.Difficulty;
import amberrail.core.grading.StationGrade;
import amberrail.core.grading.StationGrade.ErrorKind;
import java.util.Map;

/**
 * A station's grade.
 *
 * @param state         whether it is there, and how surely
 * @param grade         in points; outside 0 to 1000 only with a state that says so
 * @param standardError in points
 * @param slope         how steeply success rises with ability about it, per logit
 * @param easierBy      points that it falls by when one kind of error is switched off
 */
public record GradeView(
        State state,
        @MayBeMissing Double grade,
        @MayBeMissing Double standardError,
        @MayBeMissing Band band,
        @MayBeMissing Double slope,
        @MayBeMissing Map<ErrorKind, Double> easierBy) {
    /** How far the work has come. */
    public enum State {
        /** Nobody has worked it out yet. */
        UNKNOWN,
        /** From few strokes, while the many are played. */
        ROUGH,
        DONE,
        /** Even the best of the scale succeeds less than half the time. */
        OVER_THE_SCALE,
        /** Even the first beginner succeeds more than half the time. */
        UNDER_THE_SCALE,
        /** No stroke that a person can play does it. */
        CANNOT_BE_DONE
    }

    static final GradeView UNKNOWN = new GradeView(State.UNKNOWN, null, null, null, null, null);
    static final GradeView CANNOT_BE_DONE = new GradeView(State.CANNOT_BE_DONE, null, null, null, null, null);

    static GradeView rough(Difficulty difficulty) {
        return new GradeView(
                State.ROUGH,
                difficulty.grade(),
                100 * difficulty.standardError(),
                Band.of(difficulty.grade()),
                difficulty.slope(),
                null);
    }

    static GradeView of(StationGrade grade) {
        Difficulty difficulty = grade.difficulty();
        boolean onScale = difficulty.grade() >= 0 && difficulty.grade() <= 1000;
        State state = difficulty.decided() && onScale
                ? State.DONE
                : difficulty.abilityLogits() > 0 ? State.OVER_THE_SCALE : State.UNDER_THE_SCALE;
        return new GradeView(
                state,
                difficulty.grade(),
                100 * difficulty.standardError(),
                Band.of(difficulty.grade()),
                difficulty.slope(),
                grade.easierBy());
    }

    boolean isFinal() {
        return state != State.UNKNOWN && state != State.ROUGH;
    }
}
