package amberrail.core.calendar;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Set;
import java.util.stream.Stream;

/**
 * On the same weekday again.
 *
 * @param everyWeeks 1 to 8
 * @param until      the last day on which it may begin
 * @param without    days on which it would be and is not
 */
public record Repeats(int everyWeeks, LocalDate until, Set<LocalDate> without) {
    private static final int RAREST_WEEKS = 8;
    private static final int LONGEST_YEARS = 3;
    static final int DAYS_PER_WEEK = 7;

    public Repeats {
        Require.between("everyWeeks", everyWeeks, 1, RAREST_WEEKS);
        without = Set.copyOf(without);
    }

    /** {@link InvalidInputException} for {@code until} before the first day, or years after it. */
    void requireAfter(LocalDate first) {
        if (until.isBefore(first) || until.isAfter(first.plusYears(LONGEST_YEARS))) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "until",
                    until,
                    "must not be before the first day, nor more than " + LONGEST_YEARS + " years after it");
        }
    }

    /** The days from {@code from} to {@code to} on which it begins, in order; counted from the first day. */
    Stream<LocalDate> days(LocalDate first, LocalDate from, LocalDate to) {
        long step = (long) everyWeeks * DAYS_PER_WEEK;
        long missed = Math.max(0, ChronoUnit.DAYS.between(first, from));
        LocalDate begin = first.plusDays((missed + step - 1) / step * step);
        LocalDate last = until.isBefore(to) ? until : to;
        return begin.isAfter(last)
                ? Stream.empty()
                : Stream.iterate(begin, day -> !day.isAfter(last), day -> day.plusDays(step))
                        .filter(day -> !without.contains(day));
    }
}
