package amberrail.app.drills;

import amberrail.core.drill.Drill;
import amberrail.core.table.TableSpec;
import java.util.Optional;

/** Grades that have been worked out; answered by whoever works them out. */
public interface KnownGrades {
    /** From the easiest to the hardest station of a drill (grade points); empty while a station has none. */
    record Range(double easiest, double hardest) {}

    Optional<Range> of(Drill drill, TableSpec table);

    /**
     * What simulation says of a station (grading.md).
     *
     * @param logits its difficulty
     * @param slope  how steeply success rises with ability about it
     */
    record Simulated(double logits, double slope) {
        /** The success rate of ability 0, as a fit wants it. */
        public double predicted() {
            return 1 / (1 + Math.exp(logits));
        }
    }

    /** Empty while nobody has worked it out. */
    Optional<Simulated> simulated(Drill drill, int station, TableSpec table);
}
