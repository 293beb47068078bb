package amberrail.core.geometry;

/** From the units that people are told (mm, mrad) to the engine's (m) and back; degrees are what angles are stored in. */
public final class Units {
    private static final double PER_UNIT = 1000;

    private Units() {}

    public static double millimetres(double metres) {
        return PER_UNIT * metres;
    }

    public static double metres(double millimetres) {
        return millimetres / PER_UNIT;
    }

    /** Of an angle in degrees. */
    public static double milliradians(double degrees) {
        return PER_UNIT * Math.toRadians(degrees);
    }

    /** Of an angle in mrad. */
    public static double degrees(double milliradians) {
        return Math.toDegrees(milliradians / PER_UNIT);
    }
}
