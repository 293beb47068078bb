package amberrail.app.drills;

import amberrail.core.drill.Drill;
import amberrail.core.table.TableSpec;
import java.util.Optional;
import java.util.OptionalDouble;

/** Grades that have been worked out; answered by whoever works them out. */
public interface KnownGrades {
    /** From the easiest to the hardest station of a drill (grade points); empty while a station has none. */
    record Range(double easiest, double hardest) {}

    Optional<Range> of(Drill drill, TableSpec table);

    /** The simulated difficulty of a station in logits (grading.md); empty while it has none. */
    OptionalDouble simulatedLogits(Drill drill, int station, TableSpec table);
}
