package amberrail.app.web;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.LocalDate;

/** Days that anything may be planned for; further ones are a slip, and no database keeps all that a calendar can write. */
public final class PlausibleDays {
    private static final LocalDate FIRST = LocalDate.of(2000, 1, 1);
    private static final LocalDate LAST = LocalDate.of(2999, 12, 31);

    private PlausibleDays() {}

    /** The day; {@link InvalidInputException} with the field for one that lies beyond. */
    public static LocalDate within(String field, LocalDate day) {
        if (day.isBefore(FIRST) || day.isAfter(LAST)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, day, "must be a day from " + FIRST + " to " + LAST);
        }
        return day;
    }
}
