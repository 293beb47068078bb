package amberrail.core.statistics;

/**
 * First and second derivatives of each stroke's log weight by the three log sizes (aim, pace, height; side goes with height) and the three biases:
 * those of a likelihood are weighted moments of them (Louis 1982).
 */
final class StrokeScores {
    /** ln sizes of aim, pace, height; then their biases. */
    static final int UNKNOWNS = 6;

    private static final int AIMED = 3;
    private static final int HEIGHT = 2;
    private static final int SIDE = 3;

    /** A weighted sum over strokes: of 1, of the scores, and of their squares with the second derivatives. */
    static final class Sums {
        private double value;
        private final double[] first = new double[UNKNOWNS];
        private final double[][] second = new double[UNKNOWNS][UNKNOWNS];

        double value() {
            return value;
        }

        double first(int i) {
            return first[i];
        }

        double second(int i, int j) {
            return second[i][j];
        }

        void add(Sums other, double times) {
            value += times * other.value;
            for (int i = 0; i < UNKNOWNS; i++) {
                first[i] += times * other.first[i];
                for (int j = 0; j < UNKNOWNS; j++) {
                    second[i][j] += times * other.second[i][j];
                }
            }
        }
    }

    private final double[][] score;
    private final double[][] own;
    private final double[][] cross;

    StrokeScores(StrokeTable table, double[] sizes, double[] bias, StrokeShape shape) {
        int n = table.size();
        score = new double[UNKNOWNS][n];
        own = new double[UNKNOWNS][n];
        cross = new double[AIMED][n];
        for (int j = 0; j < AIMED; j++) {
            for (int m = 0; m < n; m++) {
                double u = (table.z(j, m) - bias[j]) / sizes[j];
                double g1 = shape.first(u);
                double g2 = shape.second(u);
                score[j][m] = -u * g1 - 1;
                own[j][m] = u * g1 + u * u * g2;
                score[AIMED + j][m] = -g1 / sizes[j];
                own[AIMED + j][m] = g2 / (sizes[j] * sizes[j]);
                cross[j][m] = (g1 + u * g2) / sizes[j];
            }
        }
        for (int m = 0; m < n; m++) {
            double u = table.z(SIDE, m) / sizes[SIDE];
            double g1 = shape.first(u);
            score[HEIGHT][m] += -u * g1 - 1;
            own[HEIGHT][m] += u * g1 + u * u * shape.second(u);
        }
    }

    void add(Sums sums, int stroke, double weight) {
        sums.value += weight;
        for (int i = 0; i < UNKNOWNS; i++) {
            double si = score[i][stroke];
            sums.first[i] += weight * si;
            double[] row = sums.second[i];
            for (int j = 0; j <= i; j++) {
                row[j] += weight * si * score[j][stroke];
            }
            row[i] += weight * own[i][stroke];
            if (i >= AIMED) {
                row[i - AIMED] += weight * cross[i - AIMED][stroke];
            }
        }
    }
}
