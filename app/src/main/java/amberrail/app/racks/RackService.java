package amberrail.app.racks;

import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.PlanOrder;
import amberrail.core.rack.RackChance;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackTable;
import amberrail.core.rack.RecordedRack;
import amberrail.core.rack.RecordedShot;
import amberrail.core.table.TableSpec;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps racks and their shots: what is sent twice is kept once, and what they come to is worked out with every write. */
@Service
@Transactional
class RackService {
    private static final int MOST_SHOTS = 120;
    private static final int OLDEST_DAYS = 3_660;

    private final RackRepository racks;
    private final RackShotRepository shots;
    private final RackTables tables;
    private final RackJson json;
    private final Access access;
    private final Clock clock;

    RackService(
            RackRepository racks,
            RackShotRepository shots,
            RackTables tables,
            RackJson json,
            Access access,
            Clock clock) {
        this.racks = racks;
        this.shots = shots;
        this.tables = tables;
        this.json = json;
        this.access = access;
        this.clock = clock;
    }

    /** A new rack, or another plan and note of one that is there. */
    void write(SignedIn who, UUID id, RackBody body) {
        access.requireStudent(who, body.studentId());
        KitService.ClubTable table = tables.club(body.tableId());
        RackEntity rack = racks.findToChange(id).orElse(null);
        if (rack == null) {
            rack = begun(who, id, body, table);
        } else if (!rack.studentId.equals(body.studentId()) || !rack.layout.equals(json.written(body.layout()))) {
            throw new Conflict(
                    "ANOTHER_RACK", "A rack's student and layout stay as they were when it was begun.", null);
        }
        RackPosition start = body.layout().layout().on(tableOf(rack));
        PlanOrder.requireLegal(
                start, body.plan().stream().map(PlannedBall::ball).toList());
        rack.plan = body.plan().isEmpty() ? null : json.written(body.plan());
        rack.note = body.note();
        rack.revision++;
        racks.saveAndFlush(rack);
    }

    private RackEntity begun(SignedIn who, UUID id, RackBody body, KitService.ClubTable table) {
        RackEntity rack = new RackEntity();
        rack.id = id;
        rack.studentId = body.studentId();
        rack.tableId = table.id();
        rack.tableName = table.name();
        rack.tableNumbers = json.written(table.spec());
        rack.game = body.layout().game();
        rack.rules = json.written(body.rules());
        rack.layout = json.written(body.layout());
        rack.origin = body.origin();
        rack.breakDown = body.origin() == RackOrigin.BREAK ? body.breakDown() : null;
        rack.breakInOff = body.origin() == RackOrigin.BREAK ? body.breakInOff() : null;
        rack.startedAt = plausible(body.startedAt());
        rack.begunBy = who.accountId();
        return rack;
    }

    private Instant plausible(Instant said) {
        Instant now = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        Instant cut = said.truncatedTo(ChronoUnit.MILLIS);
        return cut.isAfter(now) || cut.isBefore(now.minus(OLDEST_DAYS, ChronoUnit.DAYS)) ? now : cut;
    }

    /** A shot, new or changed; what does not follow from the shots before it is refused with all of them unchanged. */
    void writeShot(SignedIn who, UUID rackId, UUID shotId, RackShotBody body) {
        RackEntity rack = toChange(who, rackId);
        RackShotEntity row = shots.findById(shotId).orElseGet(() -> {
            RackShotEntity made = new RackShotEntity();
            made.id = shotId;
            made.rackId = rackId;
            made.takenBy = who.accountId();
            return made;
        });
        if (!row.rackId.equals(rackId)) {
            throw new Missing("shot");
        }
        row.number = body.number();
        row.shot = json.written(body);
        row.withdrawn = body.withdrawn();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        shots.saveAndFlush(row);
        List<RackShotEntity> all = shots.findByRackIdOrderByNumberAscChangedAtAsc(rackId);
        if (all.size() > MOST_SHOTS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "number", all.size(), "must not be more than " + MOST_SHOTS);
        }
        RecordedRack played = played(rack, counted(all));
        rack.endReason = played.end().orElse(null);
        rack.potted = played.potted();
        rack.points = played.points();
        rack.revision++;
    }

    void keepWorth(UUID id, RackChance chance) {
        RackEntity rack = racks.findToChange(id).orElseThrow(() -> new Missing("rack"));
        rack.chance = chance.chance();
        rack.chanceError = chance.standardError();
    }

    private RackEntity toChange(SignedIn who, UUID id) {
        RackEntity rack = racks.findToChange(id).orElseThrow(() -> new Missing("rack"));
        requireMaySee(who, rack);
        return rack;
    }

    /** {@link Missing} for a rack that is not there or that of a student whom this person may not see. */
    RackEntity rack(SignedIn who, UUID id) {
        RackEntity rack = racks.findById(id).orElseThrow(() -> new Missing("rack"));
        requireMaySee(who, rack);
        return rack;
    }

    private void requireMaySee(SignedIn who, RackEntity rack) {
        if (!access.maySee(who, rack.studentId)) {
            throw new Missing("rack");
        }
    }

    RackTable tableOf(RackEntity rack) {
        return tables.of(json.read(rack.tableNumbers, TableSpec.class));
    }

    RackLayoutBody layoutOf(RackEntity rack) {
        return json.read(rack.layout, RackLayoutBody.class);
    }

    HouseRules rulesOf(RackEntity rack) {
        return json.read(rack.rules, HouseRules.class);
    }

    RecordedRack played(RackEntity rack, List<RecordedShot> counted) {
        return RecordedRack.of(layoutOf(rack).layout(), tableOf(rack), rulesOf(rack), counted);
    }

    /** Those that were not taken out again, as they were played. */
    List<RecordedShot> counted(List<RackShotEntity> rows) {
        return rows.stream()
                .filter(row -> !row.withdrawn)
                .map(row -> json.read(row.shot, RackShotBody.class).shot())
                .toList();
    }
}
