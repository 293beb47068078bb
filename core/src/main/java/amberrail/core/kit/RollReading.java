package amberrail.core.kit;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;

/**
 * A slow roll over a mark to where it rests.
 *
 * @param seconds          from the mark to rest
 * @param metres           along the direction
 * @param asideMillimetres how far to the left of it
 */
public record RollReading(
        double x, double y, double directionDegrees, double seconds, double metres, double asideMillimetres)
        implements Reading {
    public RollReading {
        Require.notNegative("x", x);
        Require.notNegative("y", y);
        Require.finite("directionDegrees", directionDegrees);
        Reading.requirePlausible("seconds", seconds);
        Require.positive("metres", metres);
        Require.finite("asideMillimetres", asideMillimetres);
    }

    @Override
    public List<String> fields() {
        return List.of("seconds", "metres", "asideMillimetres");
    }

    @Override
    public double value(String field) {
        return switch (field) {
            case "seconds" -> seconds;
            case "metres" -> metres;
            case "asideMillimetres" -> asideMillimetres;
            default -> throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "field", field, "must be a field");
        };
    }

    @Override
    public RollReading with(String field, double value) {
        return new RollReading(
                x,
                y,
                directionDegrees,
                field.equals("seconds") ? value : seconds,
                field.equals("metres") ? value : metres,
                field.equals("asideMillimetres") ? value : asideMillimetres);
    }
}
