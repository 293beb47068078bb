package amberrail.core.diagnosis;

/** What of a stroke can be off, in the order of the Jacobian's columns. */
public enum Cause {
    /** Per cent of the launch speed, harder positive. */
    PACE,
    /** mm of the tip's height, higher positive. */
    HEIGHT,
    /** mrad of the launch direction, thicker positive. */
    AIM
}
