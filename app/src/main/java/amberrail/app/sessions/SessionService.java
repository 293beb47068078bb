package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.CueNumbers;
import amberrail.app.kit.KitService;
import amberrail.app.kit.TableNumbers;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
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
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
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
    private final SessionMapping mapping;
    private final Access access;
    private final KitService kit;
    private final DrillCatalogue drills;
    private final TableNumbers numbers;
    private final CueNumbers cueNumbers;
    private final SetUps setUps;
    private final Clock clock;
    private final Cache<UUID, AsOf> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    SessionService(
            PracticeSessionRepository sessions,
            SessionMapping mapping,
            Access access,
            KitService kit,
            DrillCatalogue drills,
            TableNumbers numbers,
            CueNumbers cueNumbers,
            SetUps setUps,
            Clock clock) {
        this.sessions = sessions;
        this.mapping = mapping;
        this.access = access;
        this.kit = kit;
        this.drills = drills;
        this.numbers = numbers;
        this.cueNumbers = cueNumbers;
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
            Optional<UUID> cueId,
            Optional<PracticeOrder> order) {
        /** With what goes with the table. */
        public Beginning(List<UUID> studentIds, List<String> drillIds, UUID tableId, boolean coached) {
            this(studentIds, drillIds, tableId, coached, Optional.empty(), Optional.empty(), Optional.empty());
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
        entity.practiceOrder = beginning.order().orElse(null);
        entity.tableId = table.id();
        entity.tableVersion = table.version();
        entity.tableName = table.name();
        entity.tableNumbers = numbers.write(spec);
        entity.cueId = gear.cueId();
        entity.cueNumbers =
                cueNumbers.write(new CueNumbers.CueUsed(gear.tipDiameterMillimetres(), gear.endMassRatio()));
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
            known = new AsOf(entity.version, mapping.of(entity, student -> true));
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
                    "NOTE_CHANGED",
                    "Somebody else changed this note meanwhile: theirs is saved, yours is not yet.",
                    entity.note);
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

    private PracticeSession toSession(SignedIn who, PracticeSessionEntity entity) {
        return mapping.of(entity, student -> access.maySee(who, student));
    }

    private static void requireOnce(String field, List<?> ids) {
        if (new HashSet<>(ids).size() < ids.size()) {
            throw new InvalidInputException(ProblemCode.DUPLICATE_ID, field, ids, "must name each only once");
        }
    }
}
