package amberrail.core.drill;

/** Which line the cue ball is expected to travel when it reaches the target. */
public enum ArrivalLine {
    /** Onward along the aim: stops, and straight follow. */
    AIM,
    /** The line that a rolling cue ball takes after contact. */
    NATURAL_ROLL
}
