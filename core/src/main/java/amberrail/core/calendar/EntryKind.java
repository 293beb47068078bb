package amberrail.core.calendar;

/** What an entry of a calendar is. */
public enum EntryKind {
    /** A coach with students. */
    LESSON,
    /** Students by themselves. */
    PRACTICE,
    /** A table that is taken, by whomever. */
    TABLE,
    /** Days on which there is nothing: of the whole club, or of one person. */
    HOLIDAY,
    /** Time that somebody has no time, as another calendar of theirs says. */
    BUSY;

    /** Whether it takes time away without being an appointment itself. */
    public boolean isAway() {
        return this == HOLIDAY || this == BUSY;
    }
}
