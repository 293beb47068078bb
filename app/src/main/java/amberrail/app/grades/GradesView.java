package amberrail.app.grades;

import java.util.List;

/**
 * A drill's grades, as far as they are known.
 *
 * @param shareDone 0 to 1
 */
record GradesView(State state, List<GradeView> stations, double shareDone) {
    /** How far the work has come. */
    enum State {
        NOT_ASKED,
        WORKING,
        DONE,
        CANCELLED,
        /** It broke; the log says how. */
        FAILED
    }
}
