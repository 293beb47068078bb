package amberrail.app.plan;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlanView.PlanItemView;
import amberrail.app.racks.RacksInPlans;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.core.drill.Drill;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Plans as one person may see them, with what has come of their lines. */
@Component
class PlanViews {
    /** An evening that begins on the plan's day may go on past midnight. */
    private static final Duration PAST_MIDNIGHT = Duration.ofHours(4);

    private final PlanLines lines;
    private final DrillCatalogue drills;
    private final StationResults results;
    private final RacksInPlans racks;
    private final Access access;
    private final Clock clock;

    PlanViews(
            PlanLines lines,
            DrillCatalogue drills,
            StationResults results,
            RacksInPlans racks,
            Access access,
            Clock clock) {
        this.lines = lines;
        this.drills = drills;
        this.results = results;
        this.racks = racks;
        this.access = access;
        this.clock = clock;
    }

    PlanView of(SignedIn who, PlanEntity row, ZoneId zone) {
        return look(who, zone).view(row);
    }

    /** For many plans in one answer. */
    Looking look(SignedIn who, ZoneId zone) {
        return new Looking(who, zone);
    }

    /** What one answer is told with: looked up once for all plans in it. */
    final class Looking {
        private final SignedIn who;
        private final ZoneId zone;
        private final LocalDate today;
        private final Map<UUID, String> names;
        private final Map<String, Drill> library;
        private final Map<UUID, List<StationResult>> played = new HashMap<>();

        private Looking(SignedIn who, ZoneId zone) {
            this.who = who;
            this.zone = zone;
            today = LocalDate.now(clock.withZone(zone));
            names = access.namesSeenBy(who);
            library = drills.seenBy(who).drills().stream()
                    .map(DrillFromLibrary::drill)
                    .collect(Collectors.toMap(Drill::id, one -> one));
        }

        PlanView view(PlanEntity row) {
            List<UUID> seen = row.studentIds.stream().filter(names::containsKey).toList();
            List<PlanItemView> items = lines.read(row.items).stream()
                    .map(item -> item(row, item, seen))
                    .toList();
            return new PlanView(
                    row.id,
                    row.title,
                    row.pattern,
                    row.onDay,
                    row.minutes,
                    row.bandLow,
                    row.bandHigh,
                    row.mixed,
                    row.withTest,
                    row.tableId,
                    PlanRights.mayChange(row, new HashSet<>(seen), who),
                    row.revision,
                    row.changedAt,
                    seen.stream()
                            .map(id -> new PlanView.StudentInPlan(id, names.get(id)))
                            .toList(),
                    items,
                    !items.isEmpty() && items.stream().allMatch(PlanItemView::ticked));
        }

        /** Of others' places nothing is told, nor why: in a group that may be one of theirs. */
        private PlanItemView item(PlanEntity row, PlanItemBody item, List<UUID> seen) {
            Optional<Drill> drill = Optional.ofNullable(library.get(item.drillId()));
            Optional<String> game = RacksInPlans.gameOf(item.drillId());
            List<PlanItemBody.PlaceBody> places = item.places().stream()
                    .filter(one -> seen.contains(one.studentId()))
                    .toList();
            List<PlanView.DoneView> done = new ArrayList<>();
            if (row.onDay != null && !row.onDay.isAfter(today)) {
                seen.forEach(id -> done.add(new PlanView.DoneView(id, tries(id, item.drillId(), row.onDay))));
            }
            return new PlanItemView(
                    new PlanItemBody(
                            item.drillId(),
                            item.role(),
                            item.minutes(),
                            item.tries(),
                            item.locked(),
                            places,
                            seen.size() == row.studentIds.size() ? item.why() : null),
                    drill.map(Drill::title)
                            .or(() -> game.map(RacksInPlans::title))
                            .orElse(null),
                    drill.map(Drill::primarySkill).orElse(null),
                    game.orElse(null),
                    places.stream()
                            .map(one -> stationName(drill, one.station()))
                            .toList(),
                    done,
                    !done.isEmpty() && done.stream().allMatch(one -> one.tries() >= item.tries()));
        }

        /** In sessions that began on the plan's day, or in the night after it. */
        private int tries(UUID student, String drillId, LocalDate day) {
            Instant from = day.atStartOfDay(zone).toInstant();
            Instant until = day.plusDays(1).atStartOfDay(zone).toInstant().plus(PAST_MIDNIGHT);
            Optional<String> game = RacksInPlans.gameOf(drillId);
            if (game.isPresent()) {
                return racks.played(student, game.get(), from, until);
            }
            return played.computeIfAbsent(student, results::ofStudent).stream()
                    .filter(one -> one.place().drillId().equals(drillId)
                            && !one.startedAt().isBefore(from)
                            && one.startedAt().isBefore(until))
                    .mapToInt(one -> one.count().tries())
                    .sum();
        }
    }

    private static String stationName(Optional<Drill> drill, int station) {
        return drill.filter(one -> station < one.stations().size())
                .map(one -> one.station(station).name())
                .orElse("");
    }
}
