package amberrail.app.setups;

import amberrail.core.drill.Drill;
import amberrail.core.grading.Difficulty;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A station's shots with their usual strokes, to be graded. */
public final class StationStrokes {
    private StationStrokes() {}

    /**
     * @param worked says what is worked out for a set-up
     * @return empty where a shot cannot be set up on this table or no stroke does it
     */
    public static Optional<List<Difficulty.Played>> of(
            Drill drill, int station, TableSpec table, Function<SetUp, WorkedSetUp> worked) {
        List<Difficulty.Played> shots = new ArrayList<>();
        for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
            SetUp setUp = SetUp.of(drill, station, shot, false, table);
            Optional<Recipe> usual;
            try {
                usual = worked.apply(setUp).usualWay();
            } catch (InvalidInputException cannotBeSetUp) {
                return Optional.empty();
            }
            if (usual.isEmpty()) {
                return Optional.empty();
            }
            shots.add(new Difficulty.Played(setUp.task(), usual.get().stroke()));
        }
        return Optional.of(shots);
    }
}
