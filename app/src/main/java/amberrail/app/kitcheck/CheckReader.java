package amberrail.app.kitcheck;

import amberrail.app.kit.KitService;
import amberrail.app.kit.KitViews.FigureView;
import amberrail.app.kitcheck.CheckViews.CheckPlaceView;
import amberrail.app.kitcheck.CheckViews.CheckRow;
import amberrail.app.kitcheck.CheckViews.CueFound;
import amberrail.app.kitcheck.CheckViews.CueStrokeView;
import amberrail.app.kitcheck.CheckViews.DoubtView;
import amberrail.app.kitcheck.CheckViews.FoundRow;
import amberrail.app.kitcheck.CheckViews.KitCheckView;
import amberrail.app.kitcheck.CheckViews.MendView;
import amberrail.app.kitcheck.CheckViews.NextTry;
import amberrail.app.kitcheck.CheckViews.ReadingView;
import amberrail.app.kitcheck.CheckViews.TableFound;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.kit.CheckPlaces;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.CueProgress;
import amberrail.core.kit.KitEffect;
import amberrail.core.kit.Reading;
import amberrail.core.kit.RollReading;
import amberrail.core.kit.Suspicion;
import amberrail.core.kit.TableFigures;
import amberrail.core.kit.TableVerdict;
import amberrail.core.table.TableSpec;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what a check has found so far. */
@Service
@Transactional(readOnly = true)
class CheckReader {
    private static final int MOST_CHECKS = 50;

    private final KitCheckRepository checks;
    private final KitReadingRepository readings;
    private final CheckService service;
    private final KitService kit;
    private final PeopleService people;
    private final Findings findings;

    CheckReader(
            KitCheckRepository checks,
            KitReadingRepository readings,
            CheckService service,
            KitService kit,
            PeopleService people,
            Findings findings) {
        this.checks = checks;
        this.readings = readings;
        this.service = service;
        this.kit = kit;
        this.people = people;
        this.findings = findings;
    }

    KitCheckView view(SignedIn who, UUID id) {
        KitCheckEntity check = checks.findById(id).orElseThrow(() -> new Missing("check"));
        service.requireMayCheck(who, Optional.ofNullable(check.cueId));
        KitService.ClubTable table = kit.table(check.tableId);
        List<KitReadingEntity> rows = readings.findAllByCheckIdOrderByTakenAtAscIdAsc(id);
        List<KitReadingEntity> counted =
                rows.stream().filter(row -> !row.withdrawn).toList();
        List<Reading> values = counted.stream().map(KitReadingEntity::reading).toList();
        TableFigures now = kit.figures(check.tableId);
        Optional<Findings.TableFinding> ofTable =
                check.cueId == null ? Optional.of(findings.ofTable(table.spec(), values)) : Optional.empty();
        Optional<Findings.CueFinding> ofCue = check.cueId == null
                ? Optional.empty()
                : Optional.of(findings.ofCue(table.spec(), now, CheckService.sides(values)));
        List<Suspicion> suspicions = ofTable.map(one -> one.estimate().suspicions())
                .orElseGet(() -> ofCue.orElseThrow().estimate().suspicions());
        Map<UUID, DoubtView> doubts = doubts(
                CheckedTable.of(table.spec()),
                counted,
                suspicions,
                ofTable.map(one -> one.estimate().figures()).orElse(now));
        Map<UUID, String> names = names(rows.stream().map(row -> row.takenBy).collect(Collectors.toSet()));
        return new KitCheckView(
                check.id,
                table.id(),
                table.name(),
                check.cueId,
                check.cueId == null ? null : kit.cueName(check.cueId),
                check.cueId == null
                        ? table.version()
                        : kit.cueToChange(who, check.cueId).version(),
                check.begunAt,
                check.closedAt,
                check.taken,
                check.closedAt == null && (check.cueId != null || who.isCoach()),
                names.values().stream().sorted().toList(),
                rows.stream().map(row -> view(row, names, doubts)).toList(),
                places(table.spec(), check.cueId != null),
                ofTable.map(one -> found(table.spec(), now, one)).orElse(null),
                ofCue.map(one -> found(table.spec(), one)).orElse(null));
    }

    private Map<UUID, String> names(Set<UUID> ids) {
        return people.names(ids);
    }

    private static ReadingView view(KitReadingEntity row, Map<UUID, String> names, Map<UUID, DoubtView> doubts) {
        return new ReadingView(
                row.id,
                row.kind,
                row.xMetres,
                row.yMetres,
                row.directionDegrees,
                row.seconds,
                row.metres,
                row.asideMillimetres,
                row.tipSideMillimetres,
                row.confirmed,
                row.withdrawn,
                names.get(row.takenBy),
                row.takenAt,
                row.confirmed ? null : doubts.get(row.id));
    }

    /** By reading; those that somebody has confirmed are not asked about again. */
    private static Map<UUID, DoubtView> doubts(
            CheckedTable table, List<KitReadingEntity> counted, List<Suspicion> suspicions, TableFigures figures) {
        Map<UUID, DoubtView> doubts = new HashMap<>();
        for (KitReadingEntity row : counted) {
            if (table.isBeyondCushion(row.reading())) {
                doubts.put(row.id, new DoubtView(0, null, null, true));
            }
        }
        for (Suspicion suspicion : suspicions) {
            KitReadingEntity row = counted.get(suspicion.reading());
            Reading reading = row.reading();
            doubts.put(
                    row.id,
                    new DoubtView(
                            suspicion.standardDeviations(),
                            suspicion
                                    .mend()
                                    .map(one -> new MendView(one.field(), one.factor(), one.value()))
                                    .orElse(null),
                            reading instanceof RollReading roll ? table.secondsOfRoll(roll.metres(), figures) : null,
                            table.isBeyondCushion(reading)));
        }
        return doubts;
    }

    private static List<CheckPlaceView> places(TableSpec spec, boolean cue) {
        List<CheckPlaces.Kind> kinds = cue
                ? List.of(CheckPlaces.Kind.SIDE)
                : List.of(CheckPlaces.Kind.ROLL, CheckPlaces.Kind.REBOUND, CheckPlaces.Kind.SLIDE);
        return kinds.stream()
                .flatMap(kind -> CheckPlaces.of(kind).stream().map(place -> view(spec, kind, place)))
                .toList();
    }

    private static CheckPlaceView view(TableSpec spec, CheckPlaces.Kind kind, CheckPlaces.Place place) {
        return new CheckPlaceView(
                kind,
                place.alongSights(),
                place.acrossSights(),
                place.xMetres(spec),
                place.yMetres(spec),
                place.directionDegrees(),
                place.aheadMetres(spec));
    }

    private static TableFound found(TableSpec spec, TableFigures now, Findings.TableFinding finding) {
        TableFigures figures = finding.estimate().figures();
        TableFigures taken = figures.orElse(now, finding.prior());
        CheckedTable checked = CheckedTable.of(spec);
        return new TableFound(
                finding.progress().states().stream()
                        .map(state -> new FoundRow(
                                state.figure(),
                                FigureView.of(state.estimated()),
                                FigureView.of(figures.asSaid(state.figure(), checked)),
                                FigureView.of(now.asSaid(state.figure(), checked)),
                                FigureView.of(finding.prior().asSaid(state.figure(), checked)),
                                state.told(),
                                state.goodEnough()))
                        .toList(),
                finding.progress()
                        .next()
                        .map(next -> new NextTry(
                                view(spec, next.kind(), next.place()), next.figure(), next.why(), next.moreTries()))
                        .orElse(null),
                finding.progress().states().stream().anyMatch(state -> state.told()),
                TableVerdict.of(checked, taken),
                KitEffect.of(checked, spec.physics(), taken.on(checked.preset())));
    }

    private static CueFound found(TableSpec spec, Findings.CueFinding finding) {
        CueProgress progress = finding.progress();
        return new CueFound(
                FigureView.of(finding.estimate().endMassRatio()),
                FigureView.of(finding.estimate().elevationDegrees()),
                progress.told(),
                progress.goodEnough(),
                progress.next()
                        .map(stroke -> new CueStrokeView(stroke.tipSideMillimetres(), stroke.firm()))
                        .orElse(null),
                CueProgress.strokes(spec.balls().cueBall()).stream()
                        .map(stroke -> new CueStrokeView(stroke.tipSideMillimetres(), stroke.firm()))
                        .toList());
    }

    /** Of a table or a cue, newest first. */
    List<CheckRow> of(SignedIn who, UUID thing, boolean cue) {
        service.requireMayCheck(who, cue ? Optional.of(thing) : Optional.empty());
        List<KitCheckEntity> rows = checks.of(thing, Limit.of(MOST_CHECKS));
        Map<UUID, String> names = names(rows.stream().map(row -> row.begunBy).collect(Collectors.toSet()));
        return rows.stream()
                .map(row -> new CheckRow(
                        row.id,
                        row.tableId,
                        row.begunAt,
                        row.closedAt,
                        row.taken,
                        names.get(row.begunBy),
                        readings.countByCheckId(row.id)))
                .toList();
    }
}
