package amberrail.core.statistics;

/** The log posterior of a student's sizes and biases with its gradient and second derivatives, summed attempt by attempt. Lower triangle. */
final class LogPosterior {
    private static final int UNKNOWNS = StrokeScores.UNKNOWNS;

    private double value;
    private final double[] gradient = new double[UNKNOWNS];
    private final double[][] hessian = new double[UNKNOWNS][UNKNOWNS];

    double value() {
        return value;
    }

    double[] gradient() {
        return gradient;
    }

    /** Symmetric. */
    double[][] hessian() {
        double[][] whole = new double[UNKNOWNS][UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            for (int j = 0; j <= i; j++) {
                whole[i][j] = hessian[i][j];
                whole[j][i] = hessian[i][j];
            }
        }
        return whole;
    }

    /** An attempt whose likelihood is the weight of some strokes over that of all, and something {@code beside} that depends on nothing. */
    void add(StrokeScores.Sums here, StrokeScores.Sums all, double beside) {
        double total = all.value();
        double share = here.value() / total;
        double likelihood = share + beside;
        double[] d = new double[UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            d[i] = (here.first(i) - share * all.first(i)) / total;
        }
        value += Math.log(likelihood);
        for (int i = 0; i < UNKNOWNS; i++) {
            gradient[i] += d[i] / likelihood;
            for (int j = 0; j <= i; j++) {
                double dd = (here.second(i, j) - d[i] * all.first(j) - all.first(i) * d[j] - share * all.second(i, j))
                        / total;
                hessian[i][j] += dd / likelihood - d[i] * d[j] / (likelihood * likelihood);
            }
        }
    }

    /** A normal prior, up to its constant. */
    void addPrior(double[] at, double[] mean, double[][] precision) {
        for (int i = 0; i < UNKNOWNS; i++) {
            double pull = 0;
            for (int j = 0; j < UNKNOWNS; j++) {
                pull += precision[i][j] * (at[j] - mean[j]);
                if (j <= i) {
                    hessian[i][j] -= precision[i][j];
                }
            }
            value -= 0.5 * (at[i] - mean[i]) * pull;
            gradient[i] -= pull;
        }
    }
}
