package amberrail.app.kitcheck;

import amberrail.app.kit.ClubGear;
import amberrail.app.kit.ClubTables;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.kit.Reading;
import amberrail.core.kit.SideReading;
import amberrail.core.kit.TableFigures;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.TableSpec;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins checks, keeps their readings and takes what they have found. Coaches check what is the club's; students a cue of their own. */
@Service
@Transactional
class CheckService {
    private static final int MOST_READINGS = 200;

    private final KitCheckRepository checks;
    private final KitReadingRepository readings;
    private final KitService kit;
    private final ClubTables tables;
    private final ClubGear gear;
    private final Findings findings;
    private final Access access;
    private final Clock clock;

    CheckService(
            KitCheckRepository checks,
            KitReadingRepository readings,
            KitService kit,
            ClubTables tables,
            ClubGear gear,
            Findings findings,
            Access access,
            Clock clock) {
        this.checks = checks;
        this.readings = readings;
        this.kit = kit;
        this.tables = tables;
        this.gear = gear;
        this.findings = findings;
        this.access = access;
        this.clock = clock;
    }

    /** A reading as somebody wrote it down. */
    record Written(Reading reading, Instant takenAt, boolean confirmed, boolean withdrawn) {}

    /** The check that is under way for a table, or a cue on a table; a new one where there is none. */
    UUID begin(SignedIn who, UUID tableId, Optional<UUID> cueId) {
        requireMayCheck(who, cueId);
        kit.table(tableId);
        UUID thing = cueId.orElse(tableId);
        Optional<KitCheckEntity> open = checks.findByOpenFor(thing);
        if (open.isPresent()) {
            return open.get().id;
        }
        KitCheckEntity check = new KitCheckEntity();
        check.id = UUID.randomUUID();
        check.tableId = tableId;
        check.cueId = cueId.orElse(null);
        check.openFor = thing;
        check.begunBy = who.accountId();
        check.begunAt = now();
        return checks.saveAndFlush(check).id;
    }

    /** The same reading sent again, or changed, takes the place of what was there; whoever wrote it first stays named. */
    void write(SignedIn who, UUID checkId, UUID readingId, Written written) {
        KitCheckEntity check = openCheck(who, checkId);
        TableSpec table = kit.table(check.tableId).spec();
        requireFits(check, table, written.reading());
        KitReadingEntity row = readings.findById(readingId).orElseGet(() -> {
            if (readings.countByCheckId(checkId) >= MOST_READINGS) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER,
                        "readings",
                        MOST_READINGS,
                        "must not be more: begin another check");
            }
            KitReadingEntity made = new KitReadingEntity();
            made.id = readingId;
            made.checkId = checkId;
            made.takenBy = who.accountId();
            made.takenAt = plausible(written.takenAt());
            return made;
        });
        if (!row.checkId.equals(checkId)) {
            throw new Missing("reading");
        }
        row.fill(written.reading());
        row.confirmed = written.confirmed();
        row.withdrawn = written.withdrawn();
        row.changedAt = now();
        readings.saveAndFlush(row);
        check.revision++;
    }

    private Instant plausible(Instant takenAt) {
        Instant now = now();
        Instant cut = takenAt.truncatedTo(ChronoUnit.MILLIS);
        return cut.isAfter(now) || cut.isBefore(now.minus(60, ChronoUnit.DAYS)) ? now : cut;
    }

    private static void requireFits(KitCheckEntity check, TableSpec table, Reading reading) {
        if ((check.cueId != null) != (reading instanceof SideReading)) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION,
                    "kind",
                    reading.getClass().getSimpleName(),
                    check.cueId == null ? "must be a roll, a rebound or a slide" : "must be a stroke with side");
        }
        requireOnBed("xMetres", reading.x(), table.lengthMillimetres());
        requireOnBed("yMetres", reading.y(), table.widthMillimetres());
    }

    private static void requireOnBed(String field, double metres, double most) {
        if (!(metres >= 0 && 1000 * metres <= most)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, metres, "must be on the bed, from 0 to " + most / 1000);
        }
    }

    /** It was another table: the marks were at the same sights of that one. */
    void moveTo(SignedIn who, UUID checkId, UUID tableId) {
        KitCheckEntity check = openCheck(who, checkId);
        TableSpec from = kit.table(check.tableId).spec();
        TableSpec to = kit.table(tableId).spec();
        if (check.cueId == null) {
            checks.findByOpenFor(tableId)
                    .filter(other -> !other.id.equals(checkId))
                    .ifPresent(other -> {
                        throw new Conflict(
                                "CHECK_UNDER_WAY",
                                "That table is being checked already: end that check first, or go on in it.",
                                other.id);
                    });
            check.openFor = tableId;
        }
        check.tableId = tableId;
        check.revision++;
        double along = to.lengthMillimetres() / from.lengthMillimetres();
        double across = to.widthMillimetres() / from.widthMillimetres();
        for (KitReadingEntity row : readings.findAllByCheckIdOrderByTakenAtAscIdAsc(checkId)) {
            row.xMetres = Math.min(row.xMetres * along, to.lengthMillimetres() / 1000);
            row.yMetres = Math.min(row.yMetres * across, to.widthMillimetres() / 1000);
        }
    }

    /** From now on predictions are made with it; {@code version} is that of the table or cue that was looked at. */
    void take(SignedIn who, UUID checkId, int version) {
        KitCheckEntity check = openCheck(who, checkId);
        List<Reading> counted = counted(checkId);
        TableSpec spec = kit.table(check.tableId).spec();
        if (check.cueId == null) {
            Findings.TableFinding found = findings.ofTable(spec, counted);
            requireTold(found.progress().states().stream().anyMatch(state -> state.told()));
            TableFigures before = kit.figures(check.tableId);
            TableFigures taken = found.estimate().figures().orElse(before, found.prior());
            tables.takeCheck(who, check.tableId, version, checkId, taken);
        } else {
            Findings.CueFinding found = findings.ofCue(spec, kit.figures(check.tableId), sides(counted));
            requireTold(found.progress().told());
            gear.takeCheck(
                    who,
                    check.cueId,
                    version,
                    checkId,
                    found.estimate().endMassRatio(),
                    found.estimate().elevationDegrees());
        }
        close(check, true);
    }

    private static void requireTold(boolean told) {
        if (!told) {
            throw new Conflict("NOTHING_TOLD", "These readings do not tell anything yet: make a few more tries.", null);
        }
    }

    /** Ends it without taking anything; the readings stay. */
    void leave(SignedIn who, UUID checkId) {
        close(openCheck(who, checkId), false);
    }

    private void close(KitCheckEntity check, boolean taken) {
        check.openFor = null;
        check.closedAt = now();
        check.taken = taken;
        check.revision++;
    }

    /** Readings that count, as they were made. */
    List<Reading> counted(UUID checkId) {
        return readings.findAllByCheckIdOrderByTakenAtAscIdAsc(checkId).stream()
                .filter(row -> !row.withdrawn)
                .map(KitReadingEntity::reading)
                .toList();
    }

    static List<SideReading> sides(List<Reading> readings) {
        return readings.stream().map(SideReading.class::cast).toList();
    }

    private KitCheckEntity openCheck(SignedIn who, UUID id) {
        KitCheckEntity check = checks.findToChange(id).orElseThrow(() -> new Missing("check"));
        requireMayCheck(who, Optional.ofNullable(check.cueId));
        if (check.closedAt != null) {
            throw new Conflict("CHECK_CLOSED", "This check has been ended: begin another one.", null);
        }
        return check;
    }

    void requireMayCheck(SignedIn who, Optional<UUID> cueId) {
        if (cueId.isPresent()) {
            kit.cueToChange(who, cueId.get());
        } else {
            access.requireCoach(who);
        }
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
