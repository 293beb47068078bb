package amberrail.app.progress;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.PeriodsView.PeriodChange;
import amberrail.app.progress.PeriodsView.PeriodView;
import amberrail.app.progress.PeriodsView.StationChange;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.app.sessions.PracticeOrder;
import amberrail.app.web.Refused;
import amberrail.core.drill.Drill;
import amberrail.core.statistics.FormRho;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.StratifiedChange;
import amberrail.core.statistics.StratifiedChange.Stratum;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Any two periods of a student: the same stations on the same tables in the same version, and nothing else, are held against each other. */
@Service
class PeriodService {
    private static final double WRONG_BY_CHANCE = 1 - Proportion.DEFAULT_LEVEL;

    private final StationResults results;
    private final DrillCatalogue drills;
    private final PeopleService people;
    private final Access access;

    PeriodService(StationResults results, DrillCatalogue drills, PeopleService people, Access access) {
        this.results = results;
        this.drills = drills;
        this.people = people;
        this.access = access;
    }

    /** Days of a zone, both included. */
    record Period(LocalDate from, LocalDate to, ZoneId zone) {
        private boolean holds(StationResult one) {
            LocalDate day = one.startedAt().atZone(zone).toLocalDate();
            return !day.isBefore(from) && !day.isAfter(to);
        }
    }

    PeriodsView of(SignedIn who, UUID studentId, Period earlier, Period later) {
        access.requireStudent(who, studentId);
        requireInOrder(earlier, later);
        List<StationResult> judged = results.ofStudent(studentId).stream()
                .filter(one -> one.count().tries() > 0)
                .toList();
        List<StationResult> before = judged.stream().filter(earlier::holds).toList();
        List<StationResult> after = judged.stream().filter(later::holds).toList();
        Map<StationOnTable, Stratum> strata = strata(before, after);
        // Each word at a level of its own, so that a whole page of unchanged stations says nothing in nineteen of
        // twenty.
        double each = 1 - WRONG_BY_CHANCE / Math.max(1, strata.size());
        List<StationChange> stations = new ArrayList<>();
        strata.forEach((station, one) -> stations.add(change(station, one, each)));
        stations.sort(Comparator.comparingDouble(PeriodService::clearness).reversed());
        return new PeriodsView(
                people.person(studentId).name(),
                view(earlier, before),
                view(later, after),
                view(
                        StratifiedChange.of(List.copyOf(strata.values()), FormRho.USUAL, Proportion.DEFAULT_LEVEL),
                        Proportion.DEFAULT_LEVEL),
                stations,
                isOrderChanged(before, after),
                onlyOnce(before, after, strata.keySet()));
    }

    private static void requireInOrder(Period earlier, Period later) {
        if (earlier.from().isAfter(earlier.to())) {
            throw new Refused("to", "The earlier period ends before it begins.");
        }
        if (later.from().isAfter(later.to())) {
            throw new Refused("laterTo", "The later period ends before it begins.");
        }
        if (!earlier.to().isBefore(later.from())) {
            throw new Refused("laterFrom", "The later period must begin after the earlier one has ended.");
        }
    }

    private static Map<StationOnTable, Stratum> strata(List<StationResult> before, List<StationResult> after) {
        Map<StationOnTable, List<StationResult>> earlier = byStation(before);
        Map<StationOnTable, List<StationResult>> later = byStation(after);
        Map<StationOnTable, Stratum> strata = new LinkedHashMap<>();
        earlier.forEach((station, of) -> {
            List<StationResult> then = later.get(station);
            if (then != null) {
                int all = tries(of) + tries(then);
                strata.put(
                        station,
                        new Stratum(
                                made(of),
                                tries(of),
                                made(then),
                                tries(then),
                                (double) all / (of.size() + then.size())));
            }
        });
        return strata;
    }

    private static Map<StationOnTable, List<StationResult>> byStation(List<StationResult> results) {
        Map<StationOnTable, List<StationResult>> byStation = new LinkedHashMap<>();
        results.forEach(one ->
                byStation.computeIfAbsent(one.station(), k -> new ArrayList<>()).add(one));
        return byStation;
    }

    private static int tries(List<StationResult> of) {
        return of.stream().mapToInt(one -> one.count().tries()).sum();
    }

    private static int tries(List<StationResult> of, PracticeOrder order) {
        return tries(of.stream()
                .filter(one -> one.order().equals(Optional.of(order)))
                .toList());
    }

    private static boolean isOrderChanged(List<StationResult> before, List<StationResult> after) {
        return mostly(before, PracticeOrder.BLOCKED) && mostly(after, PracticeOrder.MIXED)
                || mostly(before, PracticeOrder.MIXED) && mostly(after, PracticeOrder.BLOCKED);
    }

    private static boolean mostly(List<StationResult> of, PracticeOrder order) {
        return 2 * tries(of, order) > tries(of);
    }

    private static int made(List<StationResult> of) {
        return of.stream().mapToInt(one -> one.count().successes()).sum();
    }

    private StationChange change(StationOnTable station, Stratum one, double level) {
        Drill drill = drills.version(station.drillId(), station.drillVersion());
        return new StationChange(
                station.drillId(),
                drill.title(),
                station.station(),
                drill.station(station.station()).name(),
                one.earlierMade(),
                one.earlierTries(),
                one.laterMade(),
                one.laterTries(),
                view(StratifiedChange.of(List.of(one), FormRho.USUAL, level), level));
    }

    private static PeriodChange view(StratifiedChange change, double level) {
        return new PeriodChange(
                change.difference().orElse(null),
                change.interval().map(Interval::lower).orElse(null),
                change.interval().map(Interval::upper).orElse(null),
                change.visible(level).orElse(null),
                change.verdict(),
                change.reason().orElse(null));
    }

    /** How many half widths of its interval a change is away from none. */
    private static double clearness(StationChange one) {
        PeriodChange change = one.change();
        double width = change.upper() - change.lower();
        return width == 0 ? 0 : Math.abs(change.difference()) / width;
    }

    private static PeriodView view(Period period, List<StationResult> in) {
        int sessions =
                (int) in.stream().map(one -> one.place().sessionId()).distinct().count();
        return new PeriodView(
                period.from(),
                period.to(),
                sessions,
                tries(in),
                tries(in, PracticeOrder.BLOCKED),
                tries(in, PracticeOrder.MIXED));
    }

    private List<String> onlyOnce(List<StationResult> before, List<StationResult> after, Set<StationOnTable> both) {
        Set<String> titles = new LinkedHashSet<>();
        for (List<StationResult> period : List.of(before, after)) {
            period.stream()
                    .map(StationResult::station)
                    .filter(station -> !both.contains(station))
                    .forEach(station -> titles.add(drills.version(station.drillId(), station.drillVersion())
                            .title()));
        }
        return titles.stream().sorted().toList();
    }
}
