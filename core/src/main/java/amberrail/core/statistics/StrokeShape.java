package amberrail.core.statistics;

/** How the errors of a stroke are spread, scaled to a standard deviation of 1; without constants, which cancel wherever shapes are weighed by themselves. */
public enum StrokeShape {
    NORMAL {
        @Override
        double ln(double u) {
            return -0.5 * u * u;
        }

        @Override
        double first(double u) {
            return -u;
        }

        @Override
        double second(double u) {
            return -1;
        }
    },
    /** Student's t with 4 degrees of freedom, scaled: now and then a stroke goes wild. */
    HEAVY {
        @Override
        double ln(double u) {
            return -2.5 * Math.log1p(0.5 * u * u);
        }

        @Override
        double first(double u) {
            return -2.5 * u / (1 + 0.5 * u * u);
        }

        @Override
        double second(double u) {
            double d = 1 + 0.5 * u * u;
            return -2.5 * (1 - 0.5 * u * u) / (d * d);
        }
    };

    /** ln f(u), up to a constant. */
    abstract double ln(double u);

    /** Its derivative. */
    abstract double first(double u);

    /** Its second derivative. */
    abstract double second(double u);
}
