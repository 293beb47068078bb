package amberrail.app.drills;

import amberrail.app.kit.TableDrawing;
import amberrail.app.setups.SetUps;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Drill;
import amberrail.core.grading.Band;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;

/**
 * The whole library in one answer: every drill with its first shot on its home table, and those tables to draw them on.
 *
 * @param tables  home tables by preset id
 * @param folders of whoever asks
 * @param unreadable ids of drills that are stored in a form which cannot be read
 */
record LibraryView(
        List<LibraryEntry> drills, List<HomeTable> tables, List<Shelf.Folder> folders, List<String> unreadable) {

    /**
     * A drill in the library, with what its thumbnail is drawn from.
     *
     * @param madeBy    name of its owner; missing for a shipped one
     * @param grades    missing while nobody has worked them out
     * @param firstShot missing while it cannot be set up
     * @param folders   the asking person's folders that it lies in
     */
    record LibraryEntry(
            DrillView drill,
            DrillFromLibrary.Origin origin,
            @MayBeMissing String madeBy,
            boolean favourite,
            List<UUID> folders,
            String homeTable,
            @MayBeMissing GradeRange grades,
            @MayBeMissing ShotView firstShot) {}

    /** Grades of its easiest and its hardest station on its home table, and their bands. */
    record GradeRange(double easiest, double hardest, Band easiestBand, Band hardestBand) {
        static GradeRange of(KnownGrades.Range range) {
            return new GradeRange(range.easiest(), range.hardest(), Band.of(range.easiest()), Band.of(range.hardest()));
        }
    }

    /** A preset that some drill is at home on. */
    record HomeTable(String presetId, TableDrawing drawing) {}

    static LibraryView of(
            DrillCatalogue.Seen seen,
            Shelf.Contents shelf,
            SetUps setUps,
            KnownGrades grades,
            Function<UUID, String> names) {
        TreeMap<String, HomeTable> tables = new TreeMap<>();
        List<LibraryEntry> entries = seen.drills().stream()
                .map(found -> {
                    TableSpec home = TablePresets.byId(found.drill().tables().get(0));
                    tables.computeIfAbsent(home.id(), id -> new HomeTable(id, TableDrawing.of(home)));
                    return entry(found, home, shelf, setUps, grades, names);
                })
                .toList();
        return new LibraryView(entries, List.copyOf(tables.values()), shelf.folders(), seen.unreadable());
    }

    private static LibraryEntry entry(
            DrillFromLibrary found,
            TableSpec home,
            Shelf.Contents shelf,
            SetUps setUps,
            KnownGrades grades,
            Function<UUID, String> names) {
        Drill drill = found.drill();
        return new LibraryEntry(
                DrillView.of(drill),
                found.origin(),
                found.ownerId() == null ? null : names.apply(found.ownerId()),
                shelf.favourites().contains(drill.id()),
                shelf.foldersByDrill().getOrDefault(drill.id(), List.of()),
                home.id(),
                grades.of(drill, home).map(GradeRange::of).orElse(null),
                thumbnail(drill, home, setUps));
    }

    private static ShotView thumbnail(Drill drill, TableSpec home, SetUps setUps) {
        try {
            SetUp first = SetUp.of(drill, 0, 0, false, home);
            return ShotView.of(first, setUps.drawn(first));
        } catch (InvalidInputException unfinished) {
            return null;
        }
    }
}
