package amberrail.core.rack;

import amberrail.core.simulation.ExecutionErrors;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * The one thing that costs a student most racks: the same layouts played again with the same luck and each of the four errors halved.
 *
 * <p>Halving what is as small as the rest is no task for anybody: where some errors are out of line with the others (more than {@link #OUT_OF_LINE} times as large, each over the reference
 * student's, as the middle two of the four), the largest gain is looked for among those alone.
 *
 * @param sizes   what the student's errors were taken to be
 * @param kind    of which halving wins most
 * @param gains   for each kind: racks won more in ten, and the standard error of that
 * @param stands  whether the largest stands out of its own error, and is worth saying
 * @see "racks.md, Review"
 */
public record RackHeadline(ExecutionErrors sizes, Kind kind, List<Gain> gains, boolean stands) {
    /** The four things that go wrong in a stroke. */
    public enum Kind {
        AIM,
        PACE,
        TIP_HEIGHT,
        TIP_SIDE
    }

    /** Racks in ten that would be won more. */
    public record Gain(Kind kind, double racksInTen, double standardError) {}

    private static final double HALF = 0.5;
    private static final double SURE = 1.645;
    private static final double WORTH_SAYING = 0.3;
    private static final double OUT_OF_LINE = 1.4;

    /**
     * Empty where the shots do not tell the student's own sizes.
     *
     * @param layouts   as they lay before the first shot
     * @param shots     of all racks, with their plans
     * @param believed  what is believed of the student's errors without them
     * @param runs      of each layout and kind
     * @param cancelled asked before each layout; {@code CancellationException} once true
     */
    public static Optional<RackHeadline> of(
            List<RackPosition> layouts,
            List<RackShot> shots,
            ExecutionErrors believed,
            HouseRules rules,
            int runs,
            long seed,
            BooleanSupplier cancelled) {
        return RackErrorSizes.of(shots, believed)
                .map(sizes -> of(layouts, new RackStudent(sizes, rules), runs, seed, cancelled));
    }

    private static RackHeadline of(
            List<RackPosition> layouts, RackStudent student, int runs, long seed, BooleanSupplier cancelled) {
        int[] asItIs = cleared(layouts, student, runs, seed, cancelled);
        List<Gain> gains = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            int[] halved = cleared(layouts, student.with(halved(student.errors(), kind)), runs, seed, cancelled);
            gains.add(gain(kind, asItIs, halved, runs));
        }
        Set<Kind> outOfLine = outOfLine(student.errors());
        Gain most = gains.stream()
                .filter(gain -> outOfLine.isEmpty() || outOfLine.contains(gain.kind()))
                .max(Comparator.comparingDouble(Gain::racksInTen))
                .orElseThrow();
        boolean stands = most.racksInTen() >= WORTH_SAYING && most.racksInTen() > SURE * most.standardError();
        return new RackHeadline(student.errors(), most.kind(), List.copyOf(gains), stands);
    }

    /** Errors that are large beside the student's others. */
    static Set<Kind> outOfLine(ExecutionErrors errors) {
        ExecutionErrors usual = ExecutionErrors.REFERENCE;
        double[] over = {
            errors.aimMilliradians() / usual.aimMilliradians(),
            errors.paceFraction() / usual.paceFraction(),
            errors.tipHeightMillimetres() / usual.tipHeightMillimetres(),
            errors.tipSideMillimetres() / usual.tipSideMillimetres()
        };
        double[] sorted = over.clone();
        Arrays.sort(sorted);
        double middle = Math.sqrt(sorted[1] * sorted[2]);
        Set<Kind> found = EnumSet.noneOf(Kind.class);
        for (Kind kind : Kind.values()) {
            if (over[kind.ordinal()] > OUT_OF_LINE * middle) {
                found.add(kind);
            }
        }
        return found;
    }

    static ExecutionErrors halved(ExecutionErrors errors, Kind kind) {
        return new ExecutionErrors(
                errors.aimMilliradians() * (kind == Kind.AIM ? HALF : 1),
                errors.paceFraction() * (kind == Kind.PACE ? HALF : 1),
                errors.tipHeightMillimetres() * (kind == Kind.TIP_HEIGHT ? HALF : 1),
                errors.tipSideMillimetres() * (kind == Kind.TIP_SIDE ? HALF : 1));
    }

    /** Of each layout, how many of the runs clear it. */
    private static int[] cleared(
            List<RackPosition> layouts, RackStudent student, int runs, long seed, BooleanSupplier cancelled) {
        int[] cleared = new int[layouts.size()];
        IntStream.range(0, layouts.size()).parallel().forEach(i -> {
            if (cancelled.getAsBoolean()) {
                throw new CancellationException();
            }
            RackPolicy policy = RackPolicy.proposed(student);
            for (int run = 0; run < runs; run++) {
                long luck = RackDraws.mixed(seed, (long) i * runs + run);
                cleared[i] += RackRun.play(layouts.get(i).copy(), policy, student, luck)
                                .isCleared()
                        ? 1
                        : 0;
            }
        });
        return cleared;
    }

    /** Layouts are what was drawn: the error is that of their mean. */
    private static Gain gain(Kind kind, int[] before, int[] after, int runs) {
        int n = before.length;
        double mean = 0;
        for (int i = 0; i < n; i++) {
            mean += (double) (after[i] - before[i]) / runs / n;
        }
        double squares = 0;
        for (int i = 0; i < n; i++) {
            double off = (double) (after[i] - before[i]) / runs - mean;
            squares += off * off;
        }
        double error = n < 2 ? 1 : Math.sqrt(squares / (n - 1) / n);
        return new Gain(kind, 10 * mean, 10 * error);
    }
}
