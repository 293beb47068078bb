package amberrail.core.diagnosis;

import amberrail.core.grading.Band;
import amberrail.core.motion.Bridge;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.AdviceEvidence;
import amberrail.core.statistics.StrokeCell;
import amberrail.core.statistics.StrokeTable;
import java.util.Objects;
import java.util.Optional;

/**
 * What to tell a student after a shot: a correction only where one cause stands out, in this shot alone or, at the looks after 5, 10 and 20 shots, as a
 * lasting one; one thing at a time; and silence where there is nothing to say.
 *
 * @param kind       what there is to say
 * @param cause      what to change, with {@code CORRECT}
 * @param correction by how much, in the cause's unit at this stroke's pace; the opposite of what went wrong
 * @param lasting    whether it follows from the whole run and not of this shot alone
 * @param shots      how many shots it comes of
 * @see "statistics/methods.md, adviceEvidence"
 */
public record Advice(Kind kind, Optional<Cause> cause, double correction, boolean lasting, int shots) {
    /** What there is to say. */
    public enum Kind {
        /** Change one thing. */
        CORRECT,
        /** Within the student's usual spread: the same again. */
        SAME_AGAIN,
        /** So far off what this stroke gives that the tap or the call may be wrong; asked before any cause is named. */
        IS_THE_RECORD_RIGHT,
        /** The same, but it is quite what the usual stroke gives: the call does not fit the shot. */
        DOES_THE_CALL_FIT,
        /** Neither a landing nor a miss to judge by, or no stroke that the simulation could play. */
        CANNOT_TELL
    }

    private static final double TOO_ODD = 0.001;
    private static final double FITS = 0.05;
    /** Smaller than this cannot be played on purpose: mrad, per cent, mm. */
    private static final double[] LEAST = {0.2, 1, 0.5};

    public Advice {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(cause);
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
     * What is asked of the shot.
     *
     * @param paceMetresPerSecond of the stroke, by which errors grow
     * @param bridge    what the cue was guided by, which makes errors larger too
     * @param toATarget whether the drill asks for position: where it does not, nothing is said about it
     * @param limits    see there
     */
    public record Asked(double paceMetresPerSecond, Bridge bridge, boolean toATarget, Limits limits) {}

    public static Advice cannotTell() {
        return new Advice(Kind.CANNOT_TELL, Optional.empty(), 0, false, 0);
    }

    /**
     * @param run   the present run of this stroke, oldest first, this shot last
     * @param band  whose sizes the run's table was played with
     * @param usual the last shot with the usual stroke's table, where another stroke was called
     */
    public static Advice after(StrokeCell run, Band band, Optional<StrokeCell> usual, OwnErrors own, Asked asked) {
        int n = run.attempts().size();
        StrokeCell.Seen last = run.attempts().get(n - 1);
        boolean clean = last.outcome().equals(StrokeTable.CLEAN);
        if (clean && last.landing().isEmpty()) {
            return cannotTell();
        }
        double[] sizes = own.relativeTo(band);
        AdviceEvidence evidence = AdviceEvidence.now(run, sizes, own.shape());
        AdviceEvidence.OfLast alone = evidence.last().orElseThrow();
        double[] four = OwnErrors.components(sizes);
        if (asked.toATarget() && run.chanceOfSoFarOff(four, own.shape()) < TOO_ODD) {
            // A good shot with a wrong call is the call's fault, whatever cause would explain it.
            if (usual.filter(cell -> cell.chanceOfSoFarOff(four, own.shape()) > FITS)
                    .isPresent()) {
                return asking(Kind.DOES_THE_CALL_FIT);
            }
            if (alone.single().isEmpty()) {
                return asking(Kind.IS_THE_RECORD_RIGHT);
            }
        }
        Optional<Advice> found = alone.single()
                .map(one -> correct(one, alone.error().get(one.ordinal()), false, 1, band, asked))
                .or(() -> evidence.looks().stream()
                        .filter(look -> look.shots() == n)
                        .findFirst()
                        .flatMap(look -> look.named()
                                .map(one -> correct(one, look.bias().get(one.ordinal()), true, n, band, asked))));
        return found.filter(advice -> maySay(advice, clean, asked)).orElse(sameAgain());
    }

    /** About position only where it is asked or the shot was missed; where it is not asked, aim alone, from missed and jawed pots. */
    private static boolean maySay(Advice advice, boolean clean, Asked asked) {
        int cause = advice.cause().orElseThrow().ordinal();
        if (Math.abs(advice.correction()) < LEAST[cause]) {
            return false;
        }
        return asked.toATarget() || !clean && advice.cause().get() == Cause.AIM;
    }

    private static Advice asking(Kind kind) {
        return new Advice(kind, Optional.empty(), 0, false, 1);
    }

    private static Advice sameAgain() {
        return new Advice(Kind.SAME_AGAIN, Optional.empty(), 0, false, 1);
    }

    private static Advice correct(
            AdviceEvidence.Strayed strayed, double inBandSizes, boolean lasting, int shots, Band band, Asked asked) {
        Cause cause = Cause.valueOf(strayed.name());
        ExecutionErrors here =
                OwnErrors.ofBand(band).times(asked.bridge().errorFactor()).at(asked.paceMetresPerSecond());
        double off = inBandSizes * cause.of(here);
        return new Advice(Kind.CORRECT, Optional.of(cause), asked.limits().clip(cause, -off), lasting, shots);
    }
}
