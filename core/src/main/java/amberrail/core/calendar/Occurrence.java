package amberrail.core.calendar;

import java.time.Instant;
import java.time.ZoneId;

/** One time that an entry happens. */
public record Occurrence(CalendarEntry entry, TimeSlot slot, Instant starts, Instant ends) {
    Occurrence(CalendarEntry entry, TimeSlot slot, ZoneId zone) {
        this(entry, slot, slot.starts(zone).toInstant(), slot.ends(zone).toInstant());
    }

    boolean overlaps(Occurrence other) {
        return starts.isBefore(other.ends) && other.starts.isBefore(ends);
    }
}
