package amberrail.app.calendar;

import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlansOfDays;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.app.web.PlausibleDays;
import amberrail.core.calendar.CalendarEntry;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.Repeats;
import amberrail.core.calendar.TimeSlot;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the calendar. What is planned for a lesson's students on its day goes along when it moves. */
@Service
@Transactional
public class CalendarService {
    /** Plans go along with a moved series for so long; nobody plans further ahead. */
    private static final int PLANNED_AHEAD_DAYS = 120;

    private final CalendarEntryRepository entries;
    private final PlansOfDays plans;
    private final ClubZone zone;
    private final KitService kit;
    private final Access access;
    private final Clock clock;

    CalendarService(
            CalendarEntryRepository entries,
            PlansOfDays plans,
            ClubZone zone,
            KitService kit,
            Access access,
            Clock clock) {
        this.entries = entries;
        this.plans = plans;
        this.zone = zone;
        this.kit = kit;
        this.access = access;
        this.clock = clock;
    }

    /** An entry as somebody wants it. */
    public record Wanted(
            EntryKind kind,
            String title,
            TimeSlot first,
            Optional<Repeats> repeats,
            List<UUID> studentIds,
            Optional<UUID> tableId,
            boolean everyone) {}

    /** How much of a series a change is for. */
    enum Scope {
        ONE,
        FOLLOWING,
        ALL
    }

    public UUID create(SignedIn who, Wanted wanted) {
        CalendarEntryEntity row = newRow(who);
        requireNotPast(wanted.first(), Optional.empty());
        fill(who, row, wanted);
        return entries.saveAndFlush(row).id;
    }

    /**
     * Changes one time, that and all later ones, or the whole series. {@code wanted.first} says where the time of {@code day} goes to; of the
     * whole series all days move by as much.
     */
    UUID change(SignedIn who, UUID id, int revision, LocalDate day, Scope scope, Wanted wanted) {
        CalendarEntryEntity row = toChange(who, id, revision, day);
        CalendarEntry before = row.entry();
        if (wanted.kind() != row.kind) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "kind", wanted.kind(), "must stay " + row.kind + ": make a new entry");
        }
        UUID changed = switch (before.repeats().isEmpty() ? Scope.ALL : scope) {
            case ONE -> changeOne(who, row, day, wanted);
            case FOLLOWING -> changeFollowing(who, row, day, wanted);
            case ALL -> changeAll(who, row, day, wanted);
        };
        movePlans(who, before, scope, day, wanted.first().day());
        return changed;
    }

    private UUID changeOne(SignedIn who, CalendarEntryEntity series, LocalDate day, Wanted wanted) {
        requireNotPast(wanted.first(), Optional.of(day));
        leaveOut(who, series, day);
        CalendarEntryEntity single = newRow(who);
        single.ownerId = series.ownerId;
        fill(who, single, once(wanted));
        return entries.saveAndFlush(single).id;
    }

    private static Wanted once(Wanted wanted) {
        return new Wanted(
                wanted.kind(),
                wanted.title(),
                wanted.first(),
                Optional.empty(),
                wanted.studentIds(),
                wanted.tableId(),
                wanted.everyone());
    }

    private UUID changeFollowing(SignedIn who, CalendarEntryEntity series, LocalDate day, Wanted wanted) {
        if (day.equals(series.firstDay)) {
            return changeAll(who, series, day, wanted);
        }
        requireNotPast(wanted.first(), Optional.of(day));
        endBefore(who, series, day);
        CalendarEntryEntity later = newRow(who);
        later.ownerId = series.ownerId;
        fill(who, later, wanted);
        return entries.saveAndFlush(later).id;
    }

    private UUID changeAll(SignedIn who, CalendarEntryEntity row, LocalDate day, Wanted wanted) {
        long days = ChronoUnit.DAYS.between(day, wanted.first().day());
        if (days != 0 && row.repeats().isEmpty()) {
            requireNotPast(wanted.first(), Optional.of(day));
        }
        Set<LocalDate> without = row.repeats().map(Repeats::without).orElse(Set.of()).stream()
                .map(one -> one.plusDays(days))
                .collect(Collectors.toSet());
        fill(
                who,
                row,
                new Wanted(
                        wanted.kind(),
                        wanted.title(),
                        wanted.repeats().isEmpty()
                                ? wanted.first()
                                : wanted.first().on(row.firstDay.plusDays(days)),
                        wanted.repeats().map(again -> new Repeats(again.everyWeeks(), again.until(), without)),
                        wanted.studentIds(),
                        wanted.tableId(),
                        wanted.everyone()));
        return entries.saveAndFlush(row).id;
    }

    void remove(SignedIn who, UUID id, int revision, LocalDate day, Scope scope) {
        CalendarEntryEntity row = toChange(who, id, revision, day);
        boolean whole = row.repeats().isEmpty() || scope == Scope.ALL;
        if (whole || scope == Scope.FOLLOWING && day.equals(row.firstDay)) {
            row.archived = true;
            stamp(who, row);
        } else if (scope == Scope.ONE) {
            leaveOut(who, row, day);
        } else {
            endBefore(who, row, day);
        }
    }

    private void leaveOut(SignedIn who, CalendarEntryEntity series, LocalDate day) {
        Repeats again = series.repeats().orElseThrow();
        Set<LocalDate> without = new HashSet<>(again.without());
        without.add(day);
        series.setTimes(
                series.first(), Optional.of(new Repeats(again.everyWeeks(), again.until(), without)), zone.get());
        stamp(who, series);
    }

    private void endBefore(SignedIn who, CalendarEntryEntity series, LocalDate day) {
        Repeats again = series.repeats().orElseThrow();
        series.setTimes(
                series.first(),
                Optional.of(new Repeats(again.everyWeeks(), day.minusDays(1), again.without())),
                zone.get());
        stamp(who, series);
    }

    /** Plans of the days that have moved go along; none into days that are over. */
    private void movePlans(SignedIn who, CalendarEntry before, Scope scope, LocalDate day, LocalDate to) {
        long days = ChronoUnit.DAYS.between(day, to);
        if (before.kind() != EntryKind.LESSON || days == 0) {
            return;
        }
        List<LocalDate> moved = new ArrayList<>();
        if (scope == Scope.ONE || before.repeats().isEmpty()) {
            moved.add(day);
        } else {
            LocalDate from = scope == Scope.ALL ? today() : day;
            before.between(from, from.plusDays(PLANNED_AHEAD_DAYS), zone.get())
                    .map(one -> one.slot().day())
                    .forEach(moved::add);
        }
        // From the far end when later, so that a plan is not taken along twice.
        if (days > 0) {
            Collections.reverse(moved);
        }
        moved.stream()
                .filter(one -> !one.plusDays(days).isBefore(today()))
                .forEach(one -> plans.move(who, before.students(), one, one.plusDays(days)));
    }

    private CalendarEntryEntity newRow(SignedIn who) {
        CalendarEntryEntity row = new CalendarEntryEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        return row;
    }

    private CalendarEntryEntity toChange(SignedIn who, UUID id, int revision, LocalDate day) {
        Map<UUID, String> names = access.namesSeenBy(who);
        CalendarEntryEntity row = entries.findToChange(id)
                .filter(one -> one.everyone
                        || one.ownerId.equals(who.accountId())
                        || one.studentIds.stream().anyMatch(names::containsKey))
                .orElseThrow(() -> new Missing("calendar entry"));
        if (!CalendarReader.mayChange(row, who, names)) {
            throw new NotAllowed(
                    row.everyone
                            ? "A holiday of the whole club is the head coach's to change."
                            : "This entry is somebody else's: ask them to change it.");
        }
        if (row.revision != revision) {
            throw new Conflict(
                    "ENTRY_CHANGED",
                    "Somebody else has changed this entry meanwhile. Look at how it stands now, and change it again.",
                    null);
        }
        if (!row.entry().beginsOn(day)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "day", day, "must be a day on which this entry begins");
        }
        return row;
    }

    private LocalDate today() {
        return LocalDate.now(clock.withZone(zone.get()));
    }

    /** What is over cannot be planned; what stands there may stay on its day. */
    private void requireNotPast(TimeSlot slot, Optional<LocalDate> stood) {
        if (slot.lastDay(zone.get()).isBefore(today())
                && stood.filter(slot.day()::equals).isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "firstDay", slot.day(), "must not be in the past");
        }
    }

    private void requireAllowed(SignedIn who, Wanted wanted) {
        switch (wanted.kind()) {
            case LESSON, TABLE -> access.requireCoach(who);
            case BUSY ->
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, "kind", wanted.kind(), "must come from a calendar file");
            case HOLIDAY -> {
                if (wanted.everyone()) {
                    access.requireHeadCoach(who);
                }
            }
            case PRACTICE -> {
                // Whoever may see the students may plan for them.
            }
        }
    }

    private void fill(SignedIn who, CalendarEntryEntity row, Wanted wanted) {
        requireAllowed(who, wanted);
        PlausibleDays.within("firstDay", wanted.first().day());
        wanted.repeats().ifPresent(again -> PlausibleDays.within("until", again.until()));
        wanted.studentIds().forEach(id -> access.requireStudent(who, id));
        if (new HashSet<>(wanted.studentIds()).size() < wanted.studentIds().size()) {
            throw new InvalidInputException(
                    ProblemCode.DUPLICATE_ID, "studentIds", wanted.studentIds(), "must name each only once");
        }
        if (wanted.kind() == EntryKind.HOLIDAY && !wanted.studentIds().isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "studentIds", wanted.studentIds(), "must be empty of a holiday");
        }
        wanted.tableId().ifPresent(kit::table);
        row.kind = wanted.kind();
        row.title = wanted.title().strip();
        row.studentIds.clear();
        row.studentIds.addAll(wanted.studentIds());
        row.tableId = wanted.tableId().orElse(null);
        row.everyone = wanted.everyone();
        row.setTimes(wanted.first(), wanted.repeats(), zone.get());
        // Throws where its parts do not go together, before anything is stored.
        row.entry();
        stamp(who, row);
    }

    private void stamp(SignedIn who, CalendarEntryEntity row) {
        if (row.changedAt != null) {
            row.revision++;
        }
        row.changedBy = who.accountId();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
