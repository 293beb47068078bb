package amberrail.core.simulation;

import amberrail.core.problem.Require;

/**
 * How much one stroke strays from what was meant, as standard deviations at the reference pace of 2 m/s; {@link #at} says how they grow
 * with the stroke.
 *
 * @param aimMilliradians       of the cue ball's launch direction, squirt included (answers.md, "Strike and pace")
 * @param paceFraction          of the launch speed, 0.065 = 6.5 %
 * @param tipHeightMillimetres  of the contact point's height
 * @param tipSideMillimetres    of its side; changes the spin only
 */
public record ExecutionErrors(
        double aimMilliradians, double paceFraction, double tipHeightMillimetres, double tipSideMillimetres) {
    /** Nobody errs: the stroke as it was meant. */
    public static final ExecutionErrors NONE = new ExecutionErrors(0, 0, 0, 0);

    /**
     * The reference student, ability 0, in the middle of the band Slate (grading.md). These four numbers and the factor below are our
     * assumptions; data will correct them.
     */
    public static final ExecutionErrors REFERENCE = new ExecutionErrors(2.0, 0.065, 2.0, 1.4);

    private static final double SHRINK_PER_BAND = 1.6;
    private static final double LOGITS_PER_BAND = 1.5;

    public ExecutionErrors {
        Require.between("aimMilliradians", aimMilliradians, 0, 200);
        Require.between("paceFraction", paceFraction, 0, 1);
        Require.between("tipHeightMillimetres", tipHeightMillimetres, 0, 50);
        Require.between("tipSideMillimetres", tipSideMillimetres, 0, 50);
    }

    /**
     * The errors of a student of this ability: sd(a) = sd(0)·1.6^(-a/1.5). Example: a = 1.5 (Brass) aims with 1.25 mrad.
     *
     * @param abilityLogits -12 to 12; 0 is the reference student, a band is 1.5 wide
     * @see "grading.md"
     */
    public static ExecutionErrors ofAbility(double abilityLogits) {
        Require.between("abilityLogits", abilityLogits, -12, 12);
        return REFERENCE.times(Math.pow(SHRINK_PER_BAND, -abilityLogits / LOGITS_PER_BAND));
    }

    /** Every error times a factor (without unit); none grows past what this type allows. */
    public ExecutionErrors times(double factor) {
        return times(factor, factor);
    }

    /** The errors of a stroke at this launch speed: power costs accuracy, and a very soft stroke is hard to dose ({@link PaceGrowth}). */
    public ExecutionErrors at(double speedMetresPerSecond) {
        return times(PaceGrowth.ofAimAndTip(speedMetresPerSecond), PaceGrowth.ofPace(speedMetresPerSecond));
    }

    private ExecutionErrors times(double aimAndTip, double pace) {
        return new ExecutionErrors(
                Math.min(200, aimAndTip * aimMilliradians),
                Math.min(1, pace * paceFraction),
                Math.min(50, aimAndTip * tipHeightMillimetres),
                Math.min(50, aimAndTip * tipSideMillimetres));
    }
}
