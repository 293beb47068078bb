package amberrail.app.report;

import amberrail.app.kit.PointView;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import amberrail.app.paper.PdfCanvas;
import amberrail.app.paper.SetUpDrawing;
import amberrail.app.review.Figures.EllipseView;
import amberrail.app.review.ReviewView;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** A shot map for paper: the set-up, every landing, where the next are expected. Made pots are discs, others rings: told apart in grey. */
final class ReportMap {
    private static final double MARK_MILLIMETRES = 17;
    private static final int ELLIPSE_CORNERS = 72;

    private ReportMap() {}

    static void draw(PdfCanvas canvas, ReviewView review) throws IOException {
        SetUpDrawing.draw(canvas, review.table(), review.shot());
        for (ReviewView.ReviewMarkView one : review.attempts()) {
            if (one.landing() != null) {
                boolean made = one.outcome().potted();
                canvas.circle(
                        one.landing(),
                        made ? MARK_MILLIMETRES : MARK_MILLIMETRES - 3,
                        made ? Ink.BLACK : null,
                        made ? null : Stroke.solid(Ink.BLACK, 5));
            }
        }
        if (review.dispersion().offset() == null || review.explored() != null) {
            return;
        }
        PointView mean = review.dispersion().offset().mean();
        cross(canvas, mean);
        if (review.dispersion().spread50() != null) {
            canvas.line(ellipse(mean, review.dispersion().spread50()), true, Stroke.solid(Ink.BLACK, 7));
        }
    }

    private static void cross(PdfCanvas canvas, PointView at) throws IOException {
        for (int turn : new int[] {1, -1}) {
            canvas.line(
                    List.of(
                            new PointView(at.xMillimetres() - 40, at.yMillimetres() - 40.0 * turn),
                            new PointView(at.xMillimetres() + 40, at.yMillimetres() + 40.0 * turn)),
                    false,
                    Stroke.solid(Ink.OBJECT_BALL, 11));
        }
    }

    private static List<PointView> ellipse(PointView mean, EllipseView of) {
        double turn = Math.toRadians(of.angleDegrees());
        List<PointView> corners = new ArrayList<>();
        for (int i = 0; i < ELLIPSE_CORNERS; i++) {
            double at = 2 * Math.PI * i / ELLIPSE_CORNERS;
            double along = of.semiMajorMillimetres() * Math.cos(at);
            double aside = of.semiMinorMillimetres() * Math.sin(at);
            corners.add(new PointView(
                    mean.xMillimetres() + along * Math.cos(turn) - aside * Math.sin(turn),
                    mean.yMillimetres() + along * Math.sin(turn) + aside * Math.cos(turn)));
        }
        return corners;
    }
}
