package amberrail.core.attempt;

import amberrail.core.drill.TryResult;
import java.util.List;

/** What the judge says, and every reason against success. */
public record Judgement(TryResult result, List<Fault> faults) {
    /** Why a shot did not succeed. */
    public enum Fault {
        NOT_POTTED,
        FOUL,
        IN_OFF,
        OUTSIDE_THE_ZONE
    }

    public Judgement {
        faults = List.copyOf(faults);
    }
}
