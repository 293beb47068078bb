package amberrail.core.statistics;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;

/**
 * The top of the penalised likelihood of {@link RaschFit}: Newton steps from 0, halved while the objective falls. It is strictly concave, so there is
 * one answer.
 *
 * @param theta           of each student the abilities by week, in logits
 * @param u               what data add to drills and stations, in logits
 * @param blocks          each student's part of the last step
 * @param stationVariance of {@code u}
 */
record RaschNewton(List<double[]> theta, double[] u, List<StudentBlock> blocks, double[][] stationVariance) {
    private static final double STOP = 1e-11;
    private static final double LEAST_SHARE = 1e-12;
    private static final double ROUNDING = 1e-12;
    private static final int MOST_STEPS = 100;

    /** Everybody and every station together. */
    static RaschNewton of(List<StudentResults> results, StationScale scale) {
        List<double[]> theta = new ArrayList<>();
        results.forEach(one -> theta.add(new double[one.weeks().length]));
        double[] u = new double[scale.unknowns()];
        double value = objective(results, theta, u, scale);
        for (int step = 0; ; step++) {
            double[] gradient = new double[u.length];
            double[][] matrix = new double[u.length][u.length];
            for (int j = 0; j < u.length; j++) {
                gradient[j] = -scale.precision(j) * u[j];
                matrix[j][j] = scale.precision(j);
            }
            List<StudentBlock> blocks = new ArrayList<>();
            for (int s = 0; s < results.size(); s++) {
                blocks.add(StudentBlock.of(results.get(s), theta.get(s), u, scale, gradient, matrix));
            }
            blocks.forEach(block -> block.reduce(matrix, gradient));
            Cholesky reduced = Cholesky.of(matrix);
            double[] move = reduced.solve(gradient);
            List<double[]> moves =
                    blocks.stream().map(block -> block.step(move)).toList();
            double most = Math.max(
                    largest(move),
                    moves.stream().mapToDouble(RaschNewton::largest).max().orElse(0));
            if (most < STOP || step == MOST_STEPS) {
                return new RaschNewton(theta, u, blocks, reduced.inverse());
            }
            value = climbed(
                    share -> {
                        for (int s = 0; s < theta.size(); s++) {
                            add(theta.get(s), moves.get(s), share);
                        }
                        add(u, move, share);
                    },
                    () -> objective(results, theta, u, scale),
                    value);
        }
    }

    /** One student's, the stations held where they are. */
    record Alone(double[] theta, StudentBlock block) {
        static Alone of(StudentResults own, double[] u, StationScale scale) {
            double[] theta = new double[own.weeks().length];
            double value = own.objective(theta, u, scale);
            StudentBlock block = StudentBlock.of(own, theta, u, scale, null, null);
            for (int step = 0; step < MOST_STEPS; step++) {
                double[] move = block.step(null);
                if (largest(move) < STOP) {
                    break;
                }
                value = climbed(share -> add(theta, move, share), () -> own.objective(theta, u, scale), value);
                block = StudentBlock.of(own, theta, u, scale, null, null);
            }
            return new Alone(theta, block);
        }
    }

    /** Goes the whole step, then back by halves while the objective is below what it was; returns the objective there. */
    private static double climbed(DoubleConsumer go, DoubleSupplier objective, double before) {
        double share = 1;
        go.accept(share);
        double found = objective.getAsDouble();
        while (found < before - ROUNDING * Math.abs(before) && share > LEAST_SHARE) {
            go.accept(-share / 2);
            share /= 2;
            found = objective.getAsDouble();
        }
        return found;
    }

    private static void add(double[] to, double[] step, double share) {
        for (int j = 0; j < to.length; j++) {
            to[j] += share * step[j];
        }
    }

    private static double largest(double[] step) {
        return Arrays.stream(step).map(Math::abs).max().orElse(0);
    }

    private static double objective(
            List<StudentResults> results, List<double[]> theta, double[] u, StationScale scale) {
        double sum = 0;
        for (int s = 0; s < results.size(); s++) {
            sum += results.get(s).objective(theta.get(s), u, scale);
        }
        for (int j = 0; j < u.length; j++) {
            sum -= scale.precision(j) * u[j] * u[j] / 2;
        }
        return sum;
    }
}
