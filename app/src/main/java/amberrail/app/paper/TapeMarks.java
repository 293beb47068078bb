package amberrail.app.paper;

import amberrail.app.drills.PlaceView;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** What a tape measures, drawn at each ball: a thin line to the two nearest cushions with its length in mm. */
final class TapeMarks {
    /** Of more balls the lines would hide the set-up; their places are in the text. */
    private static final int MOST_BALLS = 4;

    private static final double LABEL_MILLIMETRES = 30;
    private static final double HALF_LABEL_MILLIMETRES = 62;
    private static final double CHIP_MILLIMETRES = 22;
    private static final double TICK_MILLIMETRES = 14;

    private TapeMarks() {}

    static boolean areDrawn(ShotView shot) {
        return shot.balls().size() <= MOST_BALLS;
    }

    static void draw(Canvas canvas, TableDrawing table, ShotView shot) throws IOException {
        List<PointView> taken = new ArrayList<>();
        for (ShotView.BallView ball : shot.balls()) {
            PlaceView at = ball.at();
            double x = at.place().xMillimetres();
            double y = at.place().yMillimetres();
            double half = ball.diameterMillimetres() / 2;
            double endX = nearer(x, at.fromShortMillimetres(), table.lengthMillimetres());
            double endY = nearer(y, at.fromLongMillimetres(), table.widthMillimetres());
            double backX = Math.signum(x - endX) * half;
            double backY = Math.signum(y - endY) * half;
            measure(canvas, new PointView(x - backX, y), new PointView(endX, y), at.fromShortMillimetres(), taken);
            measure(canvas, new PointView(x, y - backY), new PointView(x, endY), at.fromLongMillimetres(), taken);
        }
    }

    /** The end of the bed that lies this far off. */
    private static double nearer(double at, double distance, double length) {
        return Math.abs(at - distance) <= Math.abs(length - at - distance) ? 0 : length;
    }

    private static void measure(Canvas canvas, PointView from, PointView to, double millimetres, List<PointView> taken)
            throws IOException {
        Stroke thin = Stroke.solid(Ink.GREY, 3);
        canvas.line(List.of(from, to), false, thin);
        boolean along = from.yMillimetres() == to.yMillimetres();
        double dx = along ? 0 : TICK_MILLIMETRES;
        double dy = along ? TICK_MILLIMETRES : 0;
        canvas.line(
                List.of(
                        new PointView(to.xMillimetres() - dx, to.yMillimetres() - dy),
                        new PointView(to.xMillimetres() + dx, to.yMillimetres() + dy)),
                false,
                thin);
        PointView middle = free(from, to, taken);
        taken.add(middle);
        canvas.polygon(chip(middle), Ink.CLOTH);
        canvas.label(String.valueOf(Math.round(millimetres)), middle, LABEL_MILLIMETRES, Ink.BLACK);
    }

    /** Where on the line no number stands yet: its middle, or nearer to one end. */
    private static PointView free(PointView from, PointView to, List<PointView> taken) {
        for (double share : new double[] {0.5, 0.3, 0.7, 0.15, 0.85}) {
            PointView place = new PointView(
                    from.xMillimetres() + share * (to.xMillimetres() - from.xMillimetres()),
                    from.yMillimetres() + share * (to.yMillimetres() - from.yMillimetres()));
            if (taken.stream().noneMatch(other -> overlap(place, other))) {
                return place;
            }
        }
        return new PointView(
                (from.xMillimetres() + to.xMillimetres()) / 2, (from.yMillimetres() + to.yMillimetres()) / 2);
    }

    private static boolean overlap(PointView one, PointView other) {
        return Math.abs(one.xMillimetres() - other.xMillimetres()) < 2 * HALF_LABEL_MILLIMETRES
                && Math.abs(one.yMillimetres() - other.yMillimetres()) < 2 * CHIP_MILLIMETRES;
    }

    private static List<PointView> chip(PointView middle) {
        double x = middle.xMillimetres();
        double y = middle.yMillimetres();
        return List.of(
                new PointView(x - HALF_LABEL_MILLIMETRES, y - CHIP_MILLIMETRES),
                new PointView(x + HALF_LABEL_MILLIMETRES, y - CHIP_MILLIMETRES),
                new PointView(x + HALF_LABEL_MILLIMETRES, y + CHIP_MILLIMETRES),
                new PointView(x - HALF_LABEL_MILLIMETRES, y + CHIP_MILLIMETRES));
    }
}
