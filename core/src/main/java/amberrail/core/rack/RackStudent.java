package amberrail.core.rack;

import amberrail.core.simulation.ExecutionErrors;
import java.util.Objects;

/** Who plays: their error sizes and the club's rules. */
public record RackStudent(ExecutionErrors errors, HouseRules rules) {
    public RackStudent {
        Objects.requireNonNull(errors);
        Objects.requireNonNull(rules);
    }

    public RackStudent with(ExecutionErrors other) {
        return new RackStudent(other, rules);
    }
}
