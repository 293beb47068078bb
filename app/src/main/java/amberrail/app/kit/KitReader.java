package amberrail.app.kit;

import amberrail.app.kit.KitViews.BallsRow;
import amberrail.app.kit.KitViews.BallsSetRow;
import amberrail.app.kit.KitViews.BallsView;
import amberrail.app.kit.KitViews.CueRow;
import amberrail.app.kit.KitViews.CueSetRow;
import amberrail.app.kit.KitViews.FigureView;
import amberrail.app.kit.KitViews.KitTablePage;
import amberrail.app.kit.KitViews.KitTableRow;
import amberrail.app.kit.KitViews.KitView;
import amberrail.app.kit.KitViews.NumberRow;
import amberrail.app.kit.KitViews.PresetRow;
import amberrail.app.kit.KitViews.SetRow;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.Estimated;
import amberrail.core.kit.TableFigure;
import amberrail.core.kit.TableFigures;
import amberrail.core.kit.TableVerdict;
import amberrail.core.motion.CueStrike;
import amberrail.core.table.BallSet;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what the club owns and what is known of it. */
@Service
@Transactional(readOnly = true)
class KitReader {
    private static final double SQUIRT_AT_MILLIMETRES = 10;

    private final ClubTableRepository tables;
    private final BallSetRepository ballSets;
    private final CueRepository cues;
    private final TableNumbers numbers;
    private final KitHistory history;
    private final CueRights rights;
    private final Access access;
    private final PeopleService people;

    KitReader(
            ClubTableRepository tables,
            BallSetRepository ballSets,
            CueRepository cues,
            TableNumbers numbers,
            KitHistory history,
            CueRights rights,
            Access access,
            PeopleService people) {
        this.tables = tables;
        this.ballSets = ballSets;
        this.cues = cues;
        this.numbers = numbers;
        this.history = history;
        this.rights = rights;
        this.access = access;
        this.people = people;
    }

    KitView all(SignedIn who) {
        Map<UUID, KitFiguresEntity> ofTables = byThing(history.latestOfCloths());
        Map<UUID, KitFiguresEntity> ofCues = byThing(history.latestOfCues());
        Map<UUID, String> names = access.namesSeenBy(who);
        return new KitView(
                tables.findAllByOrderBySortOrder().stream()
                        .map(table -> row(table, Optional.ofNullable(ofTables.get(table.id))))
                        .toList(),
                ballSets.findAllByOrderByName().stream()
                        .map(set -> new BallsRow(set.id, set.name, set.version, set.archived, view(set.toBallSet())))
                        .toList(),
                cues.findAllByOrderByName().stream()
                        .filter(cue -> cue.ownerId == null || names.containsKey(cue.ownerId))
                        .map(cue -> row(who, cue, Optional.ofNullable(ofCues.get(cue.id)), names))
                        .toList(),
                TablePresets.all().stream()
                        .map(preset -> new PresetRow(preset.id(), preset.kind(), preset.lengthMillimetres()))
                        .toList());
    }

    private static Map<UUID, KitFiguresEntity> byThing(List<KitFiguresEntity> sets) {
        return sets.stream().collect(Collectors.toMap(row -> row.thingId, Function.identity()));
    }

    private KitTableRow row(ClubTableEntity table, Optional<KitFiguresEntity> latest) {
        TableSpec spec = numbers.read(table.numbers);
        CheckedTable checked = CheckedTable.of(spec);
        // A new cloth has a set of its own, and nothing is known of it.
        Optional<TableFigures> measured = latest.map(set -> history.read(set, TableFigures.class))
                .filter(figures -> isMeasured(checked, figures));
        Optional<KitFiguresEntity> later = latest.filter(set -> set.source != FigureSource.PRESET);
        return new KitTableRow(
                table.id,
                table.name,
                spec.id(),
                spec.kind(),
                table.archived,
                table.clothName,
                table.clothFittedOn,
                later.map(set -> set.source).orElse(FigureSource.PRESET),
                later.map(set -> set.knownFrom).orElse(null),
                latest.filter(set -> set.checkId != null)
                        .map(set -> set.knownFrom)
                        .orElse(null),
                measured.map(figures -> TableVerdict.of(checked, figures)).orElse(null));
    }

    private static boolean isMeasured(CheckedTable table, TableFigures figures) {
        TableFigures preset = TableFigures.preset(table);
        return Arrays.stream(TableFigure.values()).anyMatch(figure -> figures.tells(figure, preset));
    }

    private CueRow row(SignedIn who, CueEntity cue, Optional<KitFiguresEntity> latest, Map<UUID, String> names) {
        Optional<CueFigures> figures = latest.map(set -> history.read(set, CueFigures.class));
        Estimated ratio = figures.map(CueFigures::endMassRatio).orElseGet(() -> ClubGear.about(cue.endMassRatio));
        Estimated elevation =
                figures.map(CueFigures::elevationDegrees).orElseGet(() -> ClubGear.about(cue.elevationDegrees));
        return new CueRow(
                cue.id,
                cue.name,
                cue.version,
                cue.archived,
                cue.ownerId,
                cue.ownerId == null ? null : names.get(cue.ownerId),
                who.isCoach() || who.accountId().equals(cue.ownerId),
                latest.map(set -> set.source).orElse(FigureSource.PRESET),
                latest.filter(set -> set.source != FigureSource.PRESET)
                        .map(set -> set.knownFrom)
                        .orElse(null),
                cue.tipDiameterMillimetres,
                SQUIRT_AT_MILLIMETRES,
                Math.abs(struckAside(ratio.value()).squirtDegrees()),
                FigureView.of(ratio),
                FigureView.of(elevation));
    }

    /** A pool ball struck so far off its centre: what makes two cues comparable. */
    private static CueStrike struckAside(double endMassRatio) {
        double radius = TablePresets.POOL_9FT.balls().cueBall().radiusMillimetres();
        return new CueStrike(1, 0, SQUIRT_AT_MILLIMETRES / radius, 0, 0, OptionalDouble.of(endMassRatio));
    }

    private static BallsView view(BallSet balls) {
        return new BallsView(
                balls.cueBall().diameterMillimetres(),
                balls.cueBall().massKilograms(),
                balls.objectBall().diameterMillimetres(),
                balls.objectBall().massKilograms());
    }

    KitTablePage table(UUID id) {
        ClubTableEntity table = tables.findById(id).orElseThrow(() -> new Missing("table"));
        TableSpec spec = numbers.read(table.numbers);
        TableFigures preset = TableFigures.preset(CheckedTable.of(spec));
        List<SetRow> sets = sets(spec, preset, history.of(id));
        return new KitTablePage(
                table.id,
                table.name,
                spec.id(),
                table.version,
                table.archived,
                table.clothName,
                table.clothFittedOn,
                table.nap,
                spec.corner().mouthMillimetres(),
                spec.side().mouthMillimetres(),
                spec.noseHeightMillimetres(),
                TableDrawing.of(spec),
                sets.isEmpty()
                        ? rows(CheckedTable.of(spec), preset, preset)
                        : sets.get(0).numbers(),
                sets.isEmpty()
                        ? TableVerdict.of(CheckedTable.of(spec), preset)
                        : sets.get(0).verdict(),
                sets);
    }

    List<CueSetRow> cueHistory(SignedIn who, UUID id) {
        cues.findById(id).filter(cue -> rights.maySee(who, cue)).orElseThrow(() -> new Missing("cue"));
        List<KitFiguresEntity> rows = history.of(id);
        Map<UUID, String> names = names(rows);
        return rows.stream()
                .map(row -> {
                    CueFigures figures = history.read(row, CueFigures.class);
                    return new CueSetRow(
                            row.source,
                            since(row),
                            row.changedBy == null ? null : names.get(row.changedBy),
                            row.checkId,
                            figures.tipDiameterMillimetres(),
                            FigureView.of(figures.endMassRatio()),
                            FigureView.of(figures.elevationDegrees()));
                })
                .toList();
    }

    List<BallsSetRow> ballsHistory(UUID id) {
        if (!ballSets.existsById(id)) {
            throw new Missing("ball set");
        }
        List<KitFiguresEntity> rows = history.of(id);
        Map<UUID, String> names = names(rows);
        return rows.stream()
                .map(row -> new BallsSetRow(
                        row.source,
                        since(row),
                        row.changedBy == null ? null : names.get(row.changedBy),
                        view(history.read(row, BallSet.class))))
                .toList();
    }

    private static Instant since(KitFiguresEntity row) {
        return row.source == FigureSource.PRESET ? null : row.knownFrom;
    }

    private Map<UUID, String> names(List<KitFiguresEntity> rows) {
        return people.names(
                rows.stream().map(row -> row.changedBy).filter(by -> by != null).collect(Collectors.toSet()));
    }

    private List<SetRow> sets(TableSpec spec, TableFigures preset, List<KitFiguresEntity> rows) {
        Map<UUID, String> names = names(rows);
        List<SetRow> sets = new ArrayList<>();
        for (KitFiguresEntity row : rows) {
            TableFigures figures = history.read(row, TableFigures.class);
            sets.add(new SetRow(
                    row.id,
                    row.source,
                    since(row),
                    row.note,
                    row.checkId,
                    row.changedBy == null ? null : names.get(row.changedBy),
                    rows(CheckedTable.of(spec), figures, preset),
                    TableVerdict.of(CheckedTable.of(spec), figures),
                    sets.isEmpty()));
        }
        return sets;
    }

    private static List<NumberRow> rows(CheckedTable table, TableFigures figures, TableFigures preset) {
        return Arrays.stream(TableFigure.values())
                .map(figure -> new NumberRow(
                        figure,
                        FigureView.of(figures.of(figure)),
                        FigureView.of(figures.asSaid(figure, table)),
                        FigureView.of(preset.asSaid(figure, table)),
                        figures.tells(figure, preset)))
                .toList();
    }
}
