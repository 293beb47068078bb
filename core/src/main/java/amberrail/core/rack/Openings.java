package amberrail.core.rack;

import amberrail.core.geometry.Point;
import java.util.Arrays;
import java.util.List;

/** What balls leave each other of the pockets: a ball hides the bearings within its own and the mover's width, as far as it lies nearer than the pocket. */
final class Openings {
    /** Narrower is no pocket (rad). */
    private static final double NARROWEST = 0.002;

    private Openings() {}

    /** Adds what is open to one ball; of a pocket that is split, the wider part. */
    static void of(RackPosition position, int ball, List<Opening> found) {
        BallWindows windows = position.windowsOf(ball);
        for (int pocket = 0; pocket < windows.count(); pocket++) {
            BallWindows.Window window = windows.of(pocket);
            if (window.isOpen()) {
                double[] left = left(position, ball, window, -1);
                double width = left[1] - left[0];
                if (width > NARROWEST) {
                    found.add(new Opening(
                            ball,
                            window.pocket(),
                            (left[0] + left[1]) / 2,
                            width / 2,
                            window.width() / 2,
                            window.pathMillimetres(),
                            window.openingMillimetres() * width / window.width()));
                }
            }
        }
    }

    /** How much of a window is left (0 to 1), as if one ball were not there; -1 for none to leave out. */
    static double shareWithout(RackPosition position, int ball, int pocket, int leftOut) {
        BallWindows.Window window = position.windowsOf(ball).of(pocket);
        if (!window.isOpen()) {
            return 0;
        }
        double[] left = left(position, ball, window, leftOut);
        return Math.max(0, left[1] - left[0]) / window.width();
    }

    /** The widest run of bearings that no ball hides, as lower and upper. */
    private static double[] left(RackPosition position, int ball, BallWindows.Window window, int leftOut) {
        Point from = position.place(ball);
        double apart = position.table().touchingObjects;
        double middle = window.lower() + window.width() / 2;
        double[] hidden = new double[2 * position.ballsLeft()];
        int count = 0;
        for (int other : position.onTable()) {
            if (other == ball || other == leftOut) {
                continue;
            }
            double dx = position.place(other).xMillimetres() - from.xMillimetres();
            double dy = position.place(other).yMillimetres() - from.yMillimetres();
            double along = dx * window.cosine() + dy * window.sine();
            double aside = Math.abs(dy * window.cosine() - dx * window.sine());
            if (along <= 0 || !isBeforePocket(window, along, aside, apart)) {
                continue;
            }
            double distance = Math.sqrt(dx * dx + dy * dy);
            double off = Geometry.turn(Math.atan2(dy, dx) - middle);
            double reach = distance <= apart ? Math.PI / 2 : Math.asin(apart / distance);
            double low = middle + off - reach;
            double high = middle + off + reach;
            if (high > window.lower() && low < window.lower() + window.width()) {
                hidden[2 * count] = low;
                hidden[2 * count + 1] = high;
                count++;
            }
        }
        return widest(window.lower(), window.lower() + window.width(), hidden, count);
    }

    /** Whether the ball reaches into the window at all, and lies before the place where the mover drops. */
    private static boolean isBeforePocket(BallWindows.Window window, double along, double aside, double apart) {
        double early = aside < apart ? Math.sqrt(apart * apart - aside * aside) : 0;
        return along - early < window.pathMillimetres() && aside < apart * window.secant() + along * window.tangent();
    }

    private static double[] widest(double lower, double upper, double[] hidden, int count) {
        Integer[] order = new Integer[count];
        for (int i = 0; i < count; i++) {
            order[i] = i;
        }
        Arrays.sort(order, (a, b) -> Double.compare(hidden[2 * a], hidden[2 * b]));
        double bestFrom = lower;
        double bestTo = lower;
        double at = lower;
        for (int i : order) {
            if (hidden[2 * i] - at > bestTo - bestFrom) {
                bestFrom = at;
                bestTo = hidden[2 * i];
            }
            at = Math.max(at, hidden[2 * i + 1]);
        }
        if (upper - at > bestTo - bestFrom) {
            bestFrom = at;
            bestTo = upper;
        }
        return new double[] {bestFrom, bestTo};
    }
}
