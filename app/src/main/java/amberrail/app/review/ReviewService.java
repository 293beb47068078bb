package amberrail.app.review;

import amberrail.app.advice.StrokeExpectations;
import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.kit.TableDrawing;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeOrder;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionLists;
import amberrail.app.sessions.SessionService;
import amberrail.app.sessions.SessionView;
import amberrail.app.sessions.SessionViews;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WhatChanged;
import amberrail.core.table.TableSpec;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Picks one station and side of a session and asks core for its figures. */
@Service
public class ReviewService {
    private static final int MOST_SESSIONS = 50;
    private static final int MOST_SELECTED = 500;
    private static final LocalDate FIRST_DAY = LocalDate.of(1970, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2999, 12, 31);

    private final SessionService sessions;
    private final SessionLists lists;
    private final AttemptService attempts;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final SessionViews views;
    private final PeopleService people;
    private final StrokeExpectations expectations;

    ReviewService(
            SessionService sessions,
            SessionLists lists,
            AttemptService attempts,
            DrillCatalogue drills,
            SetUps setUps,
            SessionViews views,
            PeopleService people,
            StrokeExpectations expectations) {
        this.sessions = sessions;
        this.lists = lists;
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
        List<RecordedAttempt> all = attempts.ofSession(session).stream()
                .filter(a -> a.played().studentId().equals(student)
                        && a.played().drillId().equals(drill.id()))
                .toList();
        return reviewed(
                who, new About(views.of(session), null, student), drill, session.table(), all, asked, one -> true);
    }

    /** Which attempts to look at besides station and side; a missing end of the days is open. */
    record Selected(
            String drillId,
            Optional<LocalDate> from,
            Optional<LocalDate> to,
            Optional<String> pot,
            Optional<String> call,
            Optional<String> observation) {
        static Selected everyAttemptAt(String drillId) {
            return new Selected(
                    drillId, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
        }

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
        List<SessionLists.DrillPlayed> days = lists.ofDrill(
                who,
                studentId,
                selected.drillId(),
                day("from", selected.from().orElse(FIRST_DAY)),
                day("to", selected.to().orElse(LAST_DAY)),
                MOST_SELECTED);
        if (days.isEmpty()) {
            throw new Missing("session of this drill in these days");
        }
        SessionLists.DrillPlayed newest = days.get(0);
        List<UUID> alike = days.stream()
                .filter(one ->
                        one.version().equals(newest.version()) && one.table().equals(newest.table()))
                .map(SessionLists.DrillPlayed::sessionId)
                .toList();
        Drill drill = drills.version(selected.drillId(), newest.version().version());
        List<RecordedAttempt> all = attempts.ofDrill(newest.table(), Set.copyOf(alike), studentId, newest.version());
        ReviewView.SelectionView selection = new ReviewView.SelectionView(
                people.person(studentId).name(),
                drill.title(),
                newest.tableName(),
                selected.from().orElse(null),
                selected.to().orElse(null),
                alike,
                days.size() - alike.size());
        return reviewed(who, new About(null, selection, studentId), drill, newest.table(), all, asked, selected::holds);
    }

    private static LocalDate day(String field, LocalDate day) {
        if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, day, "must be a day from " + FIRST_DAY + " to " + LAST_DAY);
        }
        return day;
    }

    /** The heading of a review: a session or a selection, and whose attempts. */
    record About(SessionView session, ReviewView.SelectionView selection, UUID student) {}

    private ReviewView reviewed(
            SignedIn who,
            About about,
            Drill drill,
            TableSpec table,
            List<RecordedAttempt> all,
            Asked asked,
            Predicate<RecordedAttempt> which) {
        List<ReviewView.GroupView> groups = ReviewGroups.of(drill, all);
        ReviewView.GroupView chosen = ReviewGroups.chosen(drill, groups, asked);
        SetUp setUp = SetUp.of(drill, chosen.station(), chosen.shot(), chosen.mirrored(), table);
        ShotLayout layout = setUps.layout(setUp);
        List<RecordedAttempt> shown =
                ReviewGroups.attemptsAt(all, chosen.station(), chosen.mirrored(), chosen.shot()).stream()
                        .filter(which)
                        .toList();
        var onTable = DrillOnTable.of(setUps, drill, table).stations().get(chosen.station());
        return ReviewAssembly.of(
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
        List<RecordedAttempt> other = ReviewGroups.attemptsAt(all, chosen.station(), !chosen.mirrored(), chosen.shot());
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
        return Findings.Side.of(
                setUps.layout(setUp),
                attempts,
                asPlanned ? expectations.of(who, student, setUp) : Optional.empty(),
                asPlanned ? expectations.unlikely(who, student, setUp) : Optional.empty(),
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
        Set<PracticeOrder> ordersThen = orders(who, from);
        Set<PracticeOrder> orders = orders(who, to);
        return Comparison.of(earlier, later, !ordersThen.isEmpty() && !orders.isEmpty() && !ordersThen.equals(orders));
    }

    private Set<PracticeOrder> orders(SignedIn who, List<UUID> sessionIds) {
        return sessionIds.stream()
                .flatMap(id -> sessions.find(who, id).order().stream())
                .collect(Collectors.toSet());
    }

    private ReviewedShots reviewed(SignedIn who, List<UUID> sessionIds, Asked asked) {
        List<RecordedAttempt> shots = new ArrayList<>();
        ShotLayout layout = null;
        for (UUID id : sessionIds) {
            PracticeSession session = sessions.find(who, id);
            UUID student = session.student(asked.studentId().orElse(null));
            PracticeSession.DrillVersion version = session.drill(asked.drillId().orElse(null));
            Drill drill = drills.version(version.drillId(), version.version());
            ReviewView.GroupView group =
                    ReviewGroups.one(drill, asked.station().orElse(0), asked.mirrored(), asked.shot(), 0);
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
            shots.addAll(ReviewGroups.attemptsAt(
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
}
