package amberrail.app.kit;

import amberrail.app.people.FirstCoachJoined;
import amberrail.app.web.Missing;
import amberrail.core.table.BallSet;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the club plays on. */
@Service
@Transactional
public class KitService {
    private static final double POOL_END_MASS_RATIO = 22;
    private static final double SNOOKER_END_MASS_RATIO = 25;
    private static final double PUB_END_MASS_RATIO = 18;

    private final ClubTableRepository tables;
    private final BallSetRepository ballSets;
    private final CueRepository cues;
    private final TableNumbers numbers;

    KitService(ClubTableRepository tables, BallSetRepository ballSets, CueRepository cues, TableNumbers numbers) {
        this.tables = tables;
        this.ballSets = ballSets;
        this.cues = cues;
        this.numbers = numbers;
    }

    /** One table of the club as it is now. */
    public record ClubTable(UUID id, String name, int version, TableSpec spec) {}

    /** A ball set and a cue to play with. */
    public record Gear(UUID ballSetId, BallSet balls, UUID cueId, double tipDiameterMillimetres, double endMassRatio) {}

    /** Something of the club's with its name. */
    public record Named(UUID id, String name) {}

    @Transactional(readOnly = true)
    public List<ClubTable> tables() {
        return tables.findAllByOrderBySortOrder().stream().map(this::toTable).toList();
    }

    @Transactional(readOnly = true)
    public ClubTable table(UUID id) {
        return tables.findById(id).map(this::toTable).orElseThrow(() -> new Missing("table"));
    }

    /** What was chosen, or where nothing was what goes with this kind of table; {@link Missing} for an unknown id. */
    @Transactional(readOnly = true)
    public Gear gear(Optional<UUID> ballSetId, Optional<UUID> cueId, TableKind kind) {
        String usual = gearName(kind);
        CueEntity cue = cueId.map(cues::findById)
                .orElseGet(() -> cues.findByName(usual))
                .orElseThrow(() -> new Missing("cue"));
        BallSetEntity balls = ballSetId
                .map(ballSets::findById)
                .orElseGet(() -> ballSets.findByName(usual))
                .orElseThrow(() -> new Missing("ball set"));
        return new Gear(balls.id, balls.toBallSet(), cue.id, cue.tipDiameterMillimetres, cue.endMassRatio);
    }

    @Transactional(readOnly = true)
    public List<Named> ballSets() {
        return ballSets.findAll().stream()
                .map(set -> new Named(set.id, set.name))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Named> cues() {
        return cues.findAll().stream().map(cue -> new Named(cue.id, cue.name)).toList();
    }

    @EventListener
    void seed(FirstCoachJoined event) {
        int order = 0;
        for (TableSpec preset : TablePresets.all()) {
            ClubTableEntity table = new ClubTableEntity();
            table.id = UUID.randomUUID();
            table.name = tableName(preset);
            table.version = 1;
            table.numbers = numbers.write(preset);
            table.sortOrder = order++;
            tables.save(table);
        }
        seedGear(TablePresets.POOL_9FT, POOL_END_MASS_RATIO);
        seedGear(TablePresets.SNOOKER_12FT, SNOOKER_END_MASS_RATIO);
        seedGear(TablePresets.PUB_7FT, PUB_END_MASS_RATIO);
    }

    private void seedGear(TableSpec table, double endMassRatio) {
        ballSets.save(BallSetEntity.of(gearName(table.kind()), table.balls()));
        CueEntity cue = new CueEntity();
        cue.id = UUID.randomUUID();
        cue.name = gearName(table.kind());
        cue.version = 1;
        cue.tipDiameterMillimetres = table.kind().tipDiameterMillimetres();
        cue.endMassRatio = endMassRatio;
        cues.save(cue);
    }

    private static String gearName(TableKind kind) {
        return switch (kind) {
            case POOL -> "Pool";
            case SNOOKER -> "Snooker";
            case PUB -> "Pub";
        };
    }

    private static String tableName(TableSpec preset) {
        return switch (preset.id()) {
            case "pool-9ft" -> "Pool table, 9 ft";
            case "pool-8ft" -> "Pool table, 8 ft";
            case "pool-7ft" -> "Pool table, 7 ft";
            case "snooker-12ft" -> "Snooker table, 12 ft";
            default -> "Pub table, 7 ft";
        };
    }

    private ClubTable toTable(ClubTableEntity entity) {
        return new ClubTable(entity.id, entity.name, entity.version, numbers.read(entity.numbers));
    }
}
