package amberrail.app.report;

import amberrail.app.paper.PaperSize;
import amberrail.app.people.Concerned;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.NextStations;
import amberrail.app.progress.ProgressService;
import amberrail.app.racks.RackSummary;
import amberrail.app.review.ReviewService;
import amberrail.app.review.ReviewView;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionLists;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Writes a student's report: what got better, what to do next, and maps of what was practised most. */
@Service
public class ReportMaker {
    private static final int MAPS = 2;
    /** Side by side on one sheet. */
    private static final int MOST_SHOTS = 4;

    private static final int FEWEST_FOR_A_MAP = 8;

    private static final int LOOKED_AT = 4;

    private final ProgressService progress;
    private final NextStations next;
    private final ReviewService reviews;
    private final SessionLists sessions;
    private final PeopleService people;
    private final RackSummary racks;
    private final Concerned concerned;
    private final Clock clock;

    ReportMaker(
            ProgressService progress,
            NextStations next,
            ReviewService reviews,
            SessionLists sessions,
            PeopleService people,
            RackSummary racks,
            Concerned concerned,
            Clock clock) {
        this.progress = progress;
        this.next = next;
        this.reviews = reviews;
        this.sessions = sessions;
        this.people = people;
        this.racks = racks;
        this.concerned = concerned;
        this.clock = clock;
    }

    /** As PDF, in the words and units of whoever asks; {@code Missing} where they may not see this student. */
    public byte[] pdf(SignedIn who, UUID studentId, String note, PaperSize paper) throws IOException {
        StudentReport.Contents contents = new StudentReport.Contents(
                progress.of(who, studentId),
                next.of(who, studentId),
                maps(who, studentId),
                racks.of(who, studentId),
                note,
                people.person(who.accountId()).name(),
                LocalDate.ofInstant(Instant.now(clock), ZoneOffset.UTC));
        // Others at the same table were in the sessions that were read; the report says nothing of them.
        concerned.only(studentId);
        return new StudentReport(new ReportWords(people.preferences(who)), paper).pdf(contents);
    }

    /**
     * The stations and sides most practised in the newest sessions, two of them; of a pattern every shot, as many as fit beside one another. A handful
     * of shots is no map.
     */
    private List<ReviewView> maps(SignedIn who, UUID studentId) {
        List<Practised> all = new ArrayList<>();
        for (PracticeSession session : sessions.latest(who, studentId, LOOKED_AT)) {
            for (PracticeSession.DrillVersion drill : session.drills()) {
                all.addAll(practised(who, session, studentId, drill.drillId()));
            }
        }
        return all.stream()
                .filter(one -> one.attempts() >= FEWEST_FOR_A_MAP)
                .sorted(Comparator.comparing(one -> -one.attempts()))
                .limit(MAPS)
                .flatMap(one -> one.shots().stream().map(shot -> map(who, studentId, one, shot)))
                .limit(MOST_SHOTS)
                .toList();
    }

    /** A station on one side in one session, with its shots that were played. */
    private record Practised(
            UUID sessionId, String drillId, int station, boolean mirrored, List<Integer> shots, int attempts) {}

    private List<Practised> practised(SignedIn who, PracticeSession session, UUID studentId, String drillId) {
        ReviewView first = reviews.review(
                who,
                session.id(),
                new ReviewService.Asked(Optional.of(studentId), Optional.of(drillId), Optional.empty(), false, 0));
        Map<String, List<ReviewView.GroupView>> byPlace = first.groups().stream()
                .filter(group -> group.attempts() > 0)
                .collect(Collectors.groupingBy(
                        group -> group.station() + " " + group.mirrored(), LinkedHashMap::new, Collectors.toList()));
        return byPlace.values().stream()
                .map(groups -> new Practised(
                        session.id(),
                        drillId,
                        groups.get(0).station(),
                        groups.get(0).mirrored(),
                        groups.stream().map(ReviewView.GroupView::shot).toList(),
                        attempts(groups)))
                .toList();
    }

    private ReviewView map(SignedIn who, UUID studentId, Practised one, int shot) {
        return reviews.review(
                who,
                one.sessionId(),
                new ReviewService.Asked(
                        Optional.of(studentId),
                        Optional.of(one.drillId()),
                        Optional.of(one.station()),
                        one.mirrored(),
                        shot));
    }

    private static int attempts(List<ReviewView.GroupView> groups) {
        return groups.stream().mapToInt(ReviewView.GroupView::attempts).sum();
    }
}
