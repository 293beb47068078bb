package amberrail.app.progress;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.ProgressView.AbilityPoint;
import amberrail.app.progress.ProgressView.DrillSpread;
import amberrail.app.progress.ProgressView.OverallChange;
import amberrail.app.progress.ProgressView.SessionPoint;
import amberrail.app.progress.ProgressView.SkillProgress;
import amberrail.app.progress.ProgressView.SpreadPoint;
import amberrail.app.progress.ProgressView.StationProgress;
import amberrail.app.progress.ProgressView.SuccessTrend;
import amberrail.app.progress.ProgressView.WeekPoint;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.app.sessions.PractisedMinutes;
import amberrail.core.attempt.StationCount;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.FirthTrend;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.PooledSpread;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.RaschFit;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.SkillChanges;
import amberrail.core.statistics.Verdict;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import org.springframework.stereotype.Service;

/** Puts a student's results together by skill, week, drill and station, and asks core what they say. */
@Service
public class ProgressService {

    private final StationResults results;
    private final AbilityModel model;
    private final PractisedMinutes practised;
    private final DrillCatalogue drills;
    private final PeopleService people;
    private final Access access;

    ProgressService(
            StationResults results,
            AbilityModel model,
            PractisedMinutes practised,
            DrillCatalogue drills,
            PeopleService people,
            Access access) {
        this.results = results;
        this.model = model;
        this.practised = practised;
        this.drills = drills;
        this.people = people;
        this.access = access;
    }

    public ProgressView of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        List<StationResult> all = results.ofStudent(studentId);
        Map<UUID, Double> minutes = practised.ofStudent(studentId);
        Map<String, Drill> known = new HashMap<>();
        Function<StationOnTable, Drill> drillOf = station ->
                known.computeIfAbsent(station.drill(), k -> drills.version(station.drillId(), station.drillVersion()));
        List<WeekPoint> weeks = weeks(all, minutes);
        Abilities abilities = model.current();
        SkillChanges changes = abilities.changes(studentId);
        return new ProgressView(
                studentId,
                people.person(studentId).name(),
                sum(all, StationCount::attempts),
                weeks.stream().mapToInt(WeekPoint::sessions).sum(),
                weeks.stream().mapToDouble(WeekPoint::minutes).sum(),
                overall(changes),
                skills(abilities, changes, studentId, all, drillOf),
                weeks,
                potting(all),
                spreads(all, drillOf),
                stations(all, drillOf),
                Milestones.of(all, drillOf));
    }

    private static List<SkillProgress> skills(
            Abilities abilities,
            SkillChanges changes,
            UUID studentId,
            List<StationResult> all,
            Function<StationOnTable, Drill> drillOf) {
        Map<Skill, List<StationResult>> bySkill = new EnumMap<>(Skill.class);
        for (StationResult one : all) {
            bySkill.computeIfAbsent(drillOf.apply(one.station()).primarySkill(), k -> new ArrayList<>())
                    .add(one);
        }
        List<SkillProgress> skills = new ArrayList<>();
        bySkill.forEach((skill, of) -> skills.add(skill(abilities, changes, studentId, skill, of)));
        return skills;
    }

    private static SkillProgress skill(
            Abilities abilities, SkillChanges changes, UUID studentId, Skill skill, List<StationResult> of) {
        List<AbilityPoint> points = abilities.weeks(studentId, skill).stream()
                .map(week -> point(abilities.asOf(), week, of))
                .toList();
        Optional<SkillChanges.Change> change = changes.skills().stream()
                .filter(one -> one.id().equals(skill.name()))
                .map(SkillChanges.OfSkill::change)
                .findFirst();
        return new SkillProgress(
                skill,
                points,
                abilities
                        .ability(studentId, skill)
                        .flatMap(RaschFit.Placed::note)
                        .map(Enum::name)
                        .orElse(null),
                change.map(SkillChanges.Change::verdict).orElse(Verdict.NO_CLEAR_CHANGE_YET),
                change.map(x -> GradeScale.points(x.logits())).orElse(null),
                change.map(x -> GradeScale.points(x.interval().lower())).orElse(null),
                change.map(x -> GradeScale.points(x.interval().upper())).orElse(null),
                change.isPresent() ? null : Reason.TOO_FEW);
    }

    /** The last day of the week, and how much was tried in it. */
    private static AbilityPoint point(Instant asOf, RaschFit.InWeek week, List<StationResult> of) {
        Instant end = asOf.minus(Duration.ofDays(7L * week.weeksAgo()));
        Instant begin = end.minus(Duration.ofDays(7));
        List<StationResult> played = of.stream()
                .filter(one -> one.startedAt().isAfter(begin)
                        && (week.weeksAgo() == 0 || !one.startedAt().isAfter(end)))
                .toList();
        return new AbilityPoint(
                end.atZone(ZoneOffset.UTC).toLocalDate(),
                week.grade(),
                week.gradeSe(),
                sum(played, StationCount::tries));
    }

    private static OverallChange overall(SkillChanges changes) {
        return changes.overall()
                .map(one -> new OverallChange(
                        one.verdict(),
                        GradeScale.points(one.logits()),
                        GradeScale.points(one.interval().lower()),
                        GradeScale.points(one.interval().upper()),
                        changes.visible().map(GradeScale::points).orElse(null)))
                .orElse(null);
    }

    /** Monday of the week (UTC). */
    private static LocalDate week(Instant at) {
        LocalDate day = at.atZone(ZoneOffset.UTC).toLocalDate();
        return day.minusDays(day.getDayOfWeek().getValue() - 1L);
    }

    private static List<WeekPoint> weeks(List<StationResult> all, Map<UUID, Double> minutes) {
        TreeMap<LocalDate, List<StationResult>> byWeek = new TreeMap<>();
        all.forEach(one -> byWeek.computeIfAbsent(week(one.startedAt()), k -> new ArrayList<>())
                .add(one));
        List<WeekPoint> weeks = new ArrayList<>();
        if (byWeek.isEmpty()) {
            return weeks;
        }
        for (LocalDate week = byWeek.firstKey(); !week.isAfter(byWeek.lastKey()); week = week.plusWeeks(1)) {
            List<StationResult> of = byWeek.getOrDefault(week, List.of());
            List<UUID> sessions =
                    of.stream().map(one -> one.place().sessionId()).distinct().toList();
            weeks.add(new WeekPoint(
                    week,
                    sessions.stream()
                            .mapToDouble(id -> minutes.getOrDefault(id, 0.0))
                            .sum(),
                    sessions.size(),
                    sum(of, StationCount::attempts),
                    sum(of, StationCount::pots),
                    sum(of, StationCount::potted)));
        }
        return weeks;
    }

    private static SuccessTrend potting(List<StationResult> all) {
        List<FirthTrend.Session> sessions = new ArrayList<>();
        for (List<StationResult> one : bySession(all).values()) {
            sessions.add(new FirthTrend.Session(
                    sessions.size() + 1, sum(one, StationCount::potted), sum(one, StationCount::pots)));
        }
        return Trends.withoutWords(sessions);
    }

    private static Map<UUID, List<StationResult>> bySession(List<StationResult> oldestFirst) {
        Map<UUID, List<StationResult>> sessions = new LinkedHashMap<>();
        oldestFirst.forEach(one -> sessions.computeIfAbsent(one.place().sessionId(), k -> new ArrayList<>())
                .add(one));
        return sessions;
    }

    private static List<DrillSpread> spreads(List<StationResult> all, Function<StationOnTable, Drill> drillOf) {
        Map<String, List<StationResult>> byDrill = new LinkedHashMap<>();
        all.forEach(one -> byDrill.computeIfAbsent(one.place().drillId(), k -> new ArrayList<>())
                .add(one));
        return byDrill.values().stream()
                .map(of -> new DrillSpread(
                        of.get(0).place().drillId(),
                        drillOf.apply(of.get(of.size() - 1).station()).title(),
                        bySession(of).values().stream()
                                .flatMap(session -> spread(session).stream())
                                .toList()))
                .filter(drill -> !drill.sessions().isEmpty())
                .sorted(Comparator.comparing(DrillSpread::drillTitle))
                .toList();
    }

    /** Nothing where the landings are too few for an interval, or do not differ one way. */
    private static Optional<SpreadPoint> spread(List<StationResult> session) {
        PooledSpread line = pooled(session, StationCount::line);
        PooledSpread speed = pooled(session, StationCount::speed);
        return line.interval(Proportion.DEFAULT_LEVEL)
                .flatMap(across -> speed.interval(Proportion.DEFAULT_LEVEL)
                        .map(along -> new SpreadPoint(
                                session.get(0).place().sessionId(),
                                session.get(0).startedAt(),
                                sum(session, StationCount::landings),
                                line.sd().orElseThrow(),
                                across.lower(),
                                across.upper(),
                                speed.sd().orElseThrow(),
                                along.lower(),
                                along.upper())));
    }

    private static PooledSpread pooled(List<StationResult> of, Function<StationCount, PooledSpread> part) {
        return of.stream().map(one -> part.apply(one.count())).reduce(PooledSpread.NONE, PooledSpread::and);
    }

    private record Place(String drillId, int station) {}

    private static List<StationProgress> stations(List<StationResult> all, Function<StationOnTable, Drill> drillOf) {
        Map<Place, List<StationResult>> byPlace = new LinkedHashMap<>();
        all.forEach(one -> byPlace.computeIfAbsent(
                        new Place(one.place().drillId(), one.place().station()), k -> new ArrayList<>())
                .add(one));
        Trends trends = Trends.ofPage(byPlace.values().stream()
                .map(here -> here.stream().map(ProgressService::point).toList())
                .toList());
        return byPlace.values().stream()
                .map(here ->
                        station(here, drillOf.apply(here.get(here.size() - 1).station()), trends))
                .sorted(Comparator.comparing(StationProgress::drillTitle).thenComparing(StationProgress::station))
                .toList();
    }

    private static StationProgress station(List<StationResult> here, Drill drill, Trends trends) {
        int station = here.get(0).place().station();
        List<SessionPoint> sessions = here.stream().map(ProgressService::point).toList();
        return new StationProgress(
                drill.id(),
                drill.title(),
                drill.primarySkill(),
                station,
                drill.station(station).name(),
                sessions.stream().anyMatch(SessionPoint::passed),
                sessions,
                trends.success(sessions),
                trends.distance(sessions));
    }

    private static SessionPoint point(StationResult one) {
        StationCount count = one.count();
        return new SessionPoint(
                one.place().sessionId(),
                one.startedAt(),
                count.successes(),
                count.tries(),
                count.potted(),
                count.attempts(),
                count.landings(),
                count.passed(),
                count.landings() == 0 ? null : Math.exp(count.radialLogs() / count.landings()));
    }

    private static int sum(List<StationResult> of, ToIntFunction<StationCount> part) {
        return of.stream().mapToInt(one -> part.applyAsInt(one.count())).sum();
    }
}
