package amberrail.core.table;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** The visible edge of one cushion for drawing: facing, jaw arc, nose, jaw arc, facing, and back behind the nose. */
public final class CushionOutline {
    /** A pool cushion is about this deep; only drawing depends on it. */
    public static final double DEPTH_MILLIMETRES = 50;

    /** Arcs are drawn by chords of at most this turn; on the largest jaw that is 0.1 mm off the arc. */
    private static final double ARC_STEP_DEGREES = 5;

    private CushionOutline() {}

    /** The closed outline (mm) of one piece of cushion, not mirrored, starting at its first facing. */
    public static List<Point> of(NoseSegment segment) {
        List<Point> outline = new ArrayList<>();
        outline.add(behind(segment.startJaw()));
        List<Point> opening = jaw(segment.startJaw());
        for (int i = opening.size() - 1; i >= 0; i--) {
            outline.add(opening.get(i));
        }
        outline.addAll(jaw(segment.endJaw()));
        outline.add(behind(segment.endJaw()));
        return outline;
    }

    /** From the nose round the arc to the end of the facing. */
    private static List<Point> jaw(Jaw jaw) {
        List<Point> points = new ArrayList<>();
        int steps = Math.max(1, (int) Math.ceil(jaw.facingTurnDegrees() / ARC_STEP_DEGREES));
        for (int i = 0; i <= steps; i++) {
            double beta = Math.toRadians(jaw.facingTurnDegrees() * i / steps);
            Direction outwards = new Direction(
                    Math.cos(beta) * jaw.inward().x()
                            + Math.sin(beta) * jaw.alongCushion().x(),
                    Math.cos(beta) * jaw.inward().y()
                            + Math.sin(beta) * jaw.alongCushion().y());
            points.add(jaw.arcCentre().moved(outwards, jaw.arcRadiusMillimetres()));
        }
        points.add(jaw.facingEnd());
        return points;
    }

    /** The point of the cushion's back line level with the facing's end. */
    private static Point behind(Jaw jaw) {
        double behindNose = -jaw.facingEnd().minus(jaw.virtualPoint()).along(jaw.inward());
        return jaw.facingEnd().moved(jaw.inward(), Math.min(0, behindNose - DEPTH_MILLIMETRES));
    }
}
