package amberrail.core.kit;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;

/**
 * A stroke straight at a far mark with the tip to one side.
 *
 * @param tipSideMillimetres  of the tip from the ball's centre line, right positive
 * @param secondsToCushion    from the tip to the cushion's sound
 * @param missLeftMillimetres how far left of the mark the ball's centre met the cushion
 */
public record SideReading(
        double x,
        double y,
        double directionDegrees,
        double tipSideMillimetres,
        double secondsToCushion,
        double missLeftMillimetres)
        implements Reading {
    public SideReading {
        Require.notNegative("x", x);
        Require.notNegative("y", y);
        Require.finite("directionDegrees", directionDegrees);
        Require.between("tipSideMillimetres", tipSideMillimetres, -15, 15);
        Reading.requirePlausible("secondsToCushion", secondsToCushion);
        Require.finite("missLeftMillimetres", missLeftMillimetres);
    }

    @Override
    public List<String> fields() {
        return List.of("secondsToCushion", "missLeftMillimetres");
    }

    @Override
    public double value(String field) {
        return switch (field) {
            case "secondsToCushion" -> secondsToCushion;
            case "missLeftMillimetres" -> missLeftMillimetres;
            default -> throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "field", field, "must be a field");
        };
    }

    @Override
    public SideReading with(String field, double value) {
        return new SideReading(
                x,
                y,
                directionDegrees,
                tipSideMillimetres,
                field.equals("secondsToCushion") ? value : secondsToCushion,
                field.equals("missLeftMillimetres") ? value : missLeftMillimetres);
    }
}
