package amberrail.app.plan;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.LocalDate;

/** Days that a plan or a goal may lie on; further ones are a slip, and no database keeps all that a calendar can write. */
final class PlanDays {
    private static final LocalDate FIRST = LocalDate.of(2000, 1, 1);
    private static final LocalDate LAST = LocalDate.of(2999, 12, 31);

    private PlanDays() {}

    static LocalDate within(String field, LocalDate day) {
        if (day.isBefore(FIRST) || day.isAfter(LAST)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, day, "must be a day from " + FIRST + " to " + LAST);
        }
        return day;
    }
}
