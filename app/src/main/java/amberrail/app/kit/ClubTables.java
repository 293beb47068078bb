package amberrail.app.kit;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.TableFigures;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the club's tables; what was played on one keeps the numbers that it was played under. */
@Service
@Transactional
public class ClubTables {
    private static final int MOST_TABLES = 60;
    /** Mouths and nose heights of real tables lie well within these (mm). */
    private static final double NARROWEST_MOUTH = 60;

    private static final double WIDEST_MOUTH = 180;
    private static final double LOWEST_NOSE = 25;
    private static final double HIGHEST_NOSE = 45;

    private final ClubTableRepository tables;
    private final TableNumbers numbers;
    private final KitHistory history;
    private final Access access;

    ClubTables(ClubTableRepository tables, TableNumbers numbers, KitHistory history, Access access) {
        this.tables = tables;
        this.numbers = numbers;
        this.history = history;
        this.access = access;
    }

    /** Measures that somebody took with a template ball or a tape (mm). */
    record Measures(double cornerMouth, double sideMouth, double noseHeight) {}

    /** A cloth on a table. */
    record Cloth(Optional<String> name, Optional<LocalDate> fittedOn, Optional<Nap> nap) {}

    UUID add(SignedIn who, String name, String presetId) {
        access.requireCoach(who);
        TableSpec preset = TablePresets.byId(presetId);
        if (tables.count() >= MOST_TABLES) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "name",
                    name,
                    "must not be one more than " + MOST_TABLES + " tables");
        }
        ClubTableEntity table = new ClubTableEntity();
        table.id = UUID.randomUUID();
        table.name = name.strip();
        table.version = 1;
        table.numbers = numbers.write(preset);
        table.sortOrder = (int) tables.count();
        requireNameIsFree(table, table.name);
        return tables.save(table).id;
    }

    void change(SignedIn who, UUID id, int version, String name, Measures measures) {
        ClubTableEntity table = toChange(who, id, version);
        requireNameIsFree(table, name.strip());
        table.name = name.strip();
        TableSpec before = numbers.read(table.numbers);
        TableSpec after = withMeasures(before, measures);
        if (!after.equals(before)) {
            // Refuses jaws that would meet, by what is wrong with them.
            TablePlan.of(after);
            table.numbers = numbers.write(after);
            history.keep(
                    owner(table),
                    new KitHistory.Origin(
                            FigureSource.TYPED, Optional.empty(), Optional.of(said(measures)), who.accountId()),
                    figures(table.id, after));
        }
    }

    private static TableSpec withMeasures(TableSpec table, Measures measures) {
        Require.between("cornerMouthMillimetres", measures.cornerMouth(), NARROWEST_MOUTH, WIDEST_MOUTH);
        Require.between("sideMouthMillimetres", measures.sideMouth(), NARROWEST_MOUTH, WIDEST_MOUTH);
        Require.between("noseHeightMillimetres", measures.noseHeight(), LOWEST_NOSE, HIGHEST_NOSE);
        return table.measuring(measures.cornerMouth(), measures.sideMouth(), measures.noseHeight());
    }

    private static String said(Measures measures) {
        return String.format(
                Locale.ROOT,
                "corner pockets %.1f mm, side pockets %.1f mm, cushion nose %.1f mm high",
                measures.cornerMouth(),
                measures.sideMouth(),
                measures.noseHeight());
    }

    /** Notes about the cloth; a new one starts from the numbers of the table's kind, since what was measured before does not hold for it. */
    void clothe(SignedIn who, UUID id, int version, Cloth cloth, boolean isNew) {
        ClubTableEntity table = toChange(who, id, version);
        table.clothName =
                cloth.name().map(String::strip).filter(one -> !one.isEmpty()).orElse(null);
        table.clothFittedOn = cloth.fittedOn().orElse(null);
        table.nap = cloth.nap().orElse(null);
        if (isNew) {
            TableSpec spec = numbers.read(table.numbers).withPreset();
            table.numbers = numbers.write(spec);
            history.keep(
                    owner(table),
                    new KitHistory.Origin(
                            FigureSource.RENEWED,
                            Optional.empty(),
                            Optional.ofNullable(table.clothName),
                            who.accountId()),
                    TableFigures.preset(CheckedTable.of(spec)));
        }
    }

    void archive(SignedIn who, UUID id, boolean archived) {
        access.requireCoach(who);
        ClubTableEntity table = tables.findToChange(id).orElseThrow(() -> new Missing("table"));
        if (archived && tables.countByArchivedFalse() <= 1 && !table.archived) {
            throw new Conflict("LAST_TABLE", "This is the club's last table: add another before this one goes.", null);
        }
        table.archived = archived;
    }

    /** Takes an earlier set again. */
    void takeBack(SignedIn who, UUID id, int version, UUID set) {
        access.requireCoach(who);
        KitFiguresEntity earlier = history.one(id, set).orElseThrow(() -> new Missing("set of numbers"));
        measured(
                who,
                id,
                version,
                history.read(earlier, TableFigures.class),
                new KitHistory.Origin(
                        FigureSource.TAKEN_BACK,
                        Optional.ofNullable(earlier.checkId),
                        Optional.of(earlier.knownFrom.toString()),
                        who.accountId()));
    }

    /** From now on the table is predicted with what a check has found. */
    public void takeCheck(SignedIn who, UUID id, int version, UUID checkId, TableFigures found) {
        measured(
                who,
                id,
                version,
                found,
                new KitHistory.Origin(FigureSource.CHECK, Optional.of(checkId), Optional.empty(), who.accountId()));
    }

    /** From now on the table is predicted with what called strokes have told; {@code evidence} says which. */
    public void takePlay(SignedIn who, UUID id, int version, String evidence, TableFigures found) {
        measured(
                who,
                id,
                version,
                found,
                new KitHistory.Origin(FigureSource.PLAY, Optional.empty(), Optional.of(evidence), who.accountId()));
    }

    private void measured(SignedIn who, UUID id, int version, TableFigures found, KitHistory.Origin origin) {
        ClubTableEntity table = toChange(who, id, version);
        TableSpec spec = found.on(numbers.read(table.numbers));
        table.numbers = numbers.write(spec);
        history.keep(owner(table), origin, found);
    }

    private ClubTableEntity toChange(SignedIn who, UUID id, int version) {
        access.requireCoach(who);
        ClubTableEntity table = tables.findToChange(id).orElseThrow(() -> new Missing("table"));
        if (table.version != version) {
            throw new Conflict(
                    "TABLE_CHANGED",
                    "Somebody has changed this table in the meantime: look at it again.",
                    table.version);
        }
        if (history.latest(table.id).isEmpty()) {
            history.keep(
                    owner(table),
                    new KitHistory.Origin(FigureSource.PRESET, Optional.empty(), Optional.empty(), null),
                    TableFigures.preset(CheckedTable.of(numbers.read(table.numbers))));
        }
        table.version++;
        return table;
    }

    private static KitHistory.Owner owner(ClubTableEntity table) {
        return new KitHistory.Owner(KitThing.TABLE, table.id, table.version);
    }

    private TableFigures figures(UUID id, TableSpec spec) {
        return history.latest(id)
                .map(row -> history.read(row, TableFigures.class))
                .orElseGet(() -> TableFigures.preset(CheckedTable.of(spec)));
    }

    private void requireNameIsFree(ClubTableEntity table, String name) {
        boolean taken = tables.findAllByOrderBySortOrder().stream()
                .anyMatch(one -> !one.id.equals(table.id) && one.name.equalsIgnoreCase(name));
        if (taken) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "name", name, "must be another: a table has this name");
        }
    }
}
