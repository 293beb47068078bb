package amberrail.app.calendar;

import amberrail.app.calendar.CalendarFile.Event;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlansOfDays;
import amberrail.app.results.DrillSpacing;
import amberrail.app.results.StationResults;
import amberrail.core.calendar.EntryKind;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What of the calendar belongs into one person's own: their entries, plans of days, and what is due. */
@Service
@Transactional
class CalendarContents {
    private static final int DAYS_BACK = 30;
    private static final int DAYS_ON = 365;
    private static final int DUE_DAYS = 14;
    private static final double SECONDS_PER_DAY = 86_400;

    private final CalendarReader reader;
    private final PlansOfDays plans;
    private final StationResults results;
    private final DrillCatalogue drills;
    private final PeopleService people;
    private final KitService kit;
    private final Access access;
    private final ClubZone zone;
    private final Clock clock;

    CalendarContents(
            CalendarReader reader,
            PlansOfDays plans,
            StationResults results,
            DrillCatalogue drills,
            PeopleService people,
            KitService kit,
            Access access,
            ClubZone zone,
            Clock clock) {
        this.reader = reader;
        this.plans = plans;
        this.results = results;
        this.drills = drills;
        this.people = people;
        this.kit = kit;
        this.access = access;
        this.zone = zone;
        this.clock = clock;
    }

    /** As a file. */
    String of(SignedIn who) {
        ZoneId clubZone = zone.get();
        LocalDate today = LocalDate.now(clock.withZone(clubZone));
        Map<UUID, String> names = access.namesSeenBy(who);
        List<Event> events = new ArrayList<>(entries(who, today, names));
        plans.between(who, today.minusDays(DAYS_BACK), today.plusDays(DAYS_ON), names)
                .forEach(plan -> events.add(event(who, plan, names)));
        events.addAll(who.isCoach() ? dueOfStudents(names, today) : dueOf(who.accountId(), today, clubZone));
        return new CalendarFile(clubZone).write("Amber Rail", events);
    }

    private List<Event> entries(SignedIn who, LocalDate today, Map<UUID, String> names) {
        Map<UUID, String> tables = kit.everyTable().stream()
                .collect(Collectors.toMap(KitService.ClubTable::id, KitService.ClubTable::name));
        List<CalendarEntryEntity> rows = reader.ownFrom(who, today.minusDays(DAYS_BACK), today.plusDays(DAYS_ON));
        Map<UUID, String> owners =
                people.names(rows.stream().map(row -> row.ownerId).collect(Collectors.toSet()));
        return rows.stream()
                .map(row -> new Event(
                        row.id + "@amber-rail",
                        summary(who, row, owners, names),
                        "",
                        Optional.ofNullable(tables.get(row.tableId)),
                        row.first(),
                        row.repeats(),
                        row.kind != EntryKind.HOLIDAY,
                        row.changedAt))
                .toList();
    }

    private static String summary(
            SignedIn who, CalendarEntryEntity row, Map<UUID, String> owners, Map<UUID, String> names) {
        boolean withCoach = row.kind == EntryKind.LESSON && !row.ownerId.equals(who.accountId());
        String with = who.isCoach()
                ? row.studentIds.stream()
                        .filter(names::containsKey)
                        .map(names::get)
                        .collect(Collectors.joining(", "))
                : withCoach ? owners.getOrDefault(row.ownerId, "") : "";
        return with.isEmpty() ? row.title : row.title + ": " + with;
    }

    private Event event(SignedIn who, PlansOfDays.PlanOfDay plan, Map<UUID, String> names) {
        String whose =
                who.isCoach() ? ": " + plan.students().stream().map(names::get).collect(Collectors.joining(", ")) : "";
        return new Event(
                plan.id() + "@plan.amber-rail",
                plan.title() + " (" + Math.round(plan.minutes()) + " min)" + whose,
                "",
                Optional.empty(),
                CalendarFile.wholeDay(plan.day()),
                Optional.empty(),
                false,
                plan.changedAt());
    }

    /** A student's own: each day of the next two weeks with the drills that are due by then, the overdue ones today. */
    private List<Event> dueOf(UUID student, LocalDate today, ZoneId clubZone) {
        Instant now = Instant.now(clock);
        Map<LocalDate, List<String>> byDay = new TreeMap<>();
        DrillSpacing.byDrill(results.ofStudent(student), now).forEach((drill, one) -> {
            double days = one.spacing().intervalDays() - one.spacing().daysSince();
            LocalDate due = now.plus(Duration.ofSeconds(Math.round(days * SECONDS_PER_DAY)))
                    .atZone(clubZone)
                    .toLocalDate();
            LocalDate day = due.isBefore(today) ? today : due;
            if (!day.isAfter(today.plusDays(DUE_DAYS))) {
                byDay.computeIfAbsent(day, k -> new ArrayList<>()).add(title(one));
            }
        });
        List<Event> events = new ArrayList<>();
        byDay.forEach((day, titles) -> events.add(due(day, String.join(", ", titles), now)));
        return events;
    }

    private String title(DrillSpacing one) {
        return drills.version(one.last().place().drillId(), one.last().place().drillVersion())
                .title();
    }

    /** For a coach: today, who has how many drills due. */
    private List<Event> dueOfStudents(Map<UUID, String> names, LocalDate today) {
        Instant now = Instant.now(clock);
        List<String> lines = new ArrayList<>();
        names.forEach((id, name) -> {
            long due = DrillSpacing.byDrill(results.ofStudent(id), now).values().stream()
                    .filter(one -> one.spacing().due())
                    .count();
            if (due > 0) {
                lines.add(name + " (" + due + ")");
            }
        });
        lines.sort(null);
        return lines.isEmpty() ? List.of() : List.of(due(today, String.join(", ", lines), now));
    }

    private static Event due(LocalDate day, String what, Instant now) {
        return new Event(
                day + "@due.amber-rail",
                "Due: " + what,
                "",
                Optional.empty(),
                CalendarFile.wholeDay(day),
                Optional.empty(),
                false,
                now);
    }
}
