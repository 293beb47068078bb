package amberrail.app.grades;

import amberrail.app.setups.SetUps;
import amberrail.app.setups.StationStrokes;
import amberrail.core.drill.Drill;
import amberrail.core.grading.StationGrade;
import amberrail.core.table.TableSpec;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Works out one station's grade. */
@Component
class Grader {
    /** Strokes at each ability about the half; the proofs of the grade ask for so many. */
    static final int STROKES = 4_000;

    private final SetUps setUps;

    Grader(SetUps setUps) {
        this.setUps = setUps;
    }

    GradeView grade(
            Drill drill, int station, TableSpec table, Consumer<GradeView> firstGuess, BooleanSupplier cancelled) {
        return StationStrokes.of(drill, station, table, one -> setUps.patiently(one, cancelled))
                .map(shots -> GradeView.of(
                        StationGrade.of(shots, STROKES, guess -> firstGuess.accept(GradeView.rough(guess)), cancelled)))
                .orElse(GradeView.CANNOT_BE_DONE);
    }
}
