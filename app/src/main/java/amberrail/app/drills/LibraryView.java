package amberrail.app.drills;

import amberrail.app.kit.TableDrawing;
import amberrail.core.drill.Drill;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.TreeMap;

/**
 * The whole library in one answer: every drill with its first shot on its home table, and those tables to draw them on.
 *
 * @param tables home tables by preset id
 */
record LibraryView(List<LibraryEntry> drills, List<HomeTable> tables) {

    /** A drill in the library, with what its thumbnail is drawn from. */
    record LibraryEntry(DrillView drill, String homeTable, ShotView firstShot) {}

    /** A preset that some drill is at home on. */
    record HomeTable(String presetId, TableDrawing drawing) {}

    static LibraryView of(DrillCatalogue catalogue) {
        TreeMap<String, HomeTable> tables = new TreeMap<>();
        List<LibraryEntry> entries = catalogue.all().stream()
                .map(drill -> entry(catalogue, drill, tables))
                .toList();
        return new LibraryView(entries, List.copyOf(tables.values()));
    }

    private static LibraryEntry entry(DrillCatalogue catalogue, Drill drill, TreeMap<String, HomeTable> tables) {
        TableSpec home = TablePresets.byId(drill.tables().get(0));
        tables.computeIfAbsent(home.id(), id -> new HomeTable(id, TableDrawing.of(home)));
        ShotView first = ShotView.of(catalogue.drawn(drill, 0, 0, false, home), home);
        return new LibraryEntry(DrillView.of(drill), home.id(), first);
    }
}
