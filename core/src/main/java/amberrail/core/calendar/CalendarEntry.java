package amberrail.core.calendar;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Something in a calendar, once or again and again.
 *
 * @param coach    who gives a lesson, or has no time
 * @param students who come, or have no time
 * @param everyone of a holiday: the whole club's
 */
public record CalendarEntry(
        UUID id,
        EntryKind kind,
        TimeSlot first,
        Optional<Repeats> repeats,
        Optional<UUID> coach,
        Set<UUID> students,
        Optional<UUID> table,
        boolean everyone) {
    /** {@link InvalidInputException} with the field where its parts do not go together. */
    public CalendarEntry {
        students = Set.copyOf(students);
        repeats.ifPresent(again -> again.requireAfter(first.day()));
        if (kind != EntryKind.BUSY && first.at().isPresent() && first.minutes() > TimeSlot.MINUTES_PER_DAY) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "minutes", first.minutes(), "must be at most one day");
        }
        if (repeats.isPresent()
                && first.minutes() > repeats.get().everyWeeks() * Repeats.DAYS_PER_WEEK * TimeSlot.MINUTES_PER_DAY) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "minutes", first.minutes(), "must end before it begins again");
        }
        if ((kind == EntryKind.LESSON || kind == EntryKind.PRACTICE) && students.isEmpty()) {
            throw new InvalidInputException(ProblemCode.CONTRADICTION, "studentIds", 0, "must name a student");
        }
        if (kind == EntryKind.TABLE && table.isEmpty()) {
            throw new InvalidInputException(ProblemCode.CONTRADICTION, "tableId", null, "must name the table");
        }
        if (everyone && kind != EntryKind.HOLIDAY) {
            throw new InvalidInputException(ProblemCode.CONTRADICTION, "everyone", true, "is for holidays only");
        }
    }

    /** Each time that some of it is on a day from {@code from} to {@code to}, in order. */
    public Stream<Occurrence> between(LocalDate from, LocalDate to, ZoneId zone) {
        // One that began days before may still go on.
        LocalDate begunBy = from.minusDays(first.minutes() / TimeSlot.MINUTES_PER_DAY + 1L);
        Stream<LocalDate> days = repeats.map(again -> again.days(first.day(), begunBy, to))
                .orElseGet(() -> Stream.of(first.day()).filter(day -> !day.isAfter(to)));
        return days.map(day -> new Occurrence(this, first.on(day), zone))
                .filter(one -> !one.slot().lastDay(zone).isBefore(from));
    }

    /** Whether it happens on this day. */
    public boolean beginsOn(LocalDate day) {
        return repeats.map(again -> again.days(first.day(), day, day).findAny().isPresent())
                .orElseGet(() -> first.day().equals(day));
    }
}
