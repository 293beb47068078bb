package amberrail.app.drills;

import amberrail.core.attempt.Attempt;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.StrokeTables;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.ShotTask;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.statistics.StrokeCell;
import amberrail.core.statistics.StrokeTable;
import amberrail.core.table.TablePresets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A shipped drill's first station on one side with its usual stroke, for students whose truth is known; its tables are played once a band. */
final class TruthExercise {
    final ShotLayout layout;
    final ShotTask task;
    /** As it is meant on this side. */
    final PlannedStroke stroke;

    private final Map<Band, StrokeTable> tables = new HashMap<>();

    TruthExercise(String id, boolean mirrored) {
        SetUp setUp = SetUp.of(new ShippedDrills().find(id).orElseThrow(), 0, 0, mirrored, TablePresets.POOL_9FT);
        Recipe usual = WorkedSetUp.waysOnly(setUp).usualWay().orElseThrow();
        double arrival = mirrored ? -usual.arrivalDegrees() : usual.arrivalDegrees();
        layout = setUp.drawn().hasTarget() ? setUp.drawn().arriving(Direction.ofDegrees(arrival)) : setUp.drawn();
        task = setUp.task();
        stroke = mirrored ? usual.stroke().mirrored() : usual.stroke();
    }

    StrokeTable table(Band band) {
        return tables.computeIfAbsent(band, b -> StrokeTables.of(layout, task, stroke, OwnErrors.ofBand(b)));
    }

    StrokeCell cell(Band band, List<Attempt> attempts) {
        return new StrokeCell(
                table(band),
                attempts.stream()
                        .map(StrokeTables::seen)
                        .flatMap(Optional::stream)
                        .toList());
    }
}
