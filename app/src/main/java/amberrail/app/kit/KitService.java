package amberrail.app.kit;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.TableFigures;
import amberrail.core.table.BallSet;
import amberrail.core.table.TableKind;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the club plays on, as it is now. */
@Service
@Transactional(readOnly = true)
public class KitService {
    private final ClubTableRepository tables;
    private final BallSetRepository ballSets;
    private final CueRepository cues;
    private final TableNumbers numbers;
    private final KitHistory history;
    private final CueRights rights;
    private final Access access;

    KitService(
            ClubTableRepository tables,
            BallSetRepository ballSets,
            CueRepository cues,
            TableNumbers numbers,
            KitHistory history,
            CueRights rights,
            Access access) {
        this.tables = tables;
        this.ballSets = ballSets;
        this.cues = cues;
        this.numbers = numbers;
        this.history = history;
        this.rights = rights;
        this.access = access;
    }

    /** One table of the club as it is now: {@code spec} has the numbers that are believed of it. */
    public record ClubTable(UUID id, String name, int version, TableSpec spec) {}

    /** A ball set and a cue to play with. */
    public record Gear(
            UUID ballSetId,
            BallSet balls,
            UUID cueId,
            double tipDiameterMillimetres,
            double endMassRatio,
            double elevationDegrees) {}

    /** A cue with its numbers. */
    public record KnownCue(UUID id, String name, CueFigures figures) {}

    /** A cue that is looked after. */
    public record ClubCue(UUID id, String name, int version) {}

    /** Something of the club's with its name. */
    public record Named(UUID id, String name) {}

    /** Those that stand in the club. */
    public List<ClubTable> tables() {
        return tables.findAllByOrderBySortOrder().stream()
                .filter(table -> !table.archived)
                .map(this::toTable)
                .toList();
    }

    /** Those that are gone too: what was played on them stays. */
    public List<ClubTable> everyTable() {
        return tables.findAllByOrderBySortOrder().stream().map(this::toTable).toList();
    }

    public ClubTable table(UUID id) {
        return tables.findById(id).map(this::toTable).orElseThrow(() -> new Missing("table"));
    }

    /** What was chosen, or where nothing was what goes with this kind of table; {@link Missing} for an unknown id. */
    public Gear gear(Optional<UUID> ballSetId, Optional<UUID> cueId, TableKind kind) {
        CueEntity cue = cueId.map(cues::findById)
                .orElseGet(() -> cues.findFirstByUsualForOrderByArchived(kind))
                .orElseThrow(() -> new Missing("cue"));
        BallSetEntity balls = ballSetId
                .map(ballSets::findById)
                .orElseGet(() -> ballSets.findFirstByUsualForOrderByArchived(kind))
                .orElseThrow(() -> new Missing("ball set"));
        return new Gear(
                balls.id,
                balls.toBallSet(),
                cue.id,
                cue.tipDiameterMillimetres,
                cue.endMassRatio,
                cue.elevationDegrees);
    }

    public List<Named> ballSets() {
        return ballSets.findAllByArchivedFalseOrderByName().stream()
                .map(set -> new Named(set.id, set.name))
                .toList();
    }

    /** The club's, and those that students have of their own where somebody may see them. */
    public List<Named> cues(SignedIn who) {
        Set<UUID> students = access.studentsSeenBy(who);
        return cues.findAllByArchivedFalseOrderByName().stream()
                .filter(cue -> cue.ownerId == null || students.contains(cue.ownerId))
                .map(cue -> new Named(cue.id, cue.name))
                .toList();
    }

    /** What is known of a table's numbers. */
    public TableFigures figures(UUID tableId) {
        return history.latest(tableId)
                .map(row -> history.read(row, TableFigures.class))
                .orElseGet(
                        () -> TableFigures.preset(CheckedTable.of(table(tableId).spec())));
    }

    /** From when the present numbers of a table's cloth hold; empty where they always have. */
    public Optional<Instant> numbersSince(UUID tableId) {
        return history.of(tableId).stream()
                .filter(row -> row.source.isOfCloth())
                .findFirst()
                .map(row -> row.knownFrom);
    }

    /** A cue with what is known of it; {@link Missing} for another student's. */
    public KnownCue cue(SignedIn who, UUID id) {
        CueEntity cue = cues.findById(id).filter(one -> rights.maySee(who, one)).orElseThrow(() -> new Missing("cue"));
        CueFigures figures = history.latest(id)
                .map(row -> history.read(row, CueFigures.class))
                .orElseGet(() -> ClubGear.typed(cue));
        return new KnownCue(cue.id, cue.name, figures);
    }

    /** A cue that this person may look after; {@link Missing} for another's. */
    public ClubCue cueToChange(SignedIn who, UUID id) {
        CueEntity cue = cues.findById(id).orElseThrow(() -> new Missing("cue"));
        rights.requireMayChange(who, cue);
        return new ClubCue(cue.id, cue.name, cue.version);
    }

    /** Whose cue has which name. */
    public String cueName(UUID id) {
        return cues.findById(id).map(cue -> cue.name).orElseThrow(() -> new Missing("cue"));
    }

    private ClubTable toTable(ClubTableEntity entity) {
        return new ClubTable(entity.id, entity.name, entity.version, numbers.read(entity.numbers));
    }
}
