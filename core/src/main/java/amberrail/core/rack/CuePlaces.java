package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.table.Markings;
import java.util.ArrayList;
import java.util.List;

/** Where the cue ball in hand might be put: behind each ball that is on, near and less near, straight and at an angle. */
final class CuePlaces {
    private static final double[] DISTANCES = {250, 420};
    private static final double[] CUTS_DEGREES = {-40, -22, -6, 6, 22, 40};
    private static final double ROOM = 1;

    private CuePlaces() {}

    static List<Point> of(RackPosition position, HouseRules rules) {
        List<Point> places = new ArrayList<>();
        for (Opening opening : position.openings()) {
            for (int on : position.on()) {
                if (on == opening.ball()) {
                    behind(position, opening, rules, places);
                }
            }
        }
        return places.isEmpty() && rules.cueBallBehindLine() ? onTheLine(position) : places;
    }

    private static void behind(RackPosition position, Opening opening, HouseRules rules, List<Point> places) {
        RackTable table = position.table();
        Point ball = position.place(opening.ball());
        double ghostX = ball.xMillimetres() - table.touching * Math.cos(opening.bearing());
        double ghostY = ball.yMillimetres() - table.touching * Math.sin(opening.bearing());
        for (double distance : DISTANCES) {
            for (double cut : CUTS_DEGREES) {
                double back = opening.bearing() - Math.toRadians(cut);
                Point place = new Point(ghostX - distance * Math.cos(back), ghostY - distance * Math.sin(back));
                if (isFree(position, place, rules)) {
                    places.add(place);
                }
            }
        }
    }

    /** Behind the line balls are often far: places along it. */
    private static List<Point> onTheLine(RackPosition position) {
        RackTable table = position.table();
        List<Point> places = new ArrayList<>();
        double x = lineX(table);
        for (int i = 1; i < 12; i++) {
            Point place = new Point(x, table.spec.widthMillimetres() * i / 12);
            if (isFree(position, place, HouseRules.USUAL)) {
                places.add(place);
            }
        }
        return places;
    }

    private static double lineX(RackTable table) {
        return Markings.of(table.spec).headLine().start().xMillimetres();
    }

    /** Whether the cue ball may be put here: on the bed, clear of the balls, behind the line where that is the rule. */
    static boolean isFree(RackPosition position, Point place, HouseRules rules) {
        RackTable table = position.table();
        if (!table.plan.holds(place, table.cueBall)
                || rules.cueBallBehindLine() && place.xMillimetres() > lineX(table)) {
            return false;
        }
        for (int ball : position.onTable()) {
            if (position.place(ball).distanceMillimetres(place) < table.touching + ROOM) {
                return false;
            }
        }
        return true;
    }
}
