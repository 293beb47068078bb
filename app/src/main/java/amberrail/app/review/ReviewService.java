package amberrail.app.review;

import amberrail.app.advice.StrokeExpectations;
import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptView;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.review.Figures.DispersionView;
import amberrail.app.review.Figures.ShareView;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Missing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WhatChanged;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.PottingResult;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.ZoneShare;
import amberrail.core.table.TableSpec;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/** Picks one station and side of a session and asks core for its figures. */
@Service
public class ReviewService {
    private static final int MOST_SESSIONS = 50;
    private static final int MOST_SELECTED = 500;
    private static final LocalDate FIRST_DAY = LocalDate.of(1970, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2999, 12, 31);

    private final SessionService sessions;
    private final AttemptService attempts;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final SessionViews views;
    private final PeopleService people;
    private final StrokeExpectations expectations;

    ReviewService(
            SessionService sessions,
            AttemptService attempts,
            DrillCatalogue drills,
            SetUps setUps,
            SessionViews views,
            PeopleService people,
            StrokeExpectations expectations) {
        this.sessions = sessions;
        this.attempts = attempts;
        this.drills = drills;
        this.setUps = setUps;
        this.views = views;
        this.people = people;
        this.expectations = expectations;
    }

    /** What to look at: without a student or drill the session's first, without a station the group with the most attempts. */
    public record Asked(
            Optional<UUID> studentId,
            Optional<String> drillId,
            Optional<Integer> station,
            boolean mirrored,
            int shot) {}

    public ReviewView review(SignedIn who, UUID sessionId, Asked asked) {
        PracticeSession session = sessions.find(who, sessionId);
        UUID student = session.student(asked.studentId().orElse(null));
        PracticeSession.DrillVersion version = session.drill(asked.drillId().orElse(null));
        Drill drill = drills.version(version.drillId(), version.version());
        Optional<Integer> station = asked.station();
        boolean mirrored = asked.mirrored();
        int shot = asked.shot();
        List<RecordedAttempt> all = attempts.ofSession(session).stream()
                .filter(a -> a.played().studentId().equals(student)
                        && a.played().drillId().equals(drill.id()))
                .toList();
        List<ReviewView.GroupView> groups = groups(drill, all);
        ReviewView.GroupView chosen =
                station.map(index -> group(drill, index, mirrored, shot, 0)).orElseGet(() -> largest(groups, drill));
        return reviewed(
                who,
                new About(views.of(session), null, student),
                drill,
                session.table(),
                all,
                groups,
                chosen,
                one -> true);
    }

    /** Which attempts to look at besides station and side; a missing end of the days is open. */
    record Selected(
            String drillId,
            Optional<LocalDate> from,
            Optional<LocalDate> to,
            Optional<String> pot,
            Optional<String> call,
            Optional<String> observation) {
        boolean holds(RecordedAttempt one) {
            return pot.map(name -> Findings.howItWentIn(one.played().outcome()).equals(name))
                            .orElse(true)
                    && call.map(name -> Findings.called(one.played()).contains(name))
                            .orElse(true)
                    && observation
                            .map(name -> one.played().observations().contains(name))
                            .orElse(true);
        }
    }

    /** One student's attempts at a drill over the sessions of some days; the newest of them says on which table and of which version. */
    ReviewView select(SignedIn who, UUID studentId, Selected selected, Asked asked) {
        List<PracticeSession> days = sessions.ofDrill(
                who,
                studentId,
                selected.drillId(),
                day("from", selected.from().orElse(FIRST_DAY)),
                day("to", selected.to().orElse(LAST_DAY)),
                MOST_SELECTED);
        if (days.isEmpty()) {
            throw new Missing("session of this drill in these days");
        }
        PracticeSession newest = days.get(0);
        PracticeSession.DrillVersion version = newest.drill(selected.drillId());
        List<PracticeSession> alike = days.stream()
                .filter(one -> one.drill(selected.drillId()).equals(version)
                        && one.table().equals(newest.table()))
                .toList();
        Drill drill = drills.version(version.drillId(), version.version());
        List<RecordedAttempt> all = attempts.ofDrill(alike, studentId, drill.id());
        List<ReviewView.GroupView> groups = groups(drill, all);
        ReviewView.GroupView chosen = asked.station()
                .map(index -> group(drill, index, asked.mirrored(), asked.shot(), 0))
                .orElseGet(() -> largest(groups, drill));
        ReviewView.SelectionView selection = new ReviewView.SelectionView(
                people.person(studentId).name(),
                drill.title(),
                newest.tableName(),
                selected.from().orElse(null),
                selected.to().orElse(null),
                alike.stream().map(PracticeSession::id).toList(),
                days.size() - alike.size());
        return reviewed(
                who,
                new About(null, selection, studentId),
                drill,
                newest.table(),
                all,
                groups,
                chosen,
                selected::holds);
    }

    private static LocalDate day(String field, LocalDate day) {
        if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, day, "must be a day from " + FIRST_DAY + " to " + LAST_DAY);
        }
        return day;
    }

    /** The heading of a review: a session or a selection, and whose attempts. */
    private record About(SessionView session, ReviewView.SelectionView selection, UUID student) {}

    private ReviewView reviewed(
            SignedIn who,
            About about,
            Drill drill,
            TableSpec table,
            List<RecordedAttempt> all,
            List<ReviewView.GroupView> groups,
            ReviewView.GroupView chosen,
            Predicate<RecordedAttempt> which) {
        SetUp setUp = SetUp.of(drill, chosen.station(), chosen.shot(), chosen.mirrored(), table);
        ShotLayout layout = setUps.layout(setUp);
        List<RecordedAttempt> shown = of(all, chosen.station(), chosen.mirrored(), chosen.shot()).stream()
                .filter(which)
                .toList();
        var onTable = DrillOnTable.of(setUps, drill, table).stations().get(chosen.station());
        return assemble(
                about,
                drill.id(),
                TableDrawing.of(table),
                groups,
                chosen,
                layout,
                (chosen.mirrored() ? onTable.mirror() : onTable.original()).get(chosen.shot()),
                shown,
                drill.explore()
                        .map(changed -> ReviewView.ExploredView.of(changed, setUps.explored(setUp, changed), setUp))
                        .orElse(null),
                findings(who, about.student(), setUp, chosen, shown, all));
    }

    private Findings.FindingsView findings(
            SignedIn who,
            UUID student,
            SetUp setUp,
            ReviewView.GroupView chosen,
            List<RecordedAttempt> shown,
            List<RecordedAttempt> all) {
        List<RecordedAttempt> other = of(all, chosen.station(), !chosen.mirrored(), chosen.shot());
        return Findings.of(
                side(who, student, setUp, shown, chosen.shot()),
                side(who, student, setUp.onSide(!setUp.mirrored()), other, chosen.shot()),
                chosen.shot() > 0 || shown.isEmpty()
                        ? Optional.empty()
                        : expectations.helpsMost(
                                who, student, setUp, setUps.layout(setUp).zone()));
    }

    /** A later shot of a pattern is played from where the ball lay: the planned stroke says nothing of it. */
    private Findings.Side side(SignedIn who, UUID student, SetUp setUp, List<RecordedAttempt> attempts, int shot) {
        boolean asPlanned = shot == 0 && !attempts.isEmpty();
        return new Findings.Side(
                setUps.layout(setUp),
                attempts,
                asPlanned ? expectations.of(who, student, setUp) : Optional.empty(),
                one -> expectations.isUsual(setUp, one.played().call()));
    }

    /** One side of one station's shot over two periods, each a list of sessions; they must be of the same student, drill and table. */
    Comparison.ComparisonView compare(SignedIn who, List<UUID> from, List<UUID> to, Asked asked) {
        Require.between("from", from.size(), 1, MOST_SESSIONS);
        Require.between("to", to.size(), 1, MOST_SESSIONS);
        ReviewedShots earlier = reviewed(who, from, asked);
        ReviewedShots later = reviewed(who, to, asked);
        if (!WhatChanged.pottingComparable(WhatChanged.between(earlier.layout(), later.layout()))) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "from",
                    from.get(0),
                    "must have the balls of this shot in the same places: it was another shot then, and there is nothing to compare");
        }
        return Comparison.of(earlier, later);
    }

    private ReviewedShots reviewed(SignedIn who, List<UUID> sessionIds, Asked asked) {
        List<RecordedAttempt> shots = new ArrayList<>();
        ShotLayout layout = null;
        for (UUID id : sessionIds) {
            PracticeSession session = sessions.find(who, id);
            UUID student = session.student(asked.studentId().orElse(null));
            PracticeSession.DrillVersion version = session.drill(asked.drillId().orElse(null));
            Drill drill = drills.version(version.drillId(), version.version());
            ReviewView.GroupView group = group(drill, asked.station().orElse(0), asked.mirrored(), asked.shot(), 0);
            ShotLayout here =
                    setUps.layout(SetUp.of(drill, group.station(), group.shot(), group.mirrored(), session.table()));
            // One period's attempts are thrown together: only what asked the same can be.
            if (layout != null && !WhatChanged.between(layout, here).isEmpty()) {
                throw new InvalidInputException(
                        ProblemCode.CONTRADICTION,
                        "sessions",
                        id,
                        "must have this shot set up in the same way, with the same target");
            }
            layout = here;
            shots.addAll(of(
                    attempts.ofSession(session).stream()
                            .filter(a -> a.played().studentId().equals(student)
                                    && a.played().drillId().equals(drill.id()))
                            .toList(),
                    group.station(),
                    group.mirrored(),
                    group.shot()));
        }
        return new ReviewedShots(layout, shots);
    }

    private static List<RecordedAttempt> of(List<RecordedAttempt> all, int station, boolean mirrored, int shot) {
        return all.stream()
                .filter(a -> a.played().isAt(station, mirrored, shot))
                .toList();
    }

    private static ReviewView assemble(
            About about,
            String drillId,
            TableDrawing table,
            List<ReviewView.GroupView> groups,
            ReviewView.GroupView chosen,
            ShotLayout layout,
            ShotView shot,
            List<RecordedAttempt> shown,
            ReviewView.ExploredView explored,
            Findings.FindingsView findings) {
        List<PottingResult> results =
                shown.stream().map(a -> a.played().seen().result()).toList();
        List<PottingResult> made =
                results.stream().filter(r -> r.pot() == PottingResult.Pot.MADE).toList();
        List<RecordedAttempt> landed = shown.stream()
                .filter(a -> a.played().outcome().pot() == PottingResult.Pot.MADE)
                .filter(a -> a.landingAlong(layout).isPresent())
                .toList();
        List<Point> landings =
                landed.stream().flatMap(a -> a.landing().stream()).toList();
        List<Point> alongOneLine =
                landed.stream().flatMap(a -> a.landingAlong(layout).stream()).toList();
        int madeInOffs = count(made, PottingResult::inOff);
        int successes = count(shown, a -> a.judgement().result() == TryResult.SUCCESS);
        int judged = count(shown, a -> a.judgement().result() != TryResult.NOT_JUDGED);
        return new ReviewView(
                about.session(),
                about.selection(),
                about.student(),
                drillId,
                table,
                groups,
                chosen.station(),
                chosen.stationName(),
                chosen.mirrored(),
                chosen.shot(),
                chosen.shots(),
                shot,
                shown.stream().map(AttemptView::of).toList(),
                outcomes(shown),
                count(results, PottingResult::inOff),
                count(results, PottingResult::foul),
                count(results, r -> r.landing().isEmpty() && !r.inOff()),
                count(
                        results,
                        r -> r.pot() != PottingResult.Pot.MADE && r.landing().isPresent()),
                ShareView.of(Proportion.of(made.size(), results.size())),
                layout.zone()
                        .map(zone -> ShareView.of(ZoneShare.of(zone, landings, madeInOffs, Proportion.DEFAULT_LEVEL)
                                .share()))
                        .orElse(null),
                explored == null ? ShareView.of(Proportion.of(successes, judged)) : null,
                DispersionView.of(layout, dispersion(layout, alongOneLine), dispersion(layout, landings)),
                explored,
                findings);
    }

    private static Dispersion dispersion(ShotLayout layout, List<Point> places) {
        return Dispersion.of(layout.target(), layout.arrival(), places, Proportion.DEFAULT_LEVEL);
    }

    private static Map<PotOutcome, Integer> outcomes(List<RecordedAttempt> shown) {
        Map<PotOutcome, Integer> counted = new EnumMap<>(PotOutcome.class);
        shown.forEach(a -> counted.merge(a.played().outcome(), 1, Integer::sum));
        return counted;
    }

    private static List<ReviewView.GroupView> groups(Drill drill, List<RecordedAttempt> all) {
        List<ReviewView.GroupView> groups = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            for (boolean mirrored : new boolean[] {false, true}) {
                for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                    int n = attempts(all, station, mirrored, shot);
                    if (n > 0) {
                        groups.add(group(drill, station, mirrored, shot, n));
                    }
                }
            }
        }
        return groups;
    }

    private static ReviewView.GroupView largest(List<ReviewView.GroupView> groups, Drill drill) {
        return groups.stream()
                .reduce((a, b) -> b.attempts() > a.attempts() ? b : a)
                .orElseGet(() -> group(drill, 0, false, 0, 0));
    }

    /** {@code UNKNOWN_ID} for a station or shot that the drill does not have. */
    private static ReviewView.GroupView group(Drill drill, int station, boolean mirrored, int shot, int attempts) {
        int shots = drill.station(station).shots().size();
        if (shot < 0 || shot >= shots) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "shot", shot, "must be from 0 to " + (shots - 1));
        }
        return new ReviewView.GroupView(station, drill.station(station).name(), mirrored, shot, shots, attempts);
    }

    private static int attempts(List<RecordedAttempt> all, int station, boolean mirrored, int shot) {
        return count(all, a -> a.played().isAt(station, mirrored, shot));
    }

    private static <T> int count(List<T> items, Predicate<T> test) {
        return (int) items.stream().filter(test).count();
    }
}
