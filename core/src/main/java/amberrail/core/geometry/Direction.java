package amberrail.core.geometry;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;

/** A unit vector in plan: x and y are cosine and sine of the angle from +x, counter-clockwise. */
public record Direction(double x, double y) {
    private static final double SHORTEST = 1e-9;

    /** Checked here so that no direction of another length exists; use {@link #of} or {@link #ofDegrees}. */
    public Direction {
        double length = Math.hypot(x, y);
        if (!(Math.abs(length - 1) < 1e-9)) {
            throw new InvalidInputException(ProblemCode.ZERO_DIRECTION, "direction", length, "must have length 1");
        }
    }

    /** The direction of an offset; {@code ZERO_DIRECTION} if it is shorter than 1e-9 mm. */
    public static Direction of(Point offset) {
        double length = offset.lengthMillimetres();
        if (length < SHORTEST) {
            throw new InvalidInputException(
                    ProblemCode.ZERO_DIRECTION, "direction", length, "must be longer than 1e-9");
        }
        return new Direction(offset.xMillimetres() / length, offset.yMillimetres() / length);
    }

    public static Direction ofDegrees(double degrees) {
        double radians = Math.toRadians(Require.finite("degrees", degrees));
        return new Direction(Math.cos(radians), Math.sin(radians));
    }

    /** Angle from +x, counter-clockwise, in (-180, 180]. */
    public double degrees() {
        return Angles.normalDegrees(Math.toDegrees(Math.atan2(y, x)));
    }

    public Direction opposite() {
        return new Direction(-x, -y);
    }

    /** A quarter turn counter-clockwise: the way "left" lies when travelling along this. */
    public Direction left() {
        return new Direction(-y, x);
    }

    /** This direction turned counter-clockwise by {@code degrees}. */
    public Direction turnedDegrees(double degrees) {
        return ofDegrees(Math.toDegrees(Math.atan2(y, x)) + degrees);
    }
}
