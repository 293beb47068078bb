package amberrail.core.simulation;

import amberrail.core.problem.Require;

/**
 * How much one stroke strays from what was meant, as standard deviations.
 *
 * @param aimMilliradians       of the cue ball's launch direction, squirt included (answers.md, "Strike and pace")
 * @param paceFraction          of the launch speed, 0.065 = 6.5 %
 * @param tipHeightMillimetres  of the contact point's height
 * @param tipSideMillimetres    of its side; changes the spin only
 */
public record ExecutionErrors(
        double aimMilliradians, double paceFraction, double tipHeightMillimetres, double tipSideMillimetres) {
    public ExecutionErrors {
        Require.between("aimMilliradians", aimMilliradians, 0, 200);
        Require.between("paceFraction", paceFraction, 0, 1);
        Require.between("tipHeightMillimetres", tipHeightMillimetres, 0, 50);
        Require.between("tipSideMillimetres", tipSideMillimetres, 0, 50);
    }
}
