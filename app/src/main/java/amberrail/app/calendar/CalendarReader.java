package amberrail.app.calendar;

import amberrail.app.calendar.CalendarView.ClashView;
import amberrail.app.calendar.CalendarView.OccurrenceView;
import amberrail.app.calendar.CalendarView.PersonInEntry;
import amberrail.app.calendar.CalendarView.PlanOnDayView;
import amberrail.app.calendar.CalendarView.ShownKind;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlansOfDays;
import amberrail.core.calendar.Clashes;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.Occurrence;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads the calendar as one person may see it: whatever is theirs or their students', holidays, and of everything else only that a table is
 * taken.
 */
@Service
@Transactional(readOnly = true)
class CalendarReader {
    private static final int MOST = 3000;

    private final CalendarEntryRepository entries;
    private final PlansOfDays plans;
    private final ClubZone zone;
    private final KitService kit;
    private final PeopleService people;
    private final Access access;
    private final Clock clock;

    CalendarReader(
            CalendarEntryRepository entries,
            PlansOfDays plans,
            ClubZone zone,
            KitService kit,
            PeopleService people,
            Access access,
            Clock clock) {
        this.entries = entries;
        this.plans = plans;
        this.zone = zone;
        this.kit = kit;
        this.people = people;
        this.access = access;
        this.clock = clock;
    }

    CalendarView view(SignedIn who, LocalDate from, LocalDate to) {
        ZoneId clubZone = zone.get();
        // A day more: where the club's zone has changed since, a last day may have been another.
        List<CalendarEntryEntity> rows =
                entries.between(from.minusDays(1), to.plusDays(1), who.accountId(), Limit.of(MOST));
        Reading reading = new Reading(
                who,
                clubZone,
                access.namesSeenBy(who),
                people.names(rows.stream().map(row -> row.ownerId).collect(Collectors.toSet())),
                kit.everyTable().stream()
                        .collect(Collectors.toMap(KitService.ClubTable::id, KitService.ClubTable::name)),
                rows.stream().collect(Collectors.toMap(row -> row.id, Function.identity())));
        List<Occurrence> all = rows.stream()
                .flatMap(row -> row.entry().between(from, to, clubZone))
                .sorted(Comparator.comparing(Occurrence::starts))
                .toList();
        Clashes clashes = Clashes.among(all);
        return new CalendarView(
                clubZone.getId(),
                LocalDate.now(clock.withZone(clubZone)),
                all.stream().flatMap(one -> reading.view(one, clashes).stream()).toList(),
                plans.between(who, from, to, reading.names).stream()
                        .map(reading::view)
                        .toList(),
                (int) entries.countByOwnerIdAndKindAndArchivedFalse(who.accountId(), EntryKind.BUSY),
                rows.size() == MOST);
    }

    /** All that a person has from a day on, without what they may only see as taken. */
    List<CalendarEntryEntity> ownFrom(SignedIn who, LocalDate from, LocalDate to) {
        Map<UUID, String> names = access.namesSeenBy(who);
        return entries.between(from, to, who.accountId(), Limit.of(MOST)).stream()
                .filter(row -> row.kind != EntryKind.BUSY)
                .filter(row -> isConcerned(row, who, names) || row.everyone)
                .toList();
    }

    private static boolean isConcerned(CalendarEntryEntity row, SignedIn who, Map<UUID, String> names) {
        return row.ownerId.equals(who.accountId()) || row.studentIds.stream().anyMatch(names::containsKey);
    }

    /** Whether this person may change it: their own, a holiday of the club as head coach, what is for their own students only as their coach. */
    static boolean mayChange(CalendarEntryEntity row, SignedIn who, Map<UUID, String> names) {
        boolean allSeen = names.keySet().containsAll(row.studentIds);
        return row.ownerId.equals(who.accountId()) && allSeen
                || row.everyone && who.headCoach()
                || who.isCoach() && !row.studentIds.isEmpty() && allSeen;
    }

    /** What one answer is told with: looked up once for all that is in it. */
    private record Reading(
            SignedIn who,
            ZoneId zone,
            Map<UUID, String> names,
            Map<UUID, String> owners,
            Map<UUID, String> tables,
            Map<UUID, CalendarEntryEntity> rows) {

        private Optional<ShownKind> shown(CalendarEntryEntity row) {
            if (isConcerned(row, who, names) || row.kind == EntryKind.HOLIDAY) {
                return Optional.of(ShownKind.valueOf(row.kind.name()));
            }
            return row.tableId == null ? Optional.empty() : Optional.of(ShownKind.TAKEN);
        }

        private String title(CalendarEntryEntity row) {
            return isConcerned(row, who, names) || row.everyone ? row.title : "";
        }

        private Optional<OccurrenceView> view(Occurrence one, Clashes clashes) {
            CalendarEntryEntity row = rows.get(one.entry().id());
            return shown(row).map(kind -> view(one, row, kind, clashes));
        }

        private OccurrenceView view(Occurrence one, CalendarEntryEntity row, ShownKind kind, Clashes clashes) {
            List<PersonInEntry> seen = row.studentIds.stream()
                    .filter(names::containsKey)
                    .map(id -> new PersonInEntry(id, names.get(id)))
                    .toList();
            boolean taken = kind == ShownKind.TAKEN;
            boolean named = kind == ShownKind.LESSON || kind == ShownKind.HOLIDAY && !row.everyone;
            return new OccurrenceView(
                    row.id,
                    row.revision,
                    kind,
                    title(row),
                    one.slot().day(),
                    row.startsAt,
                    row.minutes,
                    onTheWall(one.starts()),
                    onTheWall(one.ends()),
                    row.tableId,
                    tables.get(row.tableId),
                    named ? owners.get(row.ownerId) : null,
                    taken ? List.of() : seen,
                    taken ? 0 : row.studentIds.size() - seen.size(),
                    row.everyone,
                    mayChange(row, who, names),
                    taken ? null : row.everyWeeks,
                    taken ? null : row.untilDay,
                    taken
                            ? List.of()
                            : clashes.of(one).stream()
                                    .map(clash -> new ClashView(
                                            clash.reason(),
                                            title(rows.get(clash.with().entry().id())),
                                            onTheWall(clash.with().starts()),
                                            onTheWall(clash.with().ends())))
                                    .toList());
        }

        private LocalDateTime onTheWall(Instant moment) {
            return LocalDateTime.ofInstant(moment, zone);
        }

        private PlanOnDayView view(PlansOfDays.PlanOfDay plan) {
            return new PlanOnDayView(
                    plan.id(),
                    plan.title(),
                    plan.day(),
                    plan.minutes(),
                    plan.students().stream()
                            .map(id -> new PersonInEntry(id, names.get(id)))
                            .toList(),
                    plan.mine());
        }
    }
}
