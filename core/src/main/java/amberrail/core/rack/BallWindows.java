package amberrail.core.rack;

import amberrail.core.aiming.PocketWindow;
import amberrail.core.geometry.Point;
import amberrail.core.table.Pocket;
import java.util.List;

/** How each pocket looks to a ball where it lies, with nothing else on the table; worked out once for a place (bearings in rad). */
final class BallWindows {

    /** One pocket: its bearings, right bound and width, and how far it is to where the ball drops (mm); its middle as a direction, half its width as tangent and secant. */
    record Window(
            Pocket pocket,
            double lower,
            double width,
            double openingMillimetres,
            double pathMillimetres,
            double cosine,
            double sine,
            double tangent,
            double secant) {
        static Window of(Pocket pocket, double lower, double width, double opening, double path) {
            double middle = lower + width / 2;
            // A window is never as wide as a half turn but for a ball in the very mouth.
            double half = Math.min(width / 2, 1.4);
            return new Window(
                    pocket,
                    lower,
                    width,
                    opening,
                    path,
                    Math.cos(middle),
                    Math.sin(middle),
                    Math.tan(half),
                    1 / Math.cos(half));
        }

        boolean isOpen() {
            return width > 0;
        }
    }

    private static final int HALVINGS = 12;

    private final Window[] windows;

    private BallWindows(Window[] windows) {
        this.windows = windows;
    }

    static BallWindows of(RackTable table, Point ball) {
        List<Pocket> pockets = table.plan.pockets();
        Window[] windows = new Window[pockets.size()];
        for (int i = 0; i < windows.length; i++) {
            windows[i] = window(table, pockets.get(i), ball);
        }
        return new BallWindows(windows);
    }

    private static Window window(RackTable table, Pocket pocket, Point ball) {
        PocketWindow seen = PocketWindow.of(table.plan, pocket, table.objectBall, ball);
        double path = ball.distanceMillimetres(pocket.captureCentre())
                - pocket.shape().captureRadiusMillimetres();
        if (seen.used().isEmpty()) {
            return Window.of(pocket, 0, 0, 0, path);
        }
        double lower = Math.toRadians(seen.used().lowerDegrees());
        double[] left =
                withRoom(table, ball, lower, lower + Math.toRadians(seen.used().widthDegrees()));
        double opening = seen.isClean() ? seen.cleanOpeningMillimetres() : seen.mouthOpeningMillimetres();
        double share = (left[1] - left[0]) / Math.toRadians(seen.used().widthDegrees());
        return Window.of(pocket, left[0], left[1] - left[0], share * Math.max(0, opening), path);
    }

    Window of(int pocket) {
        return windows[pocket];
    }

    int count() {
        return windows.length;
    }

    /** By a cushion the cue ball has no room at contact for every bearing: where it has none for the middle, only those are left for which it has. */
    private static double[] withRoom(RackTable table, Point ball, double lower, double upper) {
        double middle = (lower + upper) / 2;
        if (hasRoom(table, ball, middle)) {
            return new double[] {lower, upper};
        }
        if (hasRoom(table, ball, lower)) {
            return new double[] {lower, edge(table, ball, lower, middle)};
        }
        if (hasRoom(table, ball, upper)) {
            return new double[] {edge(table, ball, upper, middle), upper};
        }
        return new double[] {middle, middle};
    }

    private static boolean hasRoom(RackTable table, Point ball, double bearing) {
        return PotLook.hasRoom(
                table,
                ball.xMillimetres() - table.touching * Math.cos(bearing),
                ball.yMillimetres() - table.touching * Math.sin(bearing));
    }

    private static double edge(RackTable table, Point ball, double room, double none) {
        double good = room;
        double bad = none;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            if (hasRoom(table, ball, middle)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }
}
