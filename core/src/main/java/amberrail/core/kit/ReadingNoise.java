package amberrail.core.kit;

/**
 * How exactly people read these experiments: standard deviations of what is written down and of what the hand does besides.
 *
 * @see "kit/kit-cases.json, noise"
 */
public record ReadingNoise(
        double rollSeconds,
        double rollMetres,
        double rollAsideMillimetres,
        double rollDirectionMilliradians,
        double reboundSeconds,
        double reboundMetres,
        double slideSeconds,
        double slideMetres,
        double slideTipHeightMillimetres,
        double sideSeconds,
        double sideMissMillimetres,
        double sideTipMillimetres,
        double sideDirectionMilliradians) {
    public static final ReadingNoise USUAL =
            new ReadingNoise(0.12, 0.005, 3.0, 3.0, 0.06, 0.005, 0.03, 0.1, 1.0, 0.03, 8.0, 1.0, 1.5);
}
