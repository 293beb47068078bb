package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.kit.TableNumbers;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.PracticeSession.Stretch;
import amberrail.app.sessions.PracticeSessionEntity.Played;
import amberrail.app.sessions.PracticeSessionEntity.Under;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins, finds, pauses and closes practice sessions; every way in checks whose they are. */
@Service
@Transactional
public class SessionService {
    private static final int REMEMBERED = 500;
    private static final int LONGEST_NOTE = 4000;
    private static final int MOST_DRILLS = 20;
    private static final int MOST_STUDENTS = 8;

    private final PracticeSessionRepository sessions;
    private final LatestSessions latest;
    private final SessionSearch found;
    private final Access access;
    private final KitService kit;
    private final DrillCatalogue drills;
    private final TableNumbers numbers;
    private final SetUps setUps;
    private final Clock clock;
    private final Cache<UUID, AsOf> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    SessionService(
            PracticeSessionRepository sessions,
            LatestSessions latest,
            SessionSearch found,
            Access access,
            KitService kit,
            DrillCatalogue drills,
            TableNumbers numbers,
            SetUps setUps,
            Clock clock) {
        this.sessions = sessions;
        this.latest = latest;
        this.found = found;
        this.access = access;
        this.kit = kit;
        this.drills = drills;
        this.numbers = numbers;
        this.setUps = setUps;
        this.clock = clock;
    }

    /** Who plays what where. */
    public record Beginning(
            List<UUID> studentIds,
            List<String> drillIds,
            UUID tableId,
            boolean coached,
            Optional<UUID> ballSetId,
            Optional<UUID> cueId) {
        /** With what goes with the table. */
        public Beginning(List<UUID> studentIds, List<String> drillIds, UUID tableId, boolean coached) {
            this(studentIds, drillIds, tableId, coached, Optional.empty(), Optional.empty());
        }

        public Beginning {
            requireOnce("studentIds", studentIds);
            requireOnce("drillIds", drillIds);
        }
    }

    public PracticeSession begin(SignedIn who, Beginning beginning) {
        return begin(who, beginning, Instant.now(clock));
    }

    /** As {@link #begin}, at a stated time; for demo data. */
    public PracticeSession begin(SignedIn who, Beginning beginning, Instant startedAt) {
        return begin(who, beginning, Map.of(), startedAt);
    }

    /** The same with versions that drills were played in, where they are known here; for imports. */
    public PracticeSession begin(SignedIn who, Beginning beginning, Map<String, Integer> versions, Instant startedAt) {
        beginning.studentIds().forEach(id -> access.requireStudent(who, id));
        KitService.ClubTable table = kit.table(beginning.tableId());
        KitService.Gear gear =
                kit.gear(beginning.ballSetId(), beginning.cueId(), table.spec().kind());
        TableSpec spec = table.spec().withBalls(gear.balls());
        PracticeSessionEntity entity = new PracticeSessionEntity();
        entity.id = UUID.randomUUID();
        entity.studentIds.addAll(beginning.studentIds());
        beginning
                .drillIds()
                .forEach(id -> entity.drills.add(played(who, id, Optional.ofNullable(versions.get(id)), spec)));
        entity.startedBy = who.accountId();
        // Only a coach can say that a coach is there.
        entity.coached = beginning.coached() && who.isCoach();
        entity.tableId = table.id();
        entity.tableVersion = table.version();
        entity.tableName = table.name();
        entity.tableNumbers = numbers.write(spec);
        entity.cueId = gear.cueId();
        entity.cueNumbers = String.format(
                Locale.ROOT,
                "{\"tipDiameterMillimetres\":%s,\"endMassRatio\":%s}",
                gear.tipDiameterMillimetres(),
                gear.endMassRatio());
        entity.ballSetId = gear.ballSetId();
        entity.startedAt = startedAt.truncatedTo(ChronoUnit.MILLIS);
        entity.stretches.add(from(entity.startedAt));
        // Results are written past Hibernate within the same transaction and refer to it.
        return toSession(who, sessions.saveAndFlush(entity));
    }

    /** {@link Missing} if there is none or none of its students is this person's to see. */
    @Transactional(readOnly = true)
    public PracticeSession find(SignedIn who, UUID id) {
        PracticeSession whole = whole(id);
        Set<UUID> seen = access.seenBy(who, whole.studentIds());
        if (seen.isEmpty()) {
            throw new Missing("session");
        }
        return whole.asSeenBy(seen::contains);
    }

    /** With everybody in it. Every recorded shot asks for it, and it hardly ever changes: read once for each of its versions. */
    private PracticeSession whole(UUID id) {
        int version = sessions.versionOf(id).orElseThrow(() -> new Missing("session"));
        AsOf known = remembered.getIfPresent(id);
        if (known == null || known.version() != version) {
            PracticeSessionEntity entity = sessions.findById(id).orElseThrow(() -> new Missing("session"));
            known = new AsOf(entity.version, toSession(entity, student -> true));
            remembered.put(id, known);
        }
        return known.session();
    }

    private record AsOf(int version, PracticeSession session) {}

    /** The numbers of a session's table, for whoever counts its attempts: nobody is asked who they are, so no endpoint calls this. */
    @Transactional(readOnly = true)
    public TableSpec tableOf(UUID id) {
        return sessions.findById(id)
                .map(entity -> numbers.read(entity.tableNumbers))
                .orElseThrow(() -> new Missing("session"));
    }

    @Transactional(readOnly = true)
    public List<PracticeSession> latest(SignedIn who, UUID studentId, int most) {
        Predicate<UUID> maySee = access.studentsSeenBy(who)::contains;
        if (!maySee.test(studentId)) {
            throw new Missing("student");
        }
        return sessions.ofStudent(studentId, Limit.of(most)).stream()
                .map(entity -> toSession(entity, maySee))
                .toList();
    }

    /** The same for several students in as many questions as for one: newest first for each, students without a session left out. */
    @Transactional(readOnly = true)
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
                        .collect(Collectors.toMap(entity -> entity.id, entity -> toSession(entity, seen::contains)));
        Map<UUID, List<PracticeSession>> byStudent = new HashMap<>();
        places.forEach(place -> byStudent
                .computeIfAbsent(place.studentId(), id -> new ArrayList<>())
                .add(byId.get(place.sessionId())));
        return byStudent;
    }

    /** A page of sessions and the names of whoever may be seen in them; {@code next} is where the one after begins, empty on the last. */
    public record Page(List<PracticeSession> sessions, Map<UUID, String> names, Optional<String> next) {}

    /** What is looked for; left out, everything. {@code after} is the {@code next} of the page before. */
    public record Search(
            Optional<UUID> studentId,
            Optional<String> drillId,
            Optional<UUID> tableId,
            Optional<Instant> from,
            Optional<Instant> until,
            Optional<String> after) {}

    /** Sessions of anybody that this person may see, newest first. */
    @Transactional(readOnly = true)
    public Page search(SignedIn who, Search search, int most) {
        Map<UUID, String> seen = access.namesSeenBy(who);
        search.studentId().filter(id -> !seen.containsKey(id)).ifPresent(id -> {
            throw new Missing("student");
        });
        if (seen.isEmpty()) {
            return new Page(List.of(), seen, Optional.empty());
        }
        SessionSearch.Wanted wanted = new SessionSearch.Wanted(
                search.studentId(),
                search.drillId(),
                search.tableId(),
                search.from(),
                search.until(),
                search.after().map(text -> SessionSearch.Place.read("after", text)));
        List<PracticeSession> listed = found.find(seen.keySet(), wanted, most + 1).stream()
                .map(entity -> toSession(entity, seen::containsKey))
                .toList();
        List<PracticeSession> page = listed.subList(0, Math.min(most, listed.size()));
        return new Page(
                page,
                seen,
                listed.size() > most
                        ? Optional.of(new SessionSearch.Place(
                                        page.get(most - 1).startedAt(),
                                        page.get(most - 1).id())
                                .text())
                        : Optional.empty());
    }

    /** A student's sessions of a drill between two days, both included (UTC), newest first. */
    @Transactional(readOnly = true)
    public List<PracticeSession> ofDrill(
            SignedIn who, UUID studentId, String drillId, LocalDate from, LocalDate to, int most) {
        access.requireStudent(who, studentId);
        Predicate<UUID> maySee = access.studentsSeenBy(who)::contains;
        return sessions
                .ofDrill(
                        studentId,
                        drillId,
                        from.atStartOfDay(ZoneOffset.UTC).toInstant(),
                        to.plusDays(1).atStartOfDay(ZoneOffset.UTC).toInstant(),
                        Limit.of(most))
                .stream()
                .map(entity -> toSession(entity, maySee))
                .toList();
    }

    /** A drill that is played already stays with its version. */
    public PracticeSession addDrill(SignedIn who, UUID id, String drillId) {
        PracticeSessionEntity entity = openToConduct(who, id);
        boolean known = entity.drills.stream().anyMatch(one -> one.drillId.equals(drillId));
        if (!known) {
            Require.between("drills", entity.drills.size() + 1, 1, MOST_DRILLS);
            entity.drills.add(played(who, drillId, Optional.empty(), numbers.read(entity.tableNumbers)));
        }
        return toSession(who, entity);
    }

    public PracticeSession addStudent(SignedIn who, UUID id, UUID studentId) {
        access.requireStudent(who, studentId);
        PracticeSessionEntity entity = openToConduct(who, id);
        if (!entity.studentIds.contains(studentId)) {
            Require.between("students", entity.studentIds.size() + 1, 1, MOST_STUDENTS);
            entity.studentIds.add(studentId);
        }
        return toSession(who, entity);
    }

    /** {@link Conflict} with the stored note if that is not the one which was changed; nothing is asked where that is left out. */
    public PracticeSession note(SignedIn who, UUID id, String note, Optional<String> before) {
        PracticeSessionEntity entity = toConduct(who, id);
        if (before.filter(known -> !known.equals(entity.note) && !note.equals(entity.note))
                .isPresent()) {
            throw new Conflict(
                    "NOTE_CHANGED", "This note was changed by somebody else meanwhile. Theirs is kept.", entity.note);
        }
        entity.note = Require.textOrNone("note", note, LONGEST_NOTE);
        return toSession(who, entity);
    }

    /** Pausing twice changes nothing. */
    public PracticeSession pause(SignedIn who, UUID id) {
        PracticeSessionEntity entity = openToConduct(who, id);
        endStretch(entity, now());
        return toSession(who, entity);
    }

    /** Going on where nothing is paused changes nothing. */
    public PracticeSession goOn(SignedIn who, UUID id) {
        PracticeSessionEntity entity = openToConduct(who, id);
        beginStretch(entity);
        return toSession(who, entity);
    }

    /** Closing twice changes nothing. */
    public PracticeSession close(SignedIn who, UUID id) {
        return close(who, id, Instant.now(clock));
    }

    /** As {@link #close}, at a stated time; for imports and demo data. */
    public PracticeSession close(SignedIn who, UUID id, Instant at) {
        PracticeSessionEntity entity = toConduct(who, id);
        if (entity.closedAt == null) {
            entity.closedAt = at.truncatedTo(ChronoUnit.MILLIS);
            endStretch(entity, entity.closedAt);
        }
        return toSession(who, entity);
    }

    public PracticeSession reopen(SignedIn who, UUID id) {
        PracticeSessionEntity entity = toConduct(who, id);
        entity.closedAt = null;
        entity.closedByItself = false;
        beginStretch(entity);
        return toSession(who, entity);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private void beginStretch(PracticeSessionEntity entity) {
        if (last(entity).map(stretch -> stretch.endedAt != null).orElse(true)) {
            entity.stretches.add(from(now()));
        }
    }

    private static void endStretch(PracticeSessionEntity entity, Instant at) {
        last(entity).filter(stretch -> stretch.endedAt == null).ifPresent(stretch -> {
            Under ended = from(stretch.begunAt);
            ended.endedAt = at;
            entity.stretches.set(entity.stretches.size() - 1, ended);
        });
    }

    private static Optional<Under> last(PracticeSessionEntity entity) {
        int n = entity.stretches.size();
        return n == 0 ? Optional.empty() : Optional.of(entity.stretches.get(n - 1));
    }

    private static Under from(Instant begunAt) {
        Under stretch = new Under();
        stretch.begunAt = begunAt;
        return stretch;
    }

    private Played played(SignedIn who, String drillId, Optional<Integer> version, TableSpec table) {
        Drill drill = drills.toPlay(who, drillId, version, table);
        // Its shots are about to be asked for: what is not known of them is worked out from now on.
        setUps.prepare(drill, table);
        Played played = new Played();
        played.drillId = drill.id();
        played.drillVersion = drill.version();
        return played;
    }

    private PracticeSessionEntity openToConduct(SignedIn who, UUID id) {
        PracticeSessionEntity entity = toConduct(who, id);
        if (entity.closedAt != null) {
            throw new Conflict("SESSION_CLOSED", "This session is closed; reopen it first.", null);
        }
        return entity;
    }

    /** Whoever only takes part beside others records and looks; the session itself is for whoever began it or sees everybody in it. */
    private PracticeSessionEntity toConduct(SignedIn who, UUID id) {
        PracticeSessionEntity entity = entity(who, id);
        boolean seesAll = entity.studentIds.stream().allMatch(student -> access.maySee(who, student));
        if (!seesAll && !entity.startedBy.equals(who.accountId())) {
            throw new NotAllowed("Only whoever began this session, or a coach of everybody in it, can do this.");
        }
        return entity;
    }

    private PracticeSessionEntity entity(SignedIn who, UUID id) {
        PracticeSessionEntity entity = sessions.findById(id).orElseThrow(() -> new Missing("session"));
        if (entity.studentIds.stream().noneMatch(student -> access.maySee(who, student))) {
            throw new Missing("session");
        }
        return entity;
    }

    /** A list of sessions asks about the same few students again and again. */
    private PracticeSession toSession(SignedIn who, PracticeSessionEntity entity) {
        return toSession(entity, student -> access.maySee(who, student));
    }

    private PracticeSession toSession(PracticeSessionEntity entity, Predicate<UUID> maySee) {
        return new PracticeSession(
                        entity.id,
                        List.copyOf(entity.studentIds),
                        entity.drills.stream()
                                .map(one -> new DrillVersion(one.drillId, one.drillVersion))
                                .toList(),
                        entity.tableId,
                        entity.tableName,
                        numbers.read(entity.tableNumbers),
                        entity.coached,
                        entity.note,
                        entity.startedAt,
                        Optional.ofNullable(entity.closedAt),
                        entity.closedByItself,
                        entity.stretches.stream()
                                .map(one -> new Stretch(one.begunAt, Optional.ofNullable(one.endedAt)))
                                .toList())
                .asSeenBy(maySee);
    }

    private static void requireOnce(String field, List<?> ids) {
        if (new HashSet<>(ids).size() < ids.size()) {
            throw new InvalidInputException(ProblemCode.DUPLICATE_ID, field, ids, "must name each only once");
        }
    }
}
