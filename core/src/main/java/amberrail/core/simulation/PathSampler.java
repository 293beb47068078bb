package amberrail.core.simulation;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import java.util.ArrayList;
import java.util.List;

/** A path segment as the few points (mm) that a drawing needs. */
public final class PathSampler {
    /** No chord strays further than this from the path. */
    private static final double MOST_STRAY_METRES = 0.0003;

    private static final int MOST_CHORDS = 60;

    private PathSampler() {}

    /** Begin, end and as many points between as the bend asks for; a straight stretch has two. */
    public static List<Point> points(PathSegment segment) {
        double seconds = segment.toSeconds() - segment.fromSeconds();
        BallState start = segment.start();
        double speed = Math.hypot(start.vx(), start.vy());
        double across = speed > 0 ? Math.abs(start.vx() * segment.ay() - start.vy() * segment.ax()) / speed : 0;
        // A chord over a time t bows by a t²/8; a ball that turns back needs its turning point too.
        double bow = across * seconds * seconds / 8;
        double against = -(start.vx() * segment.ax() + start.vy() * segment.ay());
        boolean turnsBack =
                against > 0 && against * seconds > speed * speed && segment.phase() == PathSegment.Phase.SLIDING;
        int chords = (int) Math.ceil(Math.sqrt(bow / MOST_STRAY_METRES));
        chords = Math.min(MOST_CHORDS, Math.max(turnsBack ? 16 : 1, chords));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= chords; i++) {
            BallState state = segment.at(segment.fromSeconds() + seconds * i / chords);
            points.add(Point.ofMetres(state.x(), state.y()));
        }
        return points;
    }
}
