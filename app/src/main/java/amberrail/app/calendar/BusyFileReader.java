package amberrail.app.calendar;

import amberrail.app.web.Refused;
import amberrail.core.calendar.TimeSlot;
import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;

/** Reads from a calendar file when its owner has no time; nothing else of it is looked at or kept. */
final class BusyFileReader {
    static final int MOST_TIMES = 2_000;
    /** Bounds the work, whatever rules a file may hold. */
    private static final long MOST_DAYS_WALKED = 5_000_000;

    private static final int DAYS_ON = 365;
    private static final int SHORTEST_MINUTES = 5;
    private static final int LONGEST_MINUTES = 60 * TimeSlot.MINUTES_PER_DAY;

    private final ZoneId zone;
    private final LocalDate from;
    private final LocalDate to;
    private final List<BusyEvent.Time> times = new ArrayList<>();
    private final List<LocalDate> wholeDays = new ArrayList<>();
    private long daysWalked;
    private int events;
    private int free;
    private int unreadable;
    private boolean cut;

    private BusyFileReader(ZoneId zone, LocalDate today) {
        this.zone = zone;
        from = today;
        to = today.plusDays(DAYS_ON);
    }

    /**
     * What a file says.
     *
     * @param times      in order, what overlaps in one
     * @param events     in the file
     * @param free       of them that take no time, or were called off
     * @param unreadable of them that make no sense
     * @param cut        whether there was more than is taken
     */
    record Found(List<TimeSlot> times, int events, int free, int unreadable, boolean cut) {}

    /** From today for a year; {@link Refused} for what is no calendar file. */
    static Found read(String text, ZoneId zone, LocalDate today) {
        BusyFileReader reader = new BusyFileReader(zone, today);
        Calendar calendar = parsed(text);
        List<VEvent> all = calendar.getComponents(Component.VEVENT);
        Set<String> moved = movedTimes(all);
        all.forEach(event -> reader.take(event, moved));
        return reader.found();
    }

    private static Calendar parsed(String text) {
        if (!text.stripLeading().startsWith("BEGIN:VCALENDAR")) {
            throw new Refused("text", "File: this is no calendar file. It must begin with BEGIN:VCALENDAR.");
        }
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException e) {
            throw broken("File: line " + e.getLineNo() + " of this calendar file cannot be read.", e);
        } catch (IOException | RuntimeException e) {
            throw broken("File: this calendar file cannot be read to its end.", e);
        }
    }

    private static Refused broken(String sentence, Exception cause) {
        Refused refused = new Refused("text", sentence);
        refused.initCause(cause);
        return refused;
    }

    /** Times of a series that stand in the file by themselves, moved or changed: the series does not have them. */
    private static Set<String> movedTimes(List<VEvent> events) {
        Set<String> moved = new HashSet<>();
        for (VEvent event : events) {
            event.getProperty(Property.RECURRENCE_ID)
                    .ifPresent(original -> moved.add(BusyEvent.uid(event) + " " + original.getValue()));
        }
        return moved;
    }

    private void take(VEvent event, Set<String> moved) {
        events++;
        try {
            BusyEvent one = BusyEvent.of(event, zone);
            if (one.isFree()) {
                free++;
                return;
            }
            daysWalked += one.daysToWalk(to);
            if (daysWalked > MOST_DAYS_WALKED) {
                cut = true;
                return;
            }
            one.between(from, to, moved).forEach(this::add);
        } catch (DateTimeException | IllegalArgumentException | ArithmeticException senseless) {
            unreadable++;
        }
    }

    private void add(BusyEvent.Time time) {
        if (times.size() + wholeDays.size() >= 10 * MOST_TIMES) {
            cut = true;
        } else if (time.wholeDays()) {
            time.starts()
                    .toLocalDate()
                    .datesUntil(time.ends().toLocalDate())
                    .limit(DAYS_ON)
                    .forEach(wholeDays::add);
        } else {
            times.add(time);
        }
    }

    private Found found() {
        List<TimeSlot> slots = new ArrayList<>();
        wholeDays.stream().distinct().forEach(day -> slots.add(CalendarFile.wholeDay(day)));
        for (BusyEvent.Time time : merged()) {
            long minutes = ChronoUnit.MINUTES.between(
                    time.starts().atZone(zone), time.ends().atZone(zone));
            LocalTime at = time.starts().toLocalTime().truncatedTo(ChronoUnit.MINUTES);
            slots.add(new TimeSlot(time.starts().toLocalDate(), Optional.of(at), (int)
                    Math.max(SHORTEST_MINUTES, Math.min(LONGEST_MINUTES, minutes))));
        }
        slots.sort(Comparator.comparing((TimeSlot slot) -> slot.starts(zone)));
        cut |= slots.size() > MOST_TIMES;
        return new Found(slots.stream().limit(MOST_TIMES).toList(), events, free, unreadable, cut);
    }

    private List<BusyEvent.Time> merged() {
        List<BusyEvent.Time> merged = new ArrayList<>();
        times.sort(Comparator.comparing(BusyEvent.Time::starts));
        for (BusyEvent.Time next : times) {
            BusyEvent.Time last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && !next.starts().isAfter(last.ends())) {
                LocalDateTime ends = next.ends().isAfter(last.ends()) ? next.ends() : last.ends();
                merged.set(merged.size() - 1, new BusyEvent.Time(last.starts(), ends, false));
            } else if (Duration.between(next.starts(), next.ends()).toMinutes() > 0) {
                merged.add(next);
            }
        }
        return merged;
    }
}
