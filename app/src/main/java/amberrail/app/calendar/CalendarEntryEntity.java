package amberrail.app.calendar;

import amberrail.core.calendar.CalendarEntry;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.Repeats;
import amberrail.core.calendar.TimeSlot;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.annotations.BatchSize;

@Entity
@Table(name = "calendar_entry")
class CalendarEntryEntity {
    @Id
    UUID id;

    /** Who made it, and of a lesson who gives it. */
    UUID ownerId;

    @Enumerated(EnumType.STRING)
    EntryKind kind;

    String title;
    LocalDate firstDay;

    /** None: whole days. */
    LocalTime startsAt;

    int minutes;
    LocalDate lastDay;
    UUID tableId;
    boolean everyone;

    /** None: once. */
    Integer everyWeeks;

    LocalDate untilDay;

    /** Days on which a series is not, with commas. */
    String without = "";

    /** Counts changes: whoever changes an older one is told. */
    int revision;

    boolean archived;
    UUID changedBy;
    Instant changedAt;

    @BatchSize(size = 300)
    @ElementCollection
    @CollectionTable(name = "calendar_entry_student", joinColumns = @JoinColumn(name = "entry_id"))
    @OrderColumn(name = "place")
    @Column(name = "student_id")
    List<UUID> studentIds = new ArrayList<>();

    TimeSlot first() {
        return new TimeSlot(firstDay, Optional.ofNullable(startsAt), minutes);
    }

    /** With the zone, since something may last past a midnight. */
    void setTimes(TimeSlot first, Optional<Repeats> repeats, ZoneId zone) {
        firstDay = first.day();
        startsAt = first.at().orElse(null);
        minutes = first.minutes();
        everyWeeks = repeats.map(Repeats::everyWeeks).orElse(null);
        untilDay = repeats.map(Repeats::until).orElse(null);
        without = repeats.map(again -> again.without().stream()
                        .sorted()
                        .map(LocalDate::toString)
                        .collect(Collectors.joining(",")))
                .orElse("");
        lastDay = first.on(repeats.map(Repeats::until).orElse(first.day())).lastDay(zone);
    }

    Optional<Repeats> repeats() {
        return Optional.ofNullable(everyWeeks).map(weeks -> new Repeats(weeks, untilDay, daysWithout()));
    }

    private Set<LocalDate> daysWithout() {
        return without.isEmpty()
                ? Set.of()
                : Stream.of(without.split(",")).map(LocalDate::parse).collect(Collectors.toSet());
    }

    CalendarEntry entry() {
        return new CalendarEntry(
                id,
                kind,
                first(),
                repeats(),
                kind == EntryKind.PRACTICE || kind == EntryKind.TABLE ? Optional.empty() : Optional.of(ownerId),
                people(),
                Optional.ofNullable(tableId),
                everyone);
    }

    /** Somebody who is away or busy may be a student. */
    private Set<UUID> people() {
        Set<UUID> people = new HashSet<>(studentIds);
        if (kind.isAway()) {
            people.add(ownerId);
        }
        return people;
    }
}
