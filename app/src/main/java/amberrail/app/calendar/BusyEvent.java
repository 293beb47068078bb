package amberrail.app.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.Period;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalAmount;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateListProperty;
import net.fortuna.ical4j.model.property.DateProperty;
import net.fortuna.ical4j.model.property.RRule;

/** One event of somebody's other calendar: when it takes their time. Repeats by the clock of its own zone, read on the club's. */
final class BusyEvent {
    /** Rules that go by the minute are no appointments, and a way to keep a server busy. */
    private static final Set<String> RULES = Set.of("DAILY", "WEEKLY", "MONTHLY", "YEARLY");

    private static final Set<String> NO_PARTS = Set.of("BYHOUR", "BYMINUTE", "BYSECOND");
    private static final LocalDateTime EARLIEST = LocalDateTime.of(1900, 1, 1, 0, 0);
    private static final LocalDateTime LATEST = LocalDateTime.of(2999, 1, 1, 0, 0);

    private final VEvent event;
    private final ZoneId club;
    private final ZoneId own;
    private final LocalDateTime starts;
    private final Duration length;
    private final boolean wholeDays;
    private final Optional<String> rule;

    private BusyEvent(VEvent event, ZoneId club) {
        this.event = event;
        this.club = club;
        Temporal start = date(Property.DTSTART)
                .orElseThrow(() -> new IllegalArgumentException("an event without its beginning"));
        wholeDays = start instanceof LocalDate;
        own = zoneOf(start, club);
        starts = onTheWall(start, own);
        if (starts.isBefore(EARLIEST) || starts.isAfter(LATEST)) {
            throw new IllegalArgumentException("an event of another age: " + starts);
        }
        length = length(start);
        rule = event.<RRule<LocalDateTime>>getProperty(Property.RRULE).map(Property::getValue);
    }

    /** On the club's wall; {@code ends} is not included. */
    record Time(LocalDateTime starts, LocalDateTime ends, boolean wholeDays) {}

    /** {@link IllegalArgumentException} or {@link java.time.DateTimeException} for one that makes no sense. */
    static BusyEvent of(VEvent event, ZoneId club) {
        return new BusyEvent(event, club);
    }

    static String uid(VEvent event) {
        return event.getProperty(Property.UID).map(Property::getValue).orElse("");
    }

    boolean isFree() {
        return is(Property.TRANSP, "TRANSPARENT") || is(Property.STATUS, "CANCELLED");
    }

    /** How many days its rule has to go along. */
    long daysToWalk(LocalDate to) {
        return rule.isEmpty() ? 0 : Math.max(0, ChronoUnit.DAYS.between(starts.toLocalDate(), to));
    }

    /** Each time that some of it is from {@code from} to {@code to}; not those in {@code moved}, which stand by themselves. */
    Stream<Time> between(LocalDate from, LocalDate to, Set<String> moved) {
        LocalDateTime earliest = from.atStartOfDay().minus(length).minusDays(1);
        LocalDateTime latest = to.plusDays(1).atStartOfDay();
        Set<LocalDateTime> without = without(moved);
        return seriesUntil(earliest, latest).stream()
                .filter(one -> !without.contains(one))
                .map(this::time)
                .filter(one ->
                        one.ends().isAfter(from.atStartOfDay()) && one.starts().isBefore(latest));
    }

    private List<LocalDateTime> seriesUntil(LocalDateTime earliest, LocalDateTime latest) {
        if (rule.isEmpty()) {
            return List.of(starts);
        }
        List<String> parts = Stream.of(rule.get().split(";")).toList();
        Set<String> names = parts.stream().map(part -> part.split("=")[0]).collect(Collectors.toSet());
        Recur<LocalDateTime> recur = new Recur<>(
                parts.stream().filter(part -> !part.startsWith("UNTIL=")).collect(Collectors.joining(";")));
        if (!RULES.contains(recur.getFrequency().name()) || names.stream().anyMatch(NO_PARTS::contains)) {
            throw new IllegalArgumentException("a rule that is no appointment's: " + rule.get());
        }
        LocalDateTime until = parts.stream()
                .filter(part -> part.startsWith("UNTIL="))
                .findFirst()
                .map(part -> until(part.substring("UNTIL=".length())))
                .orElse(latest);
        // Counted from its first, whatever window is asked for.
        return recur.getDates(starts, starts, latest).stream()
                .filter(one -> !one.isAfter(until) && !one.isBefore(earliest))
                .toList();
    }

    private LocalDateTime until(String text) {
        if (text.length() == "yyyymmdd".length()) {
            return LocalDate.parse(text, DateTimeFormatter.BASIC_ISO_DATE).atTime(LocalTime.MAX);
        }
        LocalDateTime wall = moment(text.replace("Z", ""));
        return text.endsWith("Z")
                ? wall.atZone(ZoneOffset.UTC).withZoneSameInstant(own).toLocalDateTime()
                : wall;
    }

    private static LocalDateTime moment(String text) {
        return LocalDateTime.parse(text, DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss"));
    }

    private Set<LocalDateTime> without(Set<String> moved) {
        Stream<LocalDateTime> left = event.<DateListProperty<Temporal>>getProperties(Property.EXDATE).stream()
                .flatMap(list -> list.getDates().stream())
                .map(date -> onTheWall(date, own));
        String uid = uid(event) + " ";
        boolean isSeries = rule.isPresent();
        Stream<LocalDateTime> gone = moved.stream()
                .filter(one -> isSeries && one.startsWith(uid))
                .map(one -> until(one.substring(uid.length())))
                .map(one -> wholeDays ? one.toLocalDate().atStartOfDay() : one);
        return Stream.concat(left, gone).collect(Collectors.toSet());
    }

    private Time time(LocalDateTime begins) {
        if (wholeDays) {
            return new Time(begins, begins.plusDays(Math.max(1, length.toDays())), true);
        }
        ZonedDateTime moment = begins.atZone(own);
        return new Time(
                moment.withZoneSameInstant(club).toLocalDateTime(),
                moment.plus(length).withZoneSameInstant(club).toLocalDateTime(),
                false);
    }

    private Duration length(Temporal start) {
        Optional<Temporal> end = date(Property.DTEND);
        if (end.isPresent()) {
            Duration between = wholeDays
                    ? Duration.ofDays(ChronoUnit.DAYS.between(
                            (LocalDate) start, onTheWall(end.get(), own).toLocalDate()))
                    : Duration.between(
                            starts.atZone(own),
                            onTheWall(end.get(), zoneOf(end.get(), club)).atZone(zoneOf(end.get(), club)));
            if (between.isNegative() || between.toDays() > 60) {
                throw new IllegalArgumentException("an event that ends before it begins, or months later");
            }
            return between;
        }
        return event.<net.fortuna.ical4j.model.property.Duration>getProperty(Property.DURATION)
                .map(one -> one.getDuration())
                .map(BusyEvent::duration)
                .orElse(wholeDays ? Duration.ofDays(1) : Duration.ZERO);
    }

    private static Duration duration(TemporalAmount amount) {
        return amount instanceof Period days ? Duration.ofDays(days.getDays()) : Duration.from(amount);
    }

    private Optional<Temporal> date(String name) {
        return event.<DateProperty<Temporal>>getProperty(name).map(DateProperty::getDate);
    }

    private boolean is(String name, String value) {
        return event.getProperty(name)
                .map(Property::getValue)
                .filter(value::equalsIgnoreCase)
                .isPresent();
    }

    /** Hours without a zone are meant on the club's wall. */
    private static ZoneId zoneOf(Temporal date, ZoneId club) {
        if (date instanceof ZonedDateTime zoned) {
            return zoned.getZone();
        }
        if (date instanceof OffsetDateTime offset) {
            return offset.getOffset();
        }
        return date instanceof Instant ? ZoneOffset.UTC : club;
    }

    private static LocalDateTime onTheWall(Temporal date, ZoneId zone) {
        if (date instanceof LocalDate day) {
            return day.atStartOfDay();
        }
        if (date instanceof Instant moment) {
            return LocalDateTime.ofInstant(moment, zone);
        }
        if (date instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(zone).toLocalDateTime();
        }
        if (date instanceof OffsetDateTime offset) {
            return offset.atZoneSameInstant(zone).toLocalDateTime();
        }
        return LocalDateTime.from(date);
    }
}
