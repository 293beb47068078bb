package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * How strict a rule for stepping up is: how surely, and how soon, somebody of a true success rate passes it.
 *
 * @see "statistics/methods.md, masteryRule"
 */
public sealed interface MasteryRule {
    int MOST_ATTEMPTS = 2000;

    /** Beyond this many nobody passes: no number is said. */
    double MOST_EXPECTED = 1e12;

    /** With less left than this everybody has passed. */
    double NOBODY_LEFT = 1e-15;

    /** One half, give or take rounding. */
    double HALF = 0.5 - 1e-12;

    /** Chance that somebody of success rate {@code p} has passed after so many attempts, 0 to {@value #MOST_ATTEMPTS}. */
    double[] passProbabilities(double p, int attempts);

    /** Mean number of attempts until it is passed; empty where it never is, or where there is no closed form. */
    OptionalDouble expectedAttempts(double p);

    /**
     * What a coach is shown.
     *
     * @param passProbability within the attempts asked
     * @param expectedAttempts see {@link #expectedAttempts}
     * @param medianAttempts  fewest attempts with an even chance of having passed; empty if none up to {@value #MOST_ATTEMPTS}
     */
    record Strictness(double passProbability, OptionalDouble expectedAttempts, OptionalInt medianAttempts) {}

    /**
     * Example: 3 in a row within 20 attempts is passed by a 50 % player with 0.79.
     *
     * @param p        true success rate, 0 to 1, else {@code INVALID_PROBABILITY}
     * @param attempts 1 to {@value #MOST_ATTEMPTS}
     */
    default Strictness at(double p, int attempts) {
        if (!(p >= 0 && p <= 1)) {
            throw new InvalidInputException(ProblemCode.INVALID_PROBABILITY, "p", p, "must be from 0 to 1");
        }
        Require.between("attempts", attempts, 1, MOST_ATTEMPTS);
        double[] passed = passProbabilities(p, MOST_ATTEMPTS);
        OptionalInt median = OptionalInt.empty();
        for (int n = 1; n <= MOST_ATTEMPTS && median.isEmpty(); n++) {
            if (passed[n] >= HALF) {
                median = OptionalInt.of(n);
            }
        }
        return new Strictness(passed[attempts], expectedAttempts(p), median);
    }

    /** {@code k} in a row. */
    record Run(int k) implements MasteryRule {
        public Run {
            Require.between("rule.k", k, 1, 50);
        }

        /** Mass by the present run, 0 to k-1; what reaches k is passed. */
        @Override
        public double[] passProbabilities(double p, int attempts) {
            double[] passed = new double[attempts + 1];
            double[] mass = new double[k];
            mass[0] = 1;
            for (int n = 1; n <= attempts; n++) {
                double[] next = new double[k];
                for (int run = 0; run < k; run++) {
                    next[0] += mass[run] * (1 - p);
                    if (run + 1 < k) {
                        next[run + 1] += mass[run] * p;
                    } else {
                        passed[n] += mass[run] * p;
                    }
                }
                passed[n] += passed[n - 1];
                mass = next;
                if (1 - passed[n] < NOBODY_LEFT) {
                    Arrays.fill(passed, n + 1, attempts + 1, passed[n]);
                    break;
                }
            }
            return passed;
        }

        @Override
        public OptionalDouble expectedAttempts(double p) {
            if (p == 0) {
                return OptionalDouble.empty();
            }
            double all = Math.pow(p, k);
            double expected = p == 1 ? k : (1 - all) / ((1 - p) * all);
            return expected <= MOST_EXPECTED ? OptionalDouble.of(expected) : OptionalDouble.empty();
        }
    }

    /** {@code m} of separate blocks of {@code n}. */
    record Block(int m, int n) implements MasteryRule {
        public Block {
            Require.between("rule.n", n, 1, 1000);
            Require.between("rule.m", m, 1, n);
        }

        private double oneBlock(double p) {
            return 1 - new BinomialDistribution(n, p).cumulativeProbability(m - 1);
        }

        @Override
        public double[] passProbabilities(double p, int attempts) {
            double q = oneBlock(p);
            double[] passed = new double[attempts + 1];
            for (int i = 1; i <= attempts; i++) {
                passed[i] = 1 - Math.pow(1 - q, i / n);
            }
            return passed;
        }

        @Override
        public OptionalDouble expectedAttempts(double p) {
            double q = oneBlock(p);
            return q > 0 && n / q <= MOST_EXPECTED ? OptionalDouble.of(n / q) : OptionalDouble.empty();
        }
    }

    /**
     * {@code m} of separate blocks of {@code n}, passed as soon as {@code m} are made in the present one: how it is played at a table, where nobody
     * plays a block to its end that is passed already. The same as {@link Block} after whole blocks.
     */
    record BlockPassedAtOnce(int m, int n) implements MasteryRule {
        public BlockPassedAtOnce {
            Require.between("rule.n", n, 1, 1000);
            Require.between("rule.m", m, 1, n);
        }

        @Override
        public double[] passProbabilities(double p, int attempts) {
            double missed = new BinomialDistribution(n, p).cumulativeProbability(m - 1);
            double[] missedSoFar = new double[n];
            for (int i = 0; i < n; i++) {
                missedSoFar[i] = i == 0 ? 1 : new BinomialDistribution(i, p).cumulativeProbability(m - 1);
            }
            double[] passed = new double[attempts + 1];
            for (int i = 1; i <= attempts; i++) {
                passed[i] = 1 - Math.pow(missed, i / n) * missedSoFar[i % n];
            }
            return passed;
        }

        @Override
        public OptionalDouble expectedAttempts(double p) {
            return OptionalDouble.empty();
        }
    }

    /** A rule that original and mirror must each meet, one after the other: attempts of both sides together. */
    record BothSides(MasteryRule one) implements MasteryRule {
        @Override
        public double[] passProbabilities(double p, int attempts) {
            double[] side = one.passProbabilities(p, attempts);
            double[] passed = new double[attempts + 1];
            for (int i = 1; i <= attempts; i++) {
                double here = 0;
                for (int first = 1; first < i; first++) {
                    here += (side[first] - side[first - 1]) * (side[i - first] - side[i - first - 1]);
                }
                passed[i] = passed[i - 1] + here;
            }
            return passed;
        }

        @Override
        public OptionalDouble expectedAttempts(double p) {
            OptionalDouble side = one.expectedAttempts(p);
            return side.isPresent() ? OptionalDouble.of(2 * side.getAsDouble()) : side;
        }
    }

    /** {@code m} of the last {@code n}, or of the fewer so far. */
    record Sliding(int m, int n) implements MasteryRule {
        public Sliding {
            Require.between("rule.n", n, 1, 16);
            Require.between("rule.m", m, 1, n);
        }

        /** Mass by which of the last n-1 were made, as a bit mask, the latest in the lowest bit. */
        @Override
        public double[] passProbabilities(double p, int attempts) {
            int states = 1 << (n - 1);
            double[] passed = new double[attempts + 1];
            double[] mass = new double[states];
            mass[0] = 1;
            for (int i = 1; i <= attempts; i++) {
                double[] next = new double[states];
                for (int state = 0; state < states; state++) {
                    if (mass[state] == 0) {
                        continue;
                    }
                    next[state << 1 & states - 1] += mass[state] * (1 - p);
                    if (Integer.bitCount(state) + 1 >= m) {
                        passed[i] += mass[state] * p;
                    } else {
                        next[(state << 1 | 1) & states - 1] += mass[state] * p;
                    }
                }
                passed[i] += passed[i - 1];
                mass = next;
                if (1 - passed[i] < NOBODY_LEFT) {
                    Arrays.fill(passed, i + 1, attempts + 1, passed[i]);
                    break;
                }
            }
            return passed;
        }

        @Override
        public OptionalDouble expectedAttempts(double p) {
            return OptionalDouble.empty();
        }
    }
}
