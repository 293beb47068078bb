package amberrail.app.grades;

import amberrail.app.drills.DrillLayouts;
import amberrail.core.drill.Drill;
import amberrail.core.grading.Difficulty;
import amberrail.core.grading.ShotTasks;
import amberrail.core.grading.StationGrade;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.recipe.Recipe;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Works out one station's grade. */
@Component
class Grader {
    /** Strokes at each ability about the half; the proofs of the grade ask for so many. */
    static final int STROKES = 4_000;

    private final DrillLayouts layouts;

    Grader(DrillLayouts layouts) {
        this.layouts = layouts;
    }

    GradeView grade(
            Drill drill, int station, TableSpec table, Consumer<GradeView> firstGuess, BooleanSupplier cancelled) {
        List<Difficulty.Played> shots = new ArrayList<>();
        ShotTable engineTable = ShotTable.of(TablePlan.of(table));
        for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
            Optional<Recipe> recipe = usual(drill, station, shot, table);
            if (recipe.isEmpty()) {
                return GradeView.CANNOT_BE_DONE;
            }
            shots.add(new Difficulty.Played(
                    ShotTasks.of(
                            layouts.drawn(drill, station, shot, false, table),
                            engineTable,
                            TablePhysics.usual(table.kind()),
                            drill.sideAllowed()),
                    recipe.get().stroke()));
        }
        return GradeView.of(
                StationGrade.of(shots, STROKES, guess -> firstGuess.accept(GradeView.rough(guess)), cancelled));
    }

    private Optional<Recipe> usual(Drill drill, int station, int shot, TableSpec table) {
        try {
            return layouts.usual(drill, station, shot, table);
        } catch (InvalidInputException cannotBeSetUp) {
            return Optional.empty();
        }
    }
}
