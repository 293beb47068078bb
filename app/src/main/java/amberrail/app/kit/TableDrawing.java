package amberrail.app.kit;

import amberrail.app.web.MayBeMissing;
import amberrail.core.kit.DriftSaid;
import amberrail.core.table.CushionOutline;
import amberrail.core.table.Markings;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;

/**
 * Everything needed to draw a table to scale; worked out here, so that the browser knows no table geometry.
 *
 * @param cushions closed outlines, facings and jaws included
 * @param sights   centres of sights on the wood; empty where there are none
 * @param strike   how strokes on it are read
 * @param drift    which way a slow ball is drawn; left out where the table is level, or nobody has looked
 */
public record TableDrawing(
        TableKind kind,
        double lengthMillimetres,
        double widthMillimetres,
        double cueBallDiameterMillimetres,
        double objectBallDiameterMillimetres,
        double cushionDepthMillimetres,
        double noseDistanceMillimetres,
        List<List<PointView>> cushions,
        List<PocketView> pockets,
        List<PointView> sights,
        List<PointView> spots,
        List<PointView> headLine,
        @MayBeMissing SemicircleView d,
        StrikeScale strike,
        @MayBeMissing DriftView drift) {

    /** Counter-clockwise from +x, and how far over one table length (mm). */
    public record DriftView(double degrees, double millimetres) {
        static DriftView of(TableSpec spec) {
            DriftSaid drift = DriftSaid.of(spec);
            return drift.isNoticed() ? new DriftView(drift.degrees(), drift.millimetres()) : null;
        }
    }

    /** A pocket as the circle that captures a ball's centre. */
    public record PocketView(PocketName name, PointView centre, double radiusMillimetres) {}

    /** The D, on the side of smaller x. */
    public record SemicircleView(PointView centre, double radiusMillimetres) {}

    /** With the tip that is usual for its game. */
    public static TableDrawing of(TableSpec spec) {
        return of(spec, spec.kind().tipDiameterMillimetres());
    }

    /** Where strokes are read in tips of a cue (mm). */
    public static TableDrawing of(TableSpec spec, double tipDiameterMillimetres) {
        TablePlan plan = TablePlan.of(spec);
        Markings markings = Markings.of(spec);
        return new TableDrawing(
                spec.kind(),
                spec.lengthMillimetres(),
                spec.widthMillimetres(),
                spec.balls().cueBall().diameterMillimetres(),
                spec.balls().objectBall().diameterMillimetres(),
                CushionOutline.DEPTH_MILLIMETRES,
                spec.noseDistanceMillimetres(spec.balls().cueBall()),
                plan.noseSegments().stream()
                        .map(segment -> CushionOutline.of(segment).stream()
                                .map(PointView::of)
                                .toList())
                        .toList(),
                plan.pockets().stream()
                        .map(pocket -> new PocketView(
                                pocket.name(),
                                PointView.of(pocket.captureCentre()),
                                pocket.shape().captureRadiusMillimetres()))
                        .toList(),
                markings.sights().stream().map(PointView::of).toList(),
                markings.spots().stream()
                        .map(spot -> PointView.of(spot.place()))
                        .toList(),
                List.of(
                        PointView.of(markings.headLine().start()),
                        PointView.of(markings.headLine().end())),
                markings.d()
                        .map(d -> new SemicircleView(PointView.of(d.centre()), d.radiusMillimetres()))
                        .orElse(null),
                StrikeScale.of(spec, tipDiameterMillimetres),
                DriftView.of(spec));
    }
}
