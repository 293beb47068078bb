package amberrail.core.statistics;

import java.util.List;

/**
 * logit p = b0 + b1 t with Jeffreys' prior as penalty: its value, its maximum, its profile over the slope.
 *
 * @see "Firth 1993; Heinze and Schemper 2002"
 */
final class PenalisedLogit {
    private static final double MOST_STEP = 5;
    private static final double STOP = 1e-12;
    private static final int MOST_STEPS = 500;

    private final double[] t;
    private final double[] made;
    private final double[] attempts;
    private final double centre;

    /** Times are centred at their attempt-weighted mean, which changes no slope. */
    PenalisedLogit(List<FirthTrend.Session> sessions) {
        int n = sessions.size();
        t = new double[n];
        made = new double[n];
        attempts = new double[n];
        double sum = 0;
        double all = 0;
        for (FirthTrend.Session session : sessions) {
            sum += session.t() * session.attempts();
            all += session.attempts();
        }
        centre = sum / all;
        for (int i = 0; i < n; i++) {
            t[i] = sessions.get(i).t() - centre;
            made[i] = sessions.get(i).made();
            attempts[i] = sessions.get(i).attempts();
        }
    }

    /** X'WX as (a, b, d) of [[a, b], [b, d]]. */
    private double[] information(double b0, double b1) {
        double a = 0;
        double b = 0;
        double d = 0;
        for (int i = 0; i < t.length; i++) {
            double p = logistic(b0 + b1 * t[i]);
            double w = attempts[i] * p * (1 - p);
            a += w;
            b += w * t[i];
            d += w * t[i] * t[i];
        }
        return new double[] {a, b, d};
    }

    double value(double b0, double b1) {
        double sum = 0;
        for (int i = 0; i < t.length; i++) {
            double eta = b0 + b1 * t[i];
            // ln p and ln (1 - p) without loss where p is near an end.
            sum += -made[i] * softplus(-eta) - (attempts[i] - made[i]) * softplus(eta);
        }
        double[] m = information(b0, b1);
        double determinant = m[0] * m[2] - m[1] * m[1];
        return sum + (determinant > 0 ? Math.log(determinant) / 2 : Double.NEGATIVE_INFINITY);
    }

    /** The modified score: (for b0, for b1). */
    private double[] score(double b0, double b1) {
        double[] m = information(b0, b1);
        double determinant = m[0] * m[2] - m[1] * m[1];
        double s0 = 0;
        double s1 = 0;
        for (int i = 0; i < t.length; i++) {
            double p = logistic(b0 + b1 * t[i]);
            double w = attempts[i] * p * (1 - p);
            double h = w * (m[2] - 2 * m[1] * t[i] + m[0] * t[i] * t[i]) / determinant;
            double residual = made[i] - attempts[i] * p + h * (0.5 - p);
            s0 += residual;
            s1 += residual * t[i];
        }
        return new double[] {s0, s1};
    }

    double[] maximum() {
        double b0 = 0;
        double b1 = 0;
        double value = value(b0, b1);
        for (int i = 0; i < MOST_STEPS; i++) {
            double[] m = information(b0, b1);
            double[] s = score(b0, b1);
            double determinant = m[0] * m[2] - m[1] * m[1];
            double d0 = cap((m[2] * s[0] - m[1] * s[1]) / determinant);
            double d1 = cap((m[0] * s[1] - m[1] * s[0]) / determinant);
            double share = 1;
            while (share > 1e-10 && value(b0 + share * d0, b1 + share * d1) < value - 1e-14) {
                share /= 2;
            }
            b0 += share * d0;
            b1 += share * d1;
            value = value(b0, b1);
            if (Math.max(Math.abs(share * d0), Math.abs(share * d1)) < STOP) {
                break;
            }
        }
        return new double[] {b0, b1};
    }

    private static double cap(double step) {
        return Math.max(-MOST_STEP, Math.min(MOST_STEP, step));
    }

    double slopeSe(double[] b) {
        double[] m = information(b[0], b[1]);
        return Math.sqrt(m[0] / (m[0] * m[2] - m[1] * m[1]));
    }

    /** The greatest value that this slope allows: the score for b0 is zero there. Newton from {@code near}, halving where it would leave its bracket. */
    double profile(double b1, double near) {
        double low = near - 1;
        double high = near + 1;
        for (int i = 0; i < 60 && score(low, b1)[0] < 0; i++) {
            low -= Math.scalb(1.0, i);
        }
        for (int i = 0; i < 60 && score(high, b1)[0] > 0; i++) {
            high += Math.scalb(1.0, i);
        }
        double b0 = near;
        for (int i = 0; i < 200 && high - low > 1e-14 * Math.max(1, Math.abs(b0)); i++) {
            double score = score(b0, b1)[0];
            if (score > 0) {
                low = b0;
            } else {
                high = b0;
            }
            double next = b0 + score / information(b0, b1)[0];
            double last = b0;
            b0 = next > low && next < high ? next : (low + high) / 2;
            if (Math.abs(b0 - last) < STOP) {
                break;
            }
        }
        return value(b0, b1);
    }

    /** Σ (y - mp)² / (mp(1 - p)), with 1 - p worked out by itself, so that nothing cancels where all is made; a session that had to come so counts 0. */
    double pearson(double[] b) {
        double sum = 0;
        for (int i = 0; i < t.length; i++) {
            double eta = b[0] + b[1] * t[i];
            double p = logistic(eta);
            double q = logistic(-eta);
            double residual = made[i] * q - (attempts[i] - made[i]) * p;
            double variance = attempts[i] * p * q;
            sum += variance == 0 ? 0 : residual * residual / variance;
        }
        return sum;
    }

    double fitted(double[] b, double time) {
        return logistic(b[0] + b[1] * (time - centre));
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    private static double softplus(double x) {
        return x > 30 ? x : Math.log1p(Math.exp(x));
    }
}
