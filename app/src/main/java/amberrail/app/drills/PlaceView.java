package amberrail.app.drills;

import amberrail.app.kit.PointView;
import amberrail.core.geometry.Point;
import amberrail.core.table.Cushion;
import amberrail.core.table.CushionDistances;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TableSpec;

/** A place read three ways: mm, sights, and by tape from the two nearest cushions to the ball's centre. */
public record PlaceView(
        PointView place,
        double sightsAlong,
        double sightsAcross,
        Cushion shortCushion,
        double fromShortMillimetres,
        Cushion longCushion,
        double fromLongMillimetres) {
    static PlaceView of(Point point, TableSpec table) {
        SightPosition sights = SightPosition.of(point, table);
        CushionDistances tape = CushionDistances.of(point, table);
        return new PlaceView(
                PointView.of(point),
                sights.along(),
                sights.across(),
                tape.shortCushion(),
                tape.fromShortMillimetres(),
                tape.longCushion(),
                tape.fromLongMillimetres());
    }
}
