package amberrail.app.kit;

import amberrail.core.aiming.PocketWindow;
import amberrail.core.geometry.Direction;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Jaw;
import amberrail.core.table.Markings;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;

/**
 * What the bench needs to draw aiming lines while a ball is dragged; on release the server's own answer stands ({@link PocketWindow} has the formulas).
 *
 * @param mostRollingShare surface spin over speed that a tip at the miscue limit gives
 */
public record TableGeometry(
        double lengthMillimetres,
        double widthMillimetres,
        BallNumbers cueBall,
        BallNumbers objectBall,
        double ballRestitution,
        double mostRollingShare,
        List<PocketGeometry> pockets,
        List<SpotView> spots) {

    /** A ball, and how near to a nose its centre can come. */
    public record BallNumbers(double diameterMillimetres, double massKilograms, double noseDistanceMillimetres) {
        static BallNumbers of(TableSpec table, BallSpec ball) {
            return new BallNumbers(
                    ball.diameterMillimetres(), ball.massKilograms(), table.noseDistanceMillimetres(ball));
        }
    }

    /** Unit vector. */
    public record WayView(double x, double y) {
        static WayView of(Direction way) {
            return new WayView(way.x(), way.y());
        }
    }

    /** One jaw as in core's {@code Jaw}. */
    public record JawGeometry(
            PointView virtualPoint,
            PointView arcCentre,
            PointView arcEnd,
            WayView alongCushion,
            WayView inward,
            WayView facing,
            WayView facingNormal,
            double arcRadiusMillimetres,
            double facingTurnDegrees) {
        static JawGeometry of(Jaw jaw) {
            return new JawGeometry(
                    PointView.of(jaw.virtualPoint()),
                    PointView.of(jaw.arcCentre()),
                    PointView.of(jaw.arcEnd()),
                    WayView.of(jaw.alongCushion()),
                    WayView.of(jaw.inward()),
                    WayView.of(jaw.facing()),
                    WayView.of(jaw.facingNormal()),
                    jaw.arcRadiusMillimetres(),
                    jaw.facingTurnDegrees());
        }
    }

    /** One pocket. */
    public record PocketGeometry(
            PocketName name,
            WayView axis,
            double mouthMillimetres,
            PointView captureCentre,
            double captureRadiusMillimetres,
            JawGeometry leftJaw,
            JawGeometry rightJaw) {
        static PocketGeometry of(Pocket pocket) {
            return new PocketGeometry(
                    pocket.name(),
                    WayView.of(pocket.axis()),
                    pocket.shape().mouthMillimetres(),
                    PointView.of(pocket.captureCentre()),
                    pocket.shape().captureRadiusMillimetres(),
                    JawGeometry.of(pocket.leftJaw()),
                    JawGeometry.of(pocket.rightJaw()));
        }
    }

    /** A marked spot and its name. */
    public record SpotView(String name, PointView place) {}

    public static TableGeometry of(TableSpec spec) {
        return new TableGeometry(
                spec.lengthMillimetres(),
                spec.widthMillimetres(),
                BallNumbers.of(spec, spec.balls().cueBall()),
                BallNumbers.of(spec, spec.balls().objectBall()),
                spec.physics().ballRestitution(),
                2.5 * spec.physics().miscueLimit(),
                TablePlan.of(spec).pockets().stream().map(PocketGeometry::of).toList(),
                Markings.of(spec).spots().stream()
                        .map(spot -> new SpotView(spot.name(), PointView.of(spot.place())))
                        .toList());
    }
}
