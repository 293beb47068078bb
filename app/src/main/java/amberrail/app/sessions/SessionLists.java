package amberrail.app.sessions;

import amberrail.app.kit.TableNumbers;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.SessionSearch.Place;
import amberrail.app.web.Missing;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many sessions at a time, newest first; nobody is told of a session, or of a student in one, that is not theirs to see. */
@Service
@Transactional(readOnly = true)
public class SessionLists {
    private final PracticeSessionRepository sessions;
    private final LatestSessions latest;
    private final SessionSearch found;
    private final SessionMapping mapping;
    private final TableNumbers numbers;
    private final Access access;

    SessionLists(
            PracticeSessionRepository sessions,
            LatestSessions latest,
            SessionSearch found,
            SessionMapping mapping,
            TableNumbers numbers,
            Access access) {
        this.sessions = sessions;
        this.latest = latest;
        this.found = found;
        this.mapping = mapping;
        this.numbers = numbers;
        this.access = access;
    }

    /** One student's; {@link Missing} where that is nobody to see. */
    public List<PracticeSession> latest(SignedIn who, UUID studentId, int most) {
        Predicate<UUID> maySee = access.studentsSeenBy(who)::contains;
        if (!maySee.test(studentId)) {
            throw new Missing("student");
        }
        return sessions.ofStudent(studentId, Limit.of(most)).stream()
                .map(entity -> mapping.of(entity, maySee))
                .toList();
    }

    /** The same for several students in as many questions as for one: newest first for each, students without a session left out. */
    public Map<UUID, List<PracticeSession>> latestOfEach(SignedIn who, List<UUID> studentIds, int most) {
        Set<UUID> seen = access.studentsSeenBy(who);
        List<UUID> asked = studentIds.stream().filter(seen::contains).toList();
        if (asked.isEmpty()) {
            return Map.of();
        }
        List<LatestSessions.Place> places = latest.ofEach(asked, most);
        Map<UUID, PracticeSession> byId =
                sessions
                        .findAllById(places.stream()
                                .map(LatestSessions.Place::sessionId)
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(entity -> entity.id, entity -> mapping.of(entity, seen::contains)));
        Map<UUID, List<PracticeSession>> byStudent = new HashMap<>();
        places.forEach(place -> byStudent
                .computeIfAbsent(place.studentId(), id -> new ArrayList<>())
                .add(byId.get(place.sessionId())));
        return byStudent;
    }

    /** A page of sessions and the names of whoever may be seen in them; {@code next} is where the one after begins, empty on the last. */
    public record Page(List<PracticeSession> sessions, Map<UUID, String> names, Optional<String> next) {}

    /**
     * What is looked for; left out, everything.
     *
     * @param from  started then or later
     * @param until started before
     * @param after the {@code next} of the page before
     */
    public record Search(
            Optional<UUID> studentId,
            Optional<String> drillId,
            Optional<UUID> tableId,
            Optional<Instant> from,
            Optional<Instant> until,
            Optional<String> after) {}

    /** Sessions of anybody that this person may see, newest first. */
    public Page search(SignedIn who, Search search, int most) {
        Map<UUID, String> seen = access.namesSeenBy(who);
        search.studentId().filter(id -> !seen.containsKey(id)).ifPresent(id -> {
            throw new Missing("student");
        });
        if (seen.isEmpty()) {
            return new Page(List.of(), seen, Optional.empty());
        }
        Optional<Place> after = search.after().map(text -> Place.read("after", text));
        List<PracticeSession> listed = found.find(seen.keySet(), search, after, most + 1).stream()
                .map(entity -> mapping.of(entity, seen::containsKey))
                .toList();
        List<PracticeSession> page = listed.subList(0, Math.min(most, listed.size()));
        return new Page(
                page,
                seen,
                listed.size() > most
                        ? Optional.of(new Place(
                                        page.get(most - 1).startedAt(),
                                        page.get(most - 1).id())
                                .text())
                        : Optional.empty());
    }

    /** A session in which a drill was played, and on which table. */
    public record DrillPlayed(UUID sessionId, DrillVersion version, String tableName, TableSpec table) {}

    /** A student's sessions of a drill between two days, both included (UTC), newest first. */
    public List<DrillPlayed> ofDrill(
            SignedIn who, UUID studentId, String drillId, LocalDate from, LocalDate to, int most) {
        access.requireStudent(who, studentId);
        return sessions
                .ofDrill(
                        studentId,
                        drillId,
                        from.atStartOfDay(ZoneOffset.UTC).toInstant(),
                        to.plusDays(1).atStartOfDay(ZoneOffset.UTC).toInstant(),
                        Limit.of(most))
                .stream()
                .map(one -> new DrillPlayed(
                        one.id(),
                        new DrillVersion(drillId, one.drillVersion()),
                        one.tableName(),
                        numbers.read(one.tableNumbers())))
                .toList();
    }
}
