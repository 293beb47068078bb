package amberrail.app.sessions;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.kit.TableNumbers;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins, finds and closes practice sessions; every way in checks whose they are. */
@Service
@Transactional
public class SessionService {
    private final PracticeSessionRepository sessions;
    private final Access access;
    private final KitService kit;
    private final DrillCatalogue drills;
    private final TableNumbers numbers;
    private final Clock clock;

    SessionService(
            PracticeSessionRepository sessions,
            Access access,
            KitService kit,
            DrillCatalogue drills,
            TableNumbers numbers,
            Clock clock) {
        this.sessions = sessions;
        this.access = access;
        this.kit = kit;
        this.drills = drills;
        this.numbers = numbers;
        this.clock = clock;
    }

    public PracticeSession begin(SignedIn who, UUID studentId, String drillId, UUID tableId) {
        return begin(who, studentId, drillId, tableId, Instant.now(clock));
    }

    /** As {@link #begin}, at a stated time; for imports and demo data. */
    public PracticeSession begin(SignedIn who, UUID studentId, String drillId, UUID tableId, Instant startedAt) {
        access.requireStudent(who, studentId);
        KitService.ClubTable table = kit.table(tableId);
        Drill drill = drills.toPlay(who, drillId, table.spec());
        KitService.UsualGear gear = kit.usualGear(table.spec().kind());
        PracticeSessionEntity entity = new PracticeSessionEntity();
        entity.id = UUID.randomUUID();
        entity.studentId = studentId;
        entity.startedBy = who.accountId();
        entity.drillId = drill.id();
        entity.drillVersion = drill.version();
        entity.tableId = table.id();
        entity.tableVersion = table.version();
        entity.tableName = table.name();
        entity.tableNumbers = numbers.write(table.spec());
        entity.cueId = gear.cueId();
        entity.cueNumbers = String.format(
                Locale.ROOT,
                "{\"tipDiameterMillimetres\":%s,\"endMassRatio\":%s}",
                gear.tipDiameterMillimetres(),
                gear.endMassRatio());
        entity.ballSetId = gear.ballSetId();
        entity.startedAt = startedAt.truncatedTo(ChronoUnit.MILLIS);
        return toSession(sessions.save(entity));
    }

    /** {@link Missing} if there is none or it belongs to somebody this person may not see. */
    @Transactional(readOnly = true)
    public PracticeSession find(SignedIn who, UUID id) {
        return toSession(entity(who, id));
    }

    @Transactional(readOnly = true)
    public List<PracticeSession> latest(SignedIn who, UUID studentId, int most) {
        access.requireStudent(who, studentId);
        return sessions.findByStudentIdOrderByStartedAtDesc(studentId, Limit.of(most)).stream()
                .map(this::toSession)
                .toList();
    }

    /** Closing twice changes nothing. */
    public PracticeSession close(SignedIn who, UUID id) {
        return close(who, id, Instant.now(clock));
    }

    /** As {@link #close}, at a stated time; for imports and demo data. */
    public PracticeSession close(SignedIn who, UUID id, Instant at) {
        PracticeSessionEntity entity = entity(who, id);
        if (entity.closedAt == null) {
            entity.closedAt = at.truncatedTo(ChronoUnit.MILLIS);
        }
        return toSession(entity);
    }

    public PracticeSession reopen(SignedIn who, UUID id) {
        PracticeSessionEntity entity = entity(who, id);
        entity.closedAt = null;
        return toSession(entity);
    }

    private PracticeSessionEntity entity(SignedIn who, UUID id) {
        PracticeSessionEntity entity = sessions.findById(id).orElseThrow(() -> new Missing("session"));
        try {
            access.requireStudent(who, entity.studentId);
        } catch (Missing hidden) {
            throw new Missing("session");
        }
        return entity;
    }

    private PracticeSession toSession(PracticeSessionEntity entity) {
        return new PracticeSession(
                entity.id,
                entity.studentId,
                entity.drillId,
                entity.drillVersion,
                entity.tableId,
                entity.tableName,
                numbers.read(entity.tableNumbers),
                entity.startedAt,
                Optional.ofNullable(entity.closedAt));
    }
}
