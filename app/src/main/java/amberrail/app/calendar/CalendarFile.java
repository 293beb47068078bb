package amberrail.app.calendar;

import amberrail.core.calendar.Repeats;
import amberrail.core.calendar.TimeSlot;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.TzId;
import net.fortuna.ical4j.model.parameter.Value;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Duration;
import net.fortuna.ical4j.model.property.ExDate;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * A calendar as other programs read it. Hours are written with the club's zone and its rules, so that a lesson stays at its hour when the
 * clocks change.
 *
 * @see "RFC 5545"
 */
final class CalendarFile {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("yyyyMMdd");
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss");
    private static final TimeZoneRegistry ZONES =
            TimeZoneRegistryFactory.getInstance().createRegistry();

    private final ZoneId zone;
    private final Optional<TimeZone> rules;

    CalendarFile(ZoneId zone) {
        this.zone = zone;
        rules = Optional.ofNullable(ZONES.getTimeZone(zone.getId()));
    }

    /** Whether hours of this zone can be written: its rules are known, or its clocks never change. */
    static boolean canWrite(ZoneId zone) {
        return zone.getRules().isFixedOffset() || ZONES.getTimeZone(zone.getId()) != null;
    }

    /**
     * One event.
     *
     * @param uid      stays the same for the same thing
     * @param isBusy   whether its time is taken: a note of what is due takes none
     */
    record Event(
            String uid,
            String summary,
            String description,
            Optional<String> place,
            TimeSlot slot,
            Optional<Repeats> repeats,
            boolean isBusy,
            Instant changedAt) {}

    String write(String name, List<Event> events) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Amber Rail//Calendar//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(ImmutableMethod.PUBLISH);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        if (!zone.getRules().isFixedOffset()) {
            rules.ifPresent(known -> calendar.add(known.getVTimeZone()));
        }
        events.forEach(event -> calendar.add(written(event)));
        StringWriter out = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private VEvent written(Event event) {
        VEvent written = new VEvent(false);
        written.add(new DtStamp(event.changedAt()));
        written.add(new Uid(event.uid()));
        written.add(new Summary(event.summary()));
        if (!event.description().isEmpty()) {
            written.add(new Description(event.description()));
        }
        event.place().ifPresent(place -> written.add(new Location(place)));
        written.add(new Transp(event.isBusy() ? Transp.VALUE_OPAQUE : Transp.VALUE_TRANSPARENT));
        times(event.slot()).forEach(written::add);
        event.repeats().ifPresent(again -> {
            written.add(new RRule<>("FREQ=WEEKLY;INTERVAL=" + again.everyWeeks() + ";UNTIL="
                    + lastStart(event.slot().on(again.until()))));
            if (!again.without().isEmpty()) {
                written.add(new ExDate<>(
                        parameters(event.slot()),
                        again.without().stream()
                                .sorted()
                                .map(day -> start(event.slot().on(day)))
                                .collect(Collectors.joining(","))));
            }
        });
        return written;
    }

    private List<Property> times(TimeSlot slot) {
        DtStart<?> starts = new DtStart<>(parameters(slot), start(slot));
        return slot.at().isPresent()
                ? List.of(starts, new Duration(java.time.Duration.ofMinutes(slot.minutes())))
                : List.of(
                        starts,
                        new DtEnd<>(
                                parameters(slot), DAY.format(slot.lastDay(zone).plusDays(1))));
    }

    private ParameterList parameters(TimeSlot slot) {
        if (slot.at().isEmpty()) {
            return new ParameterList(List.of(Value.DATE));
        }
        return new ParameterList(zone.getRules().isFixedOffset() ? List.of() : List.of(new TzId(zone.getId())));
    }

    private String start(TimeSlot slot) {
        if (slot.at().isEmpty()) {
            return DAY.format(slot.day());
        }
        return zone.getRules().isFixedOffset()
                ? inGreenwich(slot)
                : MOMENT.format(LocalDateTime.of(slot.day(), slot.at().get()));
    }

    /** As a rule wants its end: a day for days, in Greenwich for hours. */
    private String lastStart(TimeSlot slot) {
        return slot.at().isEmpty() ? DAY.format(slot.day()) : inGreenwich(slot);
    }

    private String inGreenwich(TimeSlot slot) {
        return MOMENT.format(slot.starts(zone).withZoneSameInstant(ZoneOffset.UTC)) + "Z";
    }

    /** A whole day for a file. */
    static TimeSlot wholeDay(LocalDate day) {
        return new TimeSlot(day, Optional.empty(), TimeSlot.MINUTES_PER_DAY);
    }
}
