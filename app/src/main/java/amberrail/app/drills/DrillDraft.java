package amberrail.app.drills;

import amberrail.core.drill.Drill;
import com.fasterxml.jackson.databind.JsonNode;

/** A drill as JSON for the features that need it so. */
public final class DrillDraft {
    private DrillDraft() {}

    /**
     * A drill that somebody sent.
     *
     * @throws amberrail.core.problem.InvalidInputException with the place in it, such as {@code drill.stations[1].rule}
     */
    public static Drill read(JsonNode tree) {
        return DrillJson.sent(tree, "drill");
    }

    /** What a station's shots are, as text that is the same for the same shots. */
    public static String shotsOf(Drill drill, int station) {
        return DrillJson.write(drill.station(station).shots());
    }
}
