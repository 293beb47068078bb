package amberrail.app.kit;

import amberrail.app.people.FirstCoachJoined;
import amberrail.app.web.LaterWork;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gives a club the presets: all of them when it begins, and whatever a later release brings when the server starts. Each is given once, so that
 * what a club has archived does not come back.
 */
@Component
class KitPresets implements LaterWork {
    private static final Logger LOG = LoggerFactory.getLogger(KitPresets.class);
    /** A shaft made to weigh little at its end (model.md, section 8: 15 to 40 are met). */
    private static final double LIGHT_END_RATIO = 35;

    private final ClubTableRepository tables;
    private final BallSetRepository ballSets;
    private final CueRepository cues;
    private final KitPresetRepository given;
    private final TableNumbers numbers;

    KitPresets(
            ClubTableRepository tables,
            BallSetRepository ballSets,
            CueRepository cues,
            KitPresetRepository given,
            TableNumbers numbers) {
        this.tables = tables;
        this.ballSets = ballSets;
        this.cues = cues;
        this.given = given;
        this.numbers = numbers;
    }

    private record Preset(String name, Runnable give) {}

    @EventListener
    @Transactional
    void clubBegins(FirstCoachJoined event) {
        giveWhatIsNew();
    }

    /** A club that began with an earlier version is given what came with this one. */
    @Override
    @Transactional
    public void afterTheStart() {
        if (tables.count() > 0) {
            giveWhatIsNew();
        }
    }

    private void giveWhatIsNew() {
        for (Preset preset : all()) {
            if (!given.existsById(preset.name)) {
                preset.give.run();
                KitPresetEntity row = new KitPresetEntity();
                row.preset = preset.name;
                given.save(row);
                LOG.info("preset given: {}", preset.name);
            }
        }
    }

    private List<Preset> all() {
        List<Preset> presets = new ArrayList<>();
        for (TableSpec table : TablePresets.all()) {
            presets.add(new Preset("table " + table.id(), () -> giveTable(table)));
        }
        for (TableKind kind : TableKind.values()) {
            String lower = kind.name().toLowerCase(java.util.Locale.ROOT);
            presets.add(new Preset("gear " + lower, () -> giveGear(kind)));
        }
        presets.add(new Preset("cue light end", () -> giveCue("Light-ended shaft", TableKind.POOL, LIGHT_END_RATIO)));
        return presets;
    }

    private void giveTable(TableSpec preset) {
        ClubTableEntity table = new ClubTableEntity();
        table.id = UUID.randomUUID();
        table.name = tableName(preset);
        table.version = 1;
        table.numbers = numbers.write(preset);
        table.sortOrder = (int) tables.count();
        tables.save(table);
    }

    private void giveGear(TableKind kind) {
        BallSetEntity balls =
                BallSetEntity.of(gearName(kind), TablePresets.usual(kind).balls());
        balls.usualFor = kind;
        ballSets.save(balls);
        giveCue(gearName(kind), kind, kind.usualEndMassRatio()).usualFor = kind;
    }

    private CueEntity giveCue(String name, TableKind kind, double endMassRatio) {
        CueEntity cue = new CueEntity();
        cue.id = UUID.randomUUID();
        cue.name = name;
        cue.version = 1;
        cue.tipDiameterMillimetres = kind.tipDiameterMillimetres();
        cue.endMassRatio = endMassRatio;
        cue.elevationDegrees = CueEntity.USUAL_ELEVATION_DEGREES;
        return cues.save(cue);
    }

    static String gearName(TableKind kind) {
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
}
