package amberrail.core.kit;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;

/**
 * A stroke at the ball's centre, and how far it slid.
 *
 * @param secondsToCushion from the tip to the cushion's sound
 * @param metresSliding    from where it lay to where it began to roll
 */
public record SlideReading(double x, double y, double directionDegrees, double secondsToCushion, double metresSliding)
        implements Reading {
    public SlideReading {
        Require.notNegative("x", x);
        Require.notNegative("y", y);
        Require.finite("directionDegrees", directionDegrees);
        Reading.requirePlausible("secondsToCushion", secondsToCushion);
        Require.positive("metresSliding", metresSliding);
    }

    @Override
    public List<String> fields() {
        return List.of("secondsToCushion", "metresSliding");
    }

    @Override
    public double value(String field) {
        return switch (field) {
            case "secondsToCushion" -> secondsToCushion;
            case "metresSliding" -> metresSliding;
            default -> throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "field", field, "must be a field");
        };
    }

    @Override
    public SlideReading with(String field, double value) {
        return new SlideReading(
                x,
                y,
                directionDegrees,
                field.equals("secondsToCushion") ? value : secondsToCushion,
                field.equals("metresSliding") ? value : metresSliding);
    }
}
