package amberrail.core.attempt;

import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * Where the cue ball stopped, and how well that was seen.
 *
 * @param placingSdMillimetres standard deviation of the placing: a tap 6 px of the drawing, loupe 8, nudged 10, tape 3
 */
public record Landing(Point place, PlacedBy placedBy, double placingSdMillimetres) {
    private static final double COARSEST_MILLIMETRES = 500;

    /** How the landing was put on the drawing. */
    public enum PlacedBy {
        TAP,
        LOUPE,
        NUDGED,
        TAPE,
        CAMERA,
        PHOTO
    }

    public Landing {
        Objects.requireNonNull(place);
        Objects.requireNonNull(placedBy);
        Require.positive("placingSdMillimetres", placingSdMillimetres);
        Require.between("placingSdMillimetres", placingSdMillimetres, 0, COARSEST_MILLIMETRES);
    }
}
