package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import java.util.function.Predicate;

/**
 * How often a stroke of a table is clean and its cue ball rests where it is wanted, at sizes read off by weights; two of one table compare stroke by
 * stroke, so that what they share cancels.
 *
 * @see "statistics/methods.md, section 6; Owen and Zhou 2000"
 */
public final class StrokeShare {
    private final double share;
    private final double effective;
    /** What each stroke adds to the error of the share. */
    private final double[] influence;

    private StrokeShare(double share, double effective, double[] influence) {
        this.share = share;
        this.effective = effective;
        this.influence = influence;
    }

    /** @param sizes of aim, pace, height and side in the band's sizes, each above 0 */
    public static StrokeShare of(StrokeTable table, double[] sizes, StrokeShape shape, Predicate<Point> wanted) {
        double[] w = table.weights(sizes, new double[0], shape);
        double sum = 0;
        double squares = 0;
        double inside = 0;
        boolean[] is = new boolean[w.length];
        for (int m = 0; m < w.length; m++) {
            sum += w[m];
            squares += w[m] * w[m];
            is[m] = table.isClean(m) && wanted.test(new Point(table.x(m), table.y(m)));
            inside += is[m] ? w[m] : 0;
        }
        double share = inside / sum;
        double[] influence = new double[w.length];
        for (int m = 0; m < w.length; m++) {
            influence[m] = w[m] / sum * ((is[m] ? 1 : 0) - share);
        }
        return new StrokeShare(share, sum * sum / squares, influence);
    }

    /** 0 to 1. */
    public double share() {
        return share;
    }

    /** How many equal draws the weighted ones are worth (a count). */
    public double effective() {
        return effective;
    }

    /** Of this share less another of the same table, for the table being finite. */
    public double varianceOfDifference(StrokeShare other) {
        double sum = 0;
        for (int m = 0; m < influence.length; m++) {
            double d = influence[m] - other.influence[m];
            sum += d * d;
        }
        return sum;
    }
}
