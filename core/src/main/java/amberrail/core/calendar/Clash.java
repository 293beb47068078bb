package amberrail.core.calendar;

/** Why an appointment cannot be as it stands; {@code with} is what lies across it. */
public record Clash(Reason reason, Occurrence with) {
    /** What is wanted twice, or not there. */
    public enum Reason {
        TABLE,
        COACH,
        STUDENT,
        HOLIDAY,
        BUSY
    }
}
