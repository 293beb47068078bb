package amberrail.core.attempt;

import amberrail.core.drill.Condition;

/**
 * What is known of a played shot, whoever saw it: a coach at the table or the simulator. The judge reads nothing else. Balls by their index
 * in the layout, places in mm.
 */
interface Evidence {
    /** How a condition stands. */
    enum Verdict {
        MET,
        NOT_MET,
        /** Nobody saw it. */
        UNDECIDED
    }

    boolean foul();

    boolean cueBallDropped();

    /** Whether the pot that is asked came off, its half of the pocket and its cushions included. */
    Verdict pot(int index, Condition.Pot pot);

    /** Where no pot is asked: whether the right ball was hit at all. */
    boolean contactAsAsked();

    /** Whether it is known where a ball came to rest on the table. */
    boolean knowsPlace(int index, int ball);

    double xMillimetres(int index, int ball);

    double yMillimetres(int index, int ball);

    /** A condition that a resting place does not show. */
    Verdict fact(int index, Condition condition);
}
