package amberrail.core.geometry;

/** Angles brought to their written range. */
public final class Angles {
    private Angles() {}

    /** The same angle in (-180, 180]. */
    public static double normalDegrees(double degrees) {
        double rest = degrees % 360;
        if (rest <= -180) {
            return rest + 360;
        }
        return rest > 180 ? rest - 360 : rest;
    }
}
