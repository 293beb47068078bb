package amberrail.core.aiming;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.TableSpec;

/**
 * Where a ball that goes straight first meets a cushion's nose, pockets not looked at.
 *
 * @param place  the ball's centre there
 * @param sights counted along that cushion from the SW corner's side
 */
public record CushionReach(Cushion cushion, Point place, double sights) {
    /** Into a corner two cushions are as near; then the first of them counts. */
    private static final double TIE_MILLIMETRES = 1e-6;

    /** Example: from (1270, 635) due north on a 9-ft table: cushion N, 4 sights. */
    public static CushionReach of(TableSpec table, BallSpec ball, Point from, Direction way) {
        double nose = table.noseDistanceMillimetres(ball);
        Cushion first = null;
        double shortest = Double.POSITIVE_INFINITY;
        for (Cushion cushion : Cushion.values()) {
            double approach = -(way.x() * cushion.inward().x()
                    + way.y() * cushion.inward().y());
            if (approach <= 1e-12) {
                continue;
            }
            double distance = (cushion.distanceMillimetres(from, table) - nose) / approach;
            if (distance < shortest - TIE_MILLIMETRES) {
                shortest = distance;
                first = cushion;
            }
        }
        Point place = from.moved(way, Math.max(0, shortest));
        double along = first.isLong() ? place.xMillimetres() : place.yMillimetres();
        return new CushionReach(first, place, along / first.sightMillimetres(table));
    }
}
