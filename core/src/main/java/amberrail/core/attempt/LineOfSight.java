package amberrail.core.attempt;

import java.util.Arrays;

/**
 * Whether a cue ball has a straight way to any part of another ball.
 *
 * <p>Seen from the cue ball's centre, a ball at distance d is met by the directions within asin(D/d) of its bearing, D = 2√(RA·RB) the
 * touching distance. It is hidden if the balls that are met before it cover all those directions. For one thread; can be used again after
 * {@link #clear}.
 *
 * @see "plane geometry; touching distance of balls of two sizes on one bed"
 */
final class LineOfSight {
    private double[] x = new double[8];
    private double[] y = new double[8];
    private double[] radius = new double[8];
    private double[] from = new double[8];
    private double[] to = new double[8];
    private int blockers;

    void clear() {
        blockers = 0;
    }

    void blocker(double xMillimetres, double yMillimetres, double radiusMillimetres) {
        if (blockers == x.length) {
            x = Arrays.copyOf(x, 2 * blockers);
            y = Arrays.copyOf(y, 2 * blockers);
            radius = Arrays.copyOf(radius, 2 * blockers);
            from = Arrays.copyOf(from, 2 * blockers);
            to = Arrays.copyOf(to, 2 * blockers);
        }
        x[blockers] = xMillimetres;
        y[blockers] = yMillimetres;
        radius[blockers++] = radiusMillimetres;
    }

    boolean hides(double cueX, double cueY, double cueRadius, double ballX, double ballY, double ballRadius) {
        double distance = Math.hypot(ballX - cueX, ballY - cueY);
        double bearing = Math.atan2(ballY - cueY, ballX - cueX);
        double half = halfWidth(2 * Math.sqrt(cueRadius * ballRadius), distance);
        int shadows = 0;
        for (int i = 0; i < blockers; i++) {
            double away = Math.hypot(x[i] - cueX, y[i] - cueY);
            if (away >= distance) {
                continue;
            }
            double turn = Math.IEEEremainder(Math.atan2(y[i] - cueY, x[i] - cueX) - bearing, 2 * Math.PI);
            double shadow = halfWidth(2 * Math.sqrt(cueRadius * radius[i]), away);
            insert(shadows++, turn - shadow, turn + shadow);
        }
        double covered = -half;
        for (int i = 0; i < shadows; i++) {
            if (from[i] > covered) {
                return false;
            }
            covered = Math.max(covered, to[i]);
        }
        return covered >= half;
    }

    /** Keeps the shadows in the order of their right ends. */
    private void insert(int count, double begin, double end) {
        int at = count;
        while (at > 0 && from[at - 1] > begin) {
            from[at] = from[at - 1];
            to[at] = to[at - 1];
            at--;
        }
        from[at] = begin;
        to[at] = end;
    }

    private static double halfWidth(double touching, double distance) {
        return distance <= touching ? Math.PI / 2 : Math.asin(touching / distance);
    }
}
