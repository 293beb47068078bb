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

    /** Of one stroke: the scores, then by rows the lower triangle of their products with the second derivatives. */
    private static final int TERMS = UNKNOWNS + UNKNOWNS * (UNKNOWNS + 1) / 2;

    /** A weighted sum over strokes: of 1, of the scores, and of their squares with the second derivatives. */
    static final class Sums {
        private double value;
        private final double[] terms = new double[TERMS];

        double value() {
            return value;
        }

        double first(int i) {
            return terms[i];
        }

        /** {@code j} at most {@code i}. */
        double second(int i, int j) {
            return terms[triangle(i, j)];
        }

        void add(Sums other, double times) {
            value += times * other.value;
            for (int k = 0; k < TERMS; k++) {
                terms[k] += times * other.terms[k];
            }
        }
    }

    /** Stroke by stroke: whoever adds one up reads one piece of memory. */
    private final double[] terms;

    StrokeScores(StrokeTable table, double[] sizes, double[] bias, StrokeShape shape) {
        int n = table.size();
        terms = new double[n * TERMS];
        double[] score = new double[UNKNOWNS];
        double[] own = new double[UNKNOWNS];
        double[] cross = new double[AIMED];
        for (int m = 0; m < n; m++) {
            for (int j = 0; j < AIMED; j++) {
                double u = (table.z(j, m) - bias[j]) / sizes[j];
                double g1 = shape.first(u);
                double g2 = shape.second(u);
                score[j] = -u * g1 - 1;
                own[j] = u * g1 + u * u * g2;
                score[AIMED + j] = -g1 / sizes[j];
                own[AIMED + j] = g2 / (sizes[j] * sizes[j]);
                cross[j] = (g1 + u * g2) / sizes[j];
            }
            double u = table.z(SIDE, m) / sizes[SIDE];
            double g1 = shape.first(u);
            score[HEIGHT] += -u * g1 - 1;
            own[HEIGHT] += u * g1 + u * u * shape.second(u);
            write(m * TERMS, score, own, cross);
        }
    }

    private void write(int at, double[] score, double[] own, double[] cross) {
        System.arraycopy(score, 0, terms, at, UNKNOWNS);
        int k = at + UNKNOWNS;
        for (int i = 0; i < UNKNOWNS; i++) {
            for (int j = 0; j <= i; j++) {
                terms[k++] = score[i] * score[j];
            }
            terms[at + triangle(i, i)] += own[i];
            if (i >= AIMED) {
                terms[at + triangle(i, i - AIMED)] += cross[i - AIMED];
            }
        }
    }

    private static int triangle(int i, int j) {
        return UNKNOWNS + i * (i + 1) / 2 + j;
    }

    void add(Sums sums, int stroke, double weight) {
        sums.value += weight;
        double[] to = sums.terms;
        int from = stroke * TERMS;
        for (int k = 0; k < TERMS; k++) {
            to[k] += weight * terms[from + k];
        }
    }
}
