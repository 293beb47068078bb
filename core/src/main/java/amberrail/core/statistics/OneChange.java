package amberrail.core.statistics;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What one change would help most: the share of attempts that pot and stop in the ring, by the fitted normal cloud, as it is and with one thing
 * mended.
 *
 * <p>The model is ours: the pot and the landing of made pots are taken as independent; a habit mended means the bias gone, a spread mended
 * means a fifth less of it, potting mended means a fifth of the misses gone.
 *
 * @param change what is mended
 * @param now    share of attempts that succeed, as fitted
 * @param then   the same with it mended
 */
public record OneChange(Change change, double now, double then) {
    private static final int FEWEST = 10;
    private static final double MENDED = 0.8;

    /** What can be mended. */
    public enum Change {
        POTTING,
        BIAS,
        LINE,
        SPEED
    }

    /**
     * @param potted share of attempts that pot
     * @param landed where the made pots land
     * @param radius of the ring about the target (mm)
     * @return empty under ten landings, or where they have no spread
     */
    public static Optional<OneChange> of(double potted, Dispersion landed, double radius) {
        Optional<Spread> spread = landed.spread().value();
        Optional<Offset> offset = landed.offset().value();
        if (landed.landings() < FEWEST || spread.isEmpty() || offset.isEmpty()) {
            return Optional.empty();
        }
        Covariance c = spread.get().lineSpeed();
        double line = offset.get().biasLineMillimetres();
        double speed = offset.get().biasSpeedMillimetres();
        if (c.minor() <= 0) {
            return Optional.empty();
        }
        double now = potted * inside(line, speed, c, radius);
        return List.of(
                        new OneChange(
                                Change.POTTING, now, (1 - (1 - potted) * MENDED) * inside(line, speed, c, radius)),
                        new OneChange(Change.BIAS, now, potted * inside(0, 0, c, radius)),
                        new OneChange(Change.LINE, now, potted * inside(line, speed, scaled(c, MENDED, 1), radius)),
                        new OneChange(Change.SPEED, now, potted * inside(line, speed, scaled(c, 1, MENDED), radius)))
                .stream()
                .max(Comparator.comparingDouble(OneChange::then));
    }

    private static double inside(double line, double speed, Covariance covariance, double radius) {
        return CircleModel.of(line, speed, covariance).probability(radius);
    }

    private static Covariance scaled(Covariance c, double line, double speed) {
        return new Covariance(line * line * c.first(), line * speed * c.mixed(), speed * speed * c.second());
    }
}
