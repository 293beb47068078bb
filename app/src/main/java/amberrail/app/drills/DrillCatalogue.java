package amberrail.app.drills;

import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.grading.ShotTasks;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;

/** The shipped drills, read once, and their shots put on tables, remembered since they never change. */
@Service
public class DrillCatalogue {
    private static final String FILES = "classpath:drills/*.json";
    private static final int REMEMBERED_LAYOUTS = 2_000;

    private final List<Drill> drills;
    private final Cache<LayoutKey, ShotLayout> layouts =
            Caffeine.newBuilder().maximumSize(REMEMBERED_LAYOUTS).build();

    DrillCatalogue() {
        drills = readAll();
    }

    private final Cache<LayoutKey, OptionalDouble> arrivals =
            Caffeine.newBuilder().maximumSize(REMEMBERED_LAYOUTS).build();

    /** Which shot, on which numbers. */
    private record LayoutKey(String drillId, int version, int station, int shot, boolean mirrored, TableSpec table) {}

    public List<Drill> all() {
        return drills;
    }

    /** {@link Missing} if nothing has that id. */
    public Drill byId(String id) {
        return drills.stream()
                .filter(drill -> drill.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("drill"));
    }

    /**
     * One shot of a drill as it lies on this table, with the line of arrival of its usual recipe (answers.md, "Target and arrival"). The
     * recipe is found once for each shot and table and takes a tenth of a second.
     */
    public ShotLayout layout(Drill drill, int station, int shot, boolean mirrored, TableSpec table) {
        ShotLayout drawn = drawn(drill, station, shot, mirrored, table);
        if (drawn.zone().isEmpty()) {
            return drawn;
        }
        OptionalDouble original = arrivals.get(
                new LayoutKey(drill.id(), drill.version(), station, shot, false, table),
                key -> arrivalDegrees(drill, drawn(drill, station, shot, false, table), table));
        return original.isEmpty()
                ? drawn
                : drawn.arriving(Direction.ofDegrees(mirrored ? -original.getAsDouble() : original.getAsDouble()));
    }

    /** The same without asking for a recipe: for thumbnails, whose line of arrival is not drawn. */
    ShotLayout drawn(Drill drill, int station, int shot, boolean mirrored, TableSpec table) {
        LayoutKey key = new LayoutKey(drill.id(), drill.version(), station, shot, mirrored, table);
        return layouts.get(
                key,
                k -> ShotLayout.of(
                        drill.station(station).shots().get(shot),
                        TablePlan.of(table),
                        table.balls(),
                        mirrored,
                        zoneScale(drill, table)));
    }

    private static OptionalDouble arrivalDegrees(Drill drill, ShotLayout layout, TableSpec table) {
        ShotTask task = ShotTasks.of(
                layout, ShotTable.of(TablePlan.of(table)), TablePhysics.usual(table.kind()), drill.sideAllowed());
        return PreferredRecipe.of(RecipeSolver.solve(task)).stream()
                .mapToDouble(Recipe::arrivalDegrees)
                .findFirst();
    }

    private static double zoneScale(Drill drill, TableSpec table) {
        return drill.zoneScale(
                table.lengthMillimetres(),
                TablePresets.byId(drill.tables().get(0)).lengthMillimetres());
    }

    private static List<Drill> readAll() {
        List<Drill> read = new ArrayList<>();
        try {
            for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
                try (InputStream in = file.getInputStream()) {
                    read.add(DrillJson.read(in));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a shipped drill cannot be read", e);
        }
        read.sort(Comparator.comparing(Drill::title));
        return List.copyOf(read);
    }
}
