package amberrail.app.drills;

import amberrail.core.drill.Drill;
import com.fasterxml.jackson.databind.JsonNode;

/** A drill that is being written and is not stored. */
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
}
