package amberrail.core.aiming;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.BallSet;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.TablePlan;
import java.util.Locale;

/**
 * The straight pot from a cue ball over an object ball into a pocket.
 *
 * @param objectDirection where the object ball must go: the middle of its pocket window
 * @param ghostBall       cue ball's centre at contact, G = O - D·U(theta)
 * @param contactPoint    on the object ball, O - ro·U(theta)
 * @param aim             from the cue ball to the ghost ball
 * @param cutDegrees      theta - aim in (-180, 180]; positive: the object ball leaves to the left of the aim
 * @param cueDistanceMillimetres from the cue ball to the ghost ball, l
 * @param objectPathEnd   where the object ball drops: the first point of its path within the capture circle
 * @param objectDistanceMillimetres from the object ball to there
 * @param aimWindow       aims that keep the object ball inside the window used
 * @see "physics/model.md, section 9"
 */
public record PotLine(
        Direction objectDirection,
        Point ghostBall,
        Point contactPoint,
        Direction aim,
        double cutDegrees,
        double cueDistanceMillimetres,
        double touchingMillimetres,
        Point objectPathEnd,
        double objectDistanceMillimetres,
        PocketWindow window,
        DirectionWindow aimWindow) {

    /** Under this a cut has no thick and thin side to speak of; misses are called left and right (answers.md). */
    public static final double STRAIGHT_BELOW_DEGREES = 3;

    /** {@code NO_STRAIGHT_POT} if the cut would be 90 degrees or more, or the pocket shows no opening. */
    public static PotLine of(TablePlan table, BallSet balls, Point cue, Point object, Pocket pocket) {
        return of(table, balls, cue, object, pocket, PocketHalf.ANY);
    }

    /** Into one half of the pocket: window and aims are those that drop there. */
    public static PotLine of(TablePlan table, BallSet balls, Point cue, Point object, Pocket pocket, PocketHalf half) {
        PocketWindow window = PocketWindow.of(table, pocket, half, balls.objectBall(), object);
        if (window.used().isEmpty()) {
            String seen = half == PocketHalf.ANY
                    ? "an opening"
                    : "an opening in its " + half.name().toLowerCase(Locale.ROOT) + " half";
            throw impossible(pocket, "must show " + seen + " to the object ball");
        }
        Direction objectDirection = window.used().middle();
        double touching = balls.touchingMillimetres();
        Point ghost = ghostBall(object, objectDirection, touching);
        Direction aim = cue.towards(ghost);
        double cut = Angles.normalDegrees(objectDirection.degrees() - aim.degrees());
        if (Math.abs(cut) >= 90) {
            throw impossible(
                    pocket, "must be there with a cut under 90 degrees, and this needs " + Math.round(Math.abs(cut)));
        }
        Point pathEnd = dropPoint(object, objectDirection, pocket);
        return new PotLine(
                objectDirection,
                ghost,
                object.moved(objectDirection, -balls.objectBall().radiusMillimetres()),
                aim,
                cut,
                cue.distanceMillimetres(ghost),
                touching,
                pathEnd,
                object.distanceMillimetres(pathEnd),
                window,
                aimWindow(cue, object, window.used(), touching));
    }

    /** Where the cue ball's centre must be at contact to send the object ball along {@code objectDirection}. */
    public static Point ghostBall(Point object, Direction objectDirection, double touchingMillimetres) {
        return object.moved(objectDirection, -touchingMillimetres);
    }

    /** Share of the object ball that is covered: 1 - sin|cut|; 1 is full, 0.5 half ball. */
    public double fraction() {
        return 1 - Math.sin(Math.toRadians(Math.abs(cutDegrees)));
    }

    /** Degrees the object ball turns for one degree of aim: -l / (D cos cut). */
    public double sensitivity() {
        return -cueDistanceMillimetres / (touchingMillimetres * Math.cos(Math.toRadians(cutDegrees)));
    }

    public boolean isStraight() {
        return Math.abs(cutDegrees) < STRAIGHT_BELOW_DEGREES;
    }

    /** Where the path enters the capture circle; for a path that only grazes past it, the nearest point to its centre. */
    private static Point dropPoint(Point object, Direction path, Pocket pocket) {
        Point toCentre = pocket.captureCentre().minus(object);
        double along = toCentre.along(path);
        double aside = toCentre.leftOf(path);
        double radius = pocket.shape().captureRadiusMillimetres();
        return object.moved(path, along - Math.sqrt(Math.max(0, radius * radius - aside * aside)));
    }

    private static DirectionWindow aimWindow(Point cue, Point object, DirectionWindow used, double touching) {
        double one = cue.towards(ghostBall(object, Direction.ofDegrees(used.lowerDegrees()), touching))
                .degrees();
        double other = cue.towards(ghostBall(object, Direction.ofDegrees(used.upperDegrees()), touching))
                .degrees();
        // A greater object direction needs a smaller aim, so the bounds change places.
        return DirectionWindow.between(other, one);
    }

    private static InvalidInputException impossible(Pocket pocket, String rule) {
        return new InvalidInputException(ProblemCode.NO_STRAIGHT_POT, "pocket", pocket.name(), rule);
    }
}
