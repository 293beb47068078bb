package amberrail.core.diagnosis;

import amberrail.core.simulation.ExecutionErrors;

/** What of a stroke can be off, in the order of a stroke table's components. */
public enum Cause {
    /** mrad of the launch direction, to the left positive. */
    AIM,
    /** Per cent of the launch speed, harder positive. */
    PACE,
    /** mm of the tip's height, higher positive. */
    HEIGHT;

    /** This kind of error, in its unit. */
    public double of(ExecutionErrors errors) {
        return switch (this) {
            case AIM -> errors.aimMilliradians();
            case PACE -> 100 * errors.paceFraction();
            case HEIGHT -> errors.tipHeightMillimetres();
        };
    }
}
