package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;

/** One step of a drill: its shots in order and the rule to move on. */
public record Station(String name, List<Shot> shots, AdvancingRule rule) {
    public Station {
        Require.text("name", name, 80);
        shots = List.copyOf(shots);
        if (shots.isEmpty()) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, "shots", 0, "must have at least one shot");
        }
        Objects.requireNonNull(rule);
    }
}
