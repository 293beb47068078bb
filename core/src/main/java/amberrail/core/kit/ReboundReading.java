package amberrail.core.kit;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;

/**
 * A roll square to a cushion and back; a lag is one too.
 *
 * @param secondsToCushion from the mark to the cushion's sound
 * @param metresBack       from the nose line back to where the ball rests
 */
public record ReboundReading(double x, double y, double directionDegrees, double secondsToCushion, double metresBack)
        implements Reading {
    public ReboundReading {
        Require.notNegative("x", x);
        Require.notNegative("y", y);
        Require.finite("directionDegrees", directionDegrees);
        Reading.requirePlausible("secondsToCushion", secondsToCushion);
        Require.positive("metresBack", metresBack);
    }

    @Override
    public List<String> fields() {
        return List.of("secondsToCushion", "metresBack");
    }

    @Override
    public double value(String field) {
        return switch (field) {
            case "secondsToCushion" -> secondsToCushion;
            case "metresBack" -> metresBack;
            default -> throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "field", field, "must be a field");
        };
    }

    @Override
    public ReboundReading with(String field, double value) {
        return new ReboundReading(
                x,
                y,
                directionDegrees,
                field.equals("secondsToCushion") ? value : secondsToCushion,
                field.equals("metresBack") ? value : metresBack);
    }
}
