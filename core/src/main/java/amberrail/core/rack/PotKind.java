package amberrail.core.rack;

import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.Optional;

/**
 * Pots of like difficulty: the same cut to {@link #CUT_STEP_DEGREES} and the same way of both balls together to {@link #WAY_STEP_MILLIMETRES}. The steps
 * are ours: narrower ones leave too few drill shots to hold a rack's shots against.
 *
 * @param cutFromDegrees     least cut of the kind; the last kind is open upwards
 * @param wayFromMillimetres least way from the cue ball to contact and on to the pocket; the last kind is open upwards
 */
public record PotKind(int cutFromDegrees, int wayFromMillimetres) {
    static final int CUT_STEP_DEGREES = 15;
    static final int WAY_STEP_MILLIMETRES = 750;
    private static final int MOST_CUT_STEPS = 4;
    private static final int MOST_WAY_STEPS = 3;
    private static final double SQUARE_DEGREES = 90;

    /**
     * @param cue         where the cue ball lies (mm)
     * @param object      where the ball lies that is potted (mm)
     * @param pocket      where it drops (mm)
     * @param touchingMillimetres distance of the centres of both balls when they touch
     * @return empty where the ball cannot be cut that far
     */
    public static Optional<PotKind> of(Point cue, Point object, Point pocket, double touchingMillimetres) {
        Direction way = object.towards(pocket);
        Point ghost = PotLine.ghostBall(object, way, touchingMillimetres);
        double cut =
                Math.abs(Angles.normalDegrees(way.degrees() - cue.towards(ghost).degrees()));
        if (cut >= SQUARE_DEGREES) {
            return Optional.empty();
        }
        double both = cue.distanceMillimetres(ghost) + object.distanceMillimetres(pocket);
        return Optional.of(new PotKind(
                CUT_STEP_DEGREES * Math.min(MOST_CUT_STEPS, (int) (cut / CUT_STEP_DEGREES)),
                WAY_STEP_MILLIMETRES * Math.min(MOST_WAY_STEPS, (int) (both / WAY_STEP_MILLIMETRES))));
    }
}
