package amberrail.core.diagnosis;

import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.MapCause;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What to tell a student after a shot (answers.md, "Advice to the student"): a correction only where a cause is likely or a bias is real,
 * one thing at a time, never inside the noise.
 *
 * @param kind       what there is to say
 * @param cause      what to change, with {@code CORRECT}
 * @param correction by how much, in the cause's unit; the opposite of what went wrong, at most half a tip or one pace step
 * @param ofAll      whether it comes of the last clean pots and not of this shot alone
 * @param shots      how many shots it comes of
 * @param resolution how much they told of that cause, 0 to 1
 * @param assumed    the stroke was not called: the usual one is assumed
 */
public record Advice(
        Kind kind,
        Optional<Cause> cause,
        double correction,
        boolean ofAll,
        int shots,
        double resolution,
        boolean assumed) {
    /** What there is to say. */
    public enum Kind {
        /** Change one thing. */
        CORRECT,
        /** Within the student's usual spread: the same again. */
        SAME_AGAIN,
        /** So odd that the record may be wrong; asked before any cause is named. */
        IS_THE_RECORD_RIGHT,
        /** No landing, or no stroke that the simulation could play: nothing is said about the stroke. */
        CANNOT_TELL
    }

    private static final int FEWEST_FOR_A_BIAS = 5;
    private static final int MOST_FOR_A_BIAS = 10;
    private static final double TOO_ODD = 0.001;
    private static final double LEVEL = 0.95;
    /** Of the usual sizes, for a bias that lasts (methods.md, "Student's lasting bias"). */
    private static final double LASTING_SHARE = 0.5;

    public Advice {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(cause);
    }

    public static Advice cannotTell(boolean assumed) {
        return new Advice(Kind.CANNOT_TELL, Optional.empty(), 0, false, 0, 0, assumed);
    }

    /** The same where nothing but the pot is asked: pace and height only moved the cue ball to where it was free to go. */
    public Advice forThePotAlone() {
        boolean aboutPosition =
                kind == Kind.CORRECT && cause.filter(Cause.AIM::equals).isEmpty();
        return aboutPosition ? new Advice(Kind.SAME_AGAIN, Optional.empty(), 0, false, shots, 0, assumed) : this;
    }

    /** The most that is ever advised: half a tip (mm), one pace step (per cent of this pace), and no limit but the estimate for aim. */
    public record Limits(double heightMillimetres, double pacePercent) {
        double clip(Cause cause, double correction) {
            double most = switch (cause) {
                case PACE -> pacePercent;
                case HEIGHT -> heightMillimetres;
                case AIM -> Double.POSITIVE_INFINITY;
            };
            return Math.min(most, Math.max(-most, correction));
        }
    }

    /**
     * @param shot       the shot that was just recorded
     * @param before     earlier shots of this station, side and call, oldest first
     * @param atReference the student's own error sizes at the reference pace
     * @param leavesLeft whether the object ball leaves to the left of the aim on this side
     */
    public static Advice after(
            SeenShot shot, List<SeenShot> before, StrokeErrors atReference, boolean leavesLeft, Limits limits) {
        StrokeErrors errors = atReference.at(shot.model().stroke().paceMetresPerSecond());
        boolean assumed = shot.model().assumed();
        if (shot.place().isEmpty()) {
            return cannotTell(assumed);
        }
        ArrivalError error = shot.model().error(shot.place().get());
        MapCause cause = MapCause.of(
                shot.model().jacobian(),
                errors.sds(),
                error.lineMillimetres(),
                error.speedMillimetres(),
                noise(shot.placingVariance()),
                PotBounds.of(shot.outcome(), shot.model(), leavesLeft));
        if (cause.surpriseP() < TOO_ODD && cause.likely().isEmpty() || cause.surpriseP() < TOO_ODD * TOO_ODD) {
            return new Advice(Kind.IS_THE_RECORD_RIGHT, Optional.empty(), 0, false, 1, 0, assumed);
        }
        if (cause.likely().isPresent()) {
            int j = cause.likely().getAsInt();
            return correct(Cause.values()[j], cause, j, false, 1, assumed, limits);
        }
        return lasting(shot, before, errors, limits)
                .orElseGet(() -> new Advice(Kind.SAME_AGAIN, Optional.empty(), 0, false, 1, 0, assumed));
    }

    private static Optional<Advice> lasting(SeenShot shot, List<SeenShot> before, StrokeErrors errors, Limits limits) {
        List<SeenShot> clean = new ArrayList<>(before);
        clean.add(shot);
        clean.removeIf(one -> !one.cleanPot() || one.place().isEmpty());
        List<SeenShot> last = clean.subList(Math.max(0, clean.size() - MOST_FOR_A_BIAS), clean.size());
        int n = last.size();
        if (n < FEWEST_FOR_A_BIAS) {
            return Optional.empty();
        }
        StrokeModel model = shot.model();
        boolean real = Dispersion.of(
                        model.landing(),
                        model.arrival(),
                        last.stream().map(one -> one.place().orElseThrow()).toList(),
                        LEVEL)
                .biasTest()
                .value()
                .filter(test -> test.real())
                .isPresent();
        if (!real) {
            return Optional.empty();
        }
        return lastingCause(model, last, errors).map(cause -> {
            int j = greatest(cause.inPriorSds());
            return correct(Cause.values()[j], cause, j, true, n, model.assumed(), limits);
        });
    }

    /** The mean error of the last shots, its noise made of what one shot strays by (methods.md, "Student's lasting bias"). */
    private static Optional<MapCause> lastingCause(StrokeModel model, List<SeenShot> last, StrokeErrors errors) {
        int n = last.size();
        double line = 0;
        double speed = 0;
        double placing = 0;
        for (SeenShot one : last) {
            ArrivalError error = model.error(one.place().orElseThrow());
            line += error.lineMillimetres() / n;
            speed += error.speedMillimetres() / n;
            placing += one.placingVariance() / n;
        }
        double[] sds = errors.sds();
        double[][] noise = noise(placing);
        double[] half = new double[sds.length];
        for (int j = 0; j < sds.length; j++) {
            half[j] = LASTING_SHARE * sds[j];
            for (int r = 0; r < 2; r++) {
                for (int s = 0; s < 2; s++) {
                    noise[r][s] += model.jacobian()[r][j] * sds[j] * sds[j] * model.jacobian()[s][j];
                }
            }
        }
        for (double[] row : noise) {
            row[0] /= n;
            row[1] /= n;
        }
        return Optional.of(MapCause.of(model.jacobian(), half, line, speed, noise, Optional.empty()));
    }

    private static Advice correct(
            Cause cause, MapCause found, int j, boolean ofAll, int shots, boolean assumed, Limits limits) {
        return new Advice(
                Kind.CORRECT,
                Optional.of(cause),
                limits.clip(cause, -found.estimate()[j]),
                ofAll,
                shots,
                found.resolution()[j],
                assumed);
    }

    private static int greatest(double[] inSds) {
        int greatest = 0;
        for (int j = 1; j < inSds.length; j++) {
            greatest = Math.abs(inSds[j]) > Math.abs(inSds[greatest]) ? j : greatest;
        }
        return greatest;
    }

    private static double[][] noise(double variance) {
        return new double[][] {{variance, 0}, {0, variance}};
    }
}
