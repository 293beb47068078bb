package amberrail.core.attempt;

import amberrail.core.statistics.PottingResult;

/** How the pot went. Where the cut is under 3 degrees the sides are left and right of the pocket, else thick and thin. */
public enum PotOutcome {
    POTTED_CLEAN(PottingResult.Pot.MADE, Sides.ANY),
    OFF_THICK_JAW(PottingResult.Pot.MADE, Sides.CUT),
    OFF_THIN_JAW(PottingResult.Pot.MADE, Sides.CUT),
    OFF_LEFT_JAW(PottingResult.Pot.MADE, Sides.STRAIGHT),
    OFF_RIGHT_JAW(PottingResult.Pot.MADE, Sides.STRAIGHT),
    MISSED_THICK(PottingResult.Pot.THICK, Sides.CUT),
    MISSED_THIN(PottingResult.Pot.THIN, Sides.CUT),
    MISSED_LEFT(PottingResult.Pot.OTHER, Sides.STRAIGHT),
    MISSED_RIGHT(PottingResult.Pot.OTHER, Sides.STRAIGHT),
    /** Wrong pocket, no contact, or only a foul was noted. */
    OTHER(PottingResult.Pot.OTHER, Sides.ANY),
    /** No pot was asked, and the ball that was to be hit was hit. */
    CONTACT_AS_ASKED(PottingResult.Pot.OTHER, Sides.NO_POT),
    WRONG_BALL(PottingResult.Pot.OTHER, Sides.NO_POT),
    NO_CONTACT(PottingResult.Pot.OTHER, Sides.NO_POT);

    /** Which kind of pot an outcome can belong to. */
    public enum Sides {
        ANY,
        /** A cut: thick and thin. */
        CUT,
        /** A straight pot: left and right of the pocket. */
        STRAIGHT,
        /** No pot is asked: only whether the right ball was hit. */
        NO_POT
    }

    private final PottingResult.Pot pot;
    private final Sides sides;

    PotOutcome(PottingResult.Pot pot, Sides sides) {
        this.pot = pot;
        this.sides = sides;
    }

    /** What statistics make of it. */
    public PottingResult.Pot pot() {
        return pot;
    }

    public boolean potted() {
        return pot == PottingResult.Pot.MADE;
    }

    /** Whether this outcome can be said of a pot with these sides. */
    public boolean fits(Sides asked) {
        return sides == Sides.ANY || sides == asked;
    }
}
