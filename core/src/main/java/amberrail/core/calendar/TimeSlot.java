package amberrail.core.calendar;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;

/**
 * Where something stands on the clock of the wall.
 *
 * @param at      left out: whole days
 * @param minutes that pass, whatever the clocks do meanwhile; of whole days 1440 for each
 */
public record TimeSlot(LocalDate day, Optional<LocalTime> at, int minutes) {
    /** Of a day on which the clocks do not change. */
    public static final int MINUTES_PER_DAY = 1440;

    private static final int LONGEST_MINUTES = 60 * MINUTES_PER_DAY;
    private static final int SHORTEST_MINUTES = 5;

    /** {@link InvalidInputException} for {@code minutes} of no use, or that are no whole days where no hour is told. */
    public TimeSlot {
        if (minutes < SHORTEST_MINUTES || minutes > LONGEST_MINUTES) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "minutes",
                    minutes,
                    "must be from " + SHORTEST_MINUTES + " to " + LONGEST_MINUTES);
        }
        if (at.isEmpty() && minutes % MINUTES_PER_DAY != 0) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "minutes", minutes, "must be whole days where no hour is told");
        }
    }

    /** An hour that the clocks leave out is as much later; of one that comes twice it is the first. */
    public ZonedDateTime starts(ZoneId zone) {
        return at.map(time -> day.atTime(time).atZone(zone)).orElseGet(() -> day.atStartOfDay(zone));
    }

    /** Whole days end at a midnight, however long they were. */
    public ZonedDateTime ends(ZoneId zone) {
        return at.isPresent()
                ? starts(zone).plusMinutes(minutes)
                : lastDay(zone).plusDays(1).atStartOfDay(zone);
    }

    /** The last day of which some of it is. */
    public LocalDate lastDay(ZoneId zone) {
        return at.isPresent() ? ends(zone).minusNanos(1).toLocalDate() : day.plusDays(minutes / MINUTES_PER_DAY - 1L);
    }

    public TimeSlot on(LocalDate another) {
        return new TimeSlot(another, at, minutes);
    }
}
