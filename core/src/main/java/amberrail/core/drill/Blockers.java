package amberrail.core.drill;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Segment;
import java.util.List;

/**
 * Balls in the way of a ball that goes straight.
 *
 * @see "plane geometry: a ball is in the way within one diameter of the path"
 */
public final class Blockers {
    /** A ball this much deeper than touching is in the way; less is a set-up that just clears. */
    private static final double JUST_CLEARS_MILLIMETRES = 0.05;

    private Blockers() {}

    /** Labels of the balls that {@code moving} would meet between its place and {@code to} (mm); {@code except} do not count. */
    public static List<String> of(List<PlacedBall> balls, PlacedBall moving, Point to, PlacedBall... except) {
        List<PlacedBall> ignored = List.of(except);
        return balls.stream()
                .filter(ball -> ball != moving && !ignored.contains(ball))
                .filter(ball -> meets(ball, moving, to))
                .map(PlacedBall::label)
                .toList();
    }

    private static boolean meets(PlacedBall ball, PlacedBall moving, Point to) {
        double touching =
                2 * Math.sqrt(ball.spec().radiusMillimetres() * moving.spec().radiusMillimetres());
        return new Segment(moving.place(), to).distanceMillimetres(ball.place()) < touching - JUST_CLEARS_MILLIMETRES;
    }
}
