package amberrail.core.simulation;

import amberrail.core.geometry.Units;
import amberrail.core.geometry.Zone;

/**
 * Questions about the way one ball took in a {@link PlayedShot}, asked of its parabolas. mm at the interface, since drills ask.
 */
public final class PlayedPath {
    private static final int GOLDEN_STEPS = 40;
    private static final double LOOK_METRES = 0.002;

    private PlayedPath() {}

    /** How near the ball's centre came to a place, and which way it then went. */
    public record NearestPass(double distanceMillimetres, double directionDegrees) {}

    /** Whether the ball's centre crossed or touched the straight line between two points. */
    public static boolean crosses(PlayedShot shot, int ball, double fromX, double fromY, double toX, double toY) {
        ShotLog log = shot.log();
        double x1 = Units.metres(fromX);
        double y1 = Units.metres(fromY);
        double alongX = Units.metres(toX) - x1;
        double alongY = Units.metres(toY) - y1;
        double squared = alongX * alongX + alongY * alongY;
        for (int p = 0; p < log.pieces; p++) {
            if (log.pieceBall[p] != ball || !moves(log, p)) {
                continue;
            }
            int at = p * ShotLog.PIECE_VALUES;
            double[] v = log.piece;
            double seconds = log.endOfPiece(p, shot.endSeconds()) - v[at];
            // Side of the line as a function of time: c0 + c1 t + c2 t².
            double c0 = (v[at + 3] - y1) * alongX - (v[at + 2] - x1) * alongY;
            double c1 = v[at + 5] * alongX - v[at + 4] * alongY;
            double c2 = 0.5 * (v[at + 10] * alongX - v[at + 9] * alongY);
            double root = c1 * c1 - 4 * c2 * c0;
            if (root < 0) {
                continue;
            }
            double q = -0.5 * (c1 + Math.copySign(Math.sqrt(root), c1));
            double first = c2 == 0 ? Double.NaN : q / c2;
            double second = q == 0 ? 0 : c0 / q;
            if (onLine(v, at, first, seconds, x1, y1, alongX, alongY, squared)
                    || onLine(v, at, second, seconds, x1, y1, alongX, alongY, squared)) {
                return true;
            }
        }
        return false;
    }

    private static boolean onLine(
            double[] v,
            int at,
            double t,
            double seconds,
            double x1,
            double y1,
            double alongX,
            double alongY,
            double squared) {
        if (!(t >= 0 && t <= seconds)) {
            return false;
        }
        double x = v[at + 2] + t * (v[at + 4] + 0.5 * t * v[at + 9]);
        double y = v[at + 3] + t * (v[at + 5] + 0.5 * t * v[at + 10]);
        double share = ((x - x1) * alongX + (y - y1) * alongY) / squared;
        return share >= 0 && share <= 1;
    }

    /**
     * Whether the ball's centre stays in an area from a moment on. Looked at along each piece at every {@code LOOK} of its way and at its
     * end: an area is a part of the table, not a needle.
     */
    public static boolean staysIn(PlayedShot shot, int ball, Zone area, double afterSeconds) {
        ShotLog log = shot.log();
        for (int p = 0; p < log.pieces; p++) {
            if (log.pieceBall[p] != ball || !moves(log, p)) {
                continue;
            }
            int at = p * ShotLog.PIECE_VALUES;
            double from = Math.max(0, afterSeconds - log.piece[at]);
            double to = log.endOfPiece(p, shot.endSeconds()) - log.piece[at];
            if (to <= from) {
                continue;
            }
            int looks = 1 + (int) (chord(log.piece, at, from, to) / LOOK_METRES);
            for (int i = 0; i <= looks; i++) {
                double t = from + (to - from) * i / looks;
                double x = log.piece[at + 2] + t * (log.piece[at + 4] + 0.5 * t * log.piece[at + 9]);
                double y = log.piece[at + 3] + t * (log.piece[at + 5] + 0.5 * t * log.piece[at + 10]);
                if (!area.contains(Units.millimetres(x), Units.millimetres(y))) {
                    return false;
                }
            }
        }
        return true;
    }

    /**
     * Where the ball came nearest to a point after a moment, and its direction there; on a piece the distance is first looked at in
     * sixteenths, then narrowed.
     *
     * @return null if the ball did not move after that moment
     */
    public static NearestPass nearest(
            PlayedShot shot, int ball, double xMillimetres, double yMillimetres, double afterSeconds) {
        ShotLog log = shot.log();
        double bestSquared = Double.POSITIVE_INFINITY;
        double bestDirection = 0;
        for (int p = 0; p < log.pieces; p++) {
            if (log.pieceBall[p] != ball || !moves(log, p)) {
                continue;
            }
            int at = p * ShotLog.PIECE_VALUES;
            double from = Math.max(0, afterSeconds - log.piece[at]);
            double to = log.endOfPiece(p, shot.endSeconds()) - log.piece[at];
            if (to <= from) {
                continue;
            }
            double t = nearestTime(log.piece, at, Units.metres(xMillimetres), Units.metres(yMillimetres), from, to);
            double squared = squaredDistance(log.piece, at, Units.metres(xMillimetres), Units.metres(yMillimetres), t);
            if (squared <= bestSquared) {
                bestSquared = squared;
                // At a stop the velocity is 0: take it a hair earlier.
                double just = Math.max(from, Math.min(t, to - 1e-6 * (to - from)));
                bestDirection = Math.toDegrees(Math.atan2(
                        log.piece[at + 5] + just * log.piece[at + 10], log.piece[at + 4] + just * log.piece[at + 9]));
            }
        }
        return bestSquared == Double.POSITIVE_INFINITY
                ? null
                : new NearestPass(Units.millimetres(Math.sqrt(bestSquared)), bestDirection);
    }

    /** How far the ball's centre travelled after a moment (mm). */
    public static double travelledMillimetres(PlayedShot shot, int ball, double afterSeconds) {
        ShotLog log = shot.log();
        double sum = 0;
        for (int p = 0; p < log.pieces; p++) {
            if (log.pieceBall[p] != ball || !moves(log, p)) {
                continue;
            }
            int at = p * ShotLog.PIECE_VALUES;
            double from = Math.max(0, afterSeconds - log.piece[at]);
            double to = log.endOfPiece(p, shot.endSeconds()) - log.piece[at];
            if (to > from) {
                sum += chord(log.piece, at, from, to);
            }
        }
        return Units.millimetres(sum);
    }

    /** Length of a parabola's stretch by Simpson's rule on its speed; good to well under a millimetre at our bends. */
    private static double chord(double[] v, int at, double from, double to) {
        double middle = 0.5 * (from + to);
        return (to - from) / 6 * (speed(v, at, from) + 4 * speed(v, at, middle) + speed(v, at, to));
    }

    private static double speed(double[] v, int at, double t) {
        return Math.hypot(v[at + 4] + t * v[at + 9], v[at + 5] + t * v[at + 10]);
    }

    private static double nearestTime(double[] v, int at, double x, double y, double from, double to) {
        int parts = 16;
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= parts; i++) {
            double squared = squaredDistance(v, at, x, y, from + (to - from) * i / parts);
            if (squared < least) {
                least = squared;
                best = i;
            }
        }
        double low = from + (to - from) * Math.max(0, best - 1) / parts;
        double high = from + (to - from) * Math.min(parts, best + 1) / parts;
        for (int i = 0; i < GOLDEN_STEPS; i++) {
            double a = low + 0.381966 * (high - low);
            double b = low + 0.618034 * (high - low);
            if (squaredDistance(v, at, x, y, a) <= squaredDistance(v, at, x, y, b)) {
                high = b;
            } else {
                low = a;
            }
        }
        return 0.5 * (low + high);
    }

    private static double squaredDistance(double[] v, int at, double x, double y, double t) {
        double dx = v[at + 2] + t * (v[at + 4] + 0.5 * t * v[at + 9]) - x;
        double dy = v[at + 3] + t * (v[at + 5] + 0.5 * t * v[at + 10]) - y;
        return dx * dx + dy * dy;
    }

    private static boolean moves(ShotLog log, int piece) {
        return log.piecePhase[piece] == ShotWorkspace.SLIDING || log.piecePhase[piece] == ShotWorkspace.ROLLING;
    }
}
