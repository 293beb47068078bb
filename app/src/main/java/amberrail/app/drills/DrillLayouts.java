package amberrail.app.drills;

import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Skill;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.grading.Difficulty;
import amberrail.core.grading.ShotTasks;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;

/** Shots of drills put on tables. What was worked out is remembered by what it was worked out from, so a changed drill is new. */
@Service
public class DrillLayouts {
    private static final int REMEMBERED = 2_000;

    private final Cache<Drawn, ShotLayout> layouts =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Cache<Usual, List<Recipe>> recipes =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** All that a layout depends on. */
    private record Drawn(Shot shot, boolean mirrored, TableSpec table, double zoneScale) {}

    /** All that a usual recipe depends on; it is found on the original, and its mirror is its mirror image. */
    private record Usual(Shot shot, TableSpec table, double zoneScale, boolean sideAllowed, Skill skill) {}

    /**
     * One shot of a drill as it lies on this table, with the line of arrival of its usual recipe (answers.md, "Target and arrival"). The
     * recipe is found once for each shot and table and takes a tenth of a second.
     */
    public ShotLayout layout(Drill drill, int station, int shot, boolean mirrored, TableSpec table) {
        return arriving(drill, drill.station(station).shots().get(shot), mirrored, table);
    }

    /**
     * The same, played from where the cue ball really lay: how a pattern goes on. Where the ball cannot lie there as the set-up is (another
     * one is in that place), as it was planned.
     */
    public ShotLayout layoutFrom(Drill drill, int station, int shot, boolean mirrored, TableSpec table, Point cueAt) {
        Shot planned = drill.station(station).shots().get(shot);
        double y = mirrored ? table.widthMillimetres() - cueAt.yMillimetres() : cueAt.yMillimetres();
        Shot moved = planned.withCueBallAt(new Position.AtSights(
                8 * cueAt.xMillimetres() / table.lengthMillimetres(), 4 * y / table.widthMillimetres()));
        try {
            return arriving(drill, moved, mirrored, table);
        } catch (InvalidInputException cannotLieThere) {
            return arriving(drill, planned, mirrored, table);
        }
    }

    private ShotLayout arriving(Drill drill, Shot shot, boolean mirrored, TableSpec table) {
        ShotLayout drawn = drawn(drill, shot, mirrored, table);
        if (drawn.zone().isEmpty()) {
            return drawn;
        }
        OptionalDouble arrival = usual(drill, shot, table).stream()
                .mapToDouble(Recipe::arrivalDegrees)
                .findFirst();
        return arrival.isEmpty()
                ? drawn
                : drawn.arriving(Direction.ofDegrees(mirrored ? -arrival.getAsDouble() : arrival.getAsDouble()));
    }

    /** The usual recipe of a shot on the original side; empty where no stroke does it. */
    public Optional<Recipe> usual(Drill drill, int station, int shot, TableSpec table) {
        return usual(drill, drill.station(station).shots().get(shot), table);
    }

    private Optional<Recipe> usual(Drill drill, Shot shot, TableSpec table) {
        return PreferredRecipe.of(
                recipes(drill, shot, table),
                ShotTasks.teaching(drill.primarySkill(), drawn(drill, shot, false, table)));
    }

    /** Every way to play a shot on the original side, best first; none where no stroke does it. */
    public List<Recipe> recipes(Drill drill, int station, int shot, TableSpec table) {
        return recipes(drill, drill.station(station).shots().get(shot), table);
    }

    private List<Recipe> recipes(Drill drill, Shot asked, TableSpec table) {
        Usual key = new Usual(asked, table, zoneScale(drill, table), drill.sideAllowed(), drill.primarySkill());
        return recipes.get(key, k -> {
            ShotLayout drawn = drawn(drill, asked, false, table);
            ShotTable engineTable = ShotTable.of(TablePlan.of(table));
            return RecipeSolver.solve(ShotTasks.of(drawn, engineTable, TablePhysics.usual(table.kind()), drill));
        });
    }

    /** A station's shots with their usual strokes, to be graded; empty where one cannot be set up or no stroke does it. */
    public Optional<List<Difficulty.Played>> played(Drill drill, int station, TableSpec table) {
        ShotTable engineTable = ShotTable.of(TablePlan.of(table));
        List<Difficulty.Played> shots = new ArrayList<>();
        for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
            Optional<Recipe> usual;
            try {
                usual = usual(drill, station, shot, table);
            } catch (InvalidInputException cannotBeSetUp) {
                return Optional.empty();
            }
            if (usual.isEmpty()) {
                return Optional.empty();
            }
            ShotLayout drawn = drawn(drill, station, shot, false, table);
            shots.add(new Difficulty.Played(
                    ShotTasks.of(drawn, engineTable, TablePhysics.usual(table.kind()), drill),
                    usual.get().stroke()));
        }
        return Optional.of(shots);
    }

    /** The shot without asking for a recipe: for thumbnails, whose line of arrival is not drawn. */
    public ShotLayout drawn(Drill drill, int station, int shot, boolean mirrored, TableSpec table) {
        return drawn(drill, drill.station(station).shots().get(shot), mirrored, table);
    }

    private ShotLayout drawn(Drill drill, Shot shot, boolean mirrored, TableSpec table) {
        Drawn key = new Drawn(shot, mirrored, table, zoneScale(drill, table));
        return layouts.get(
                key, k -> ShotLayout.of(k.shot(), TablePlan.of(table), table.balls(), mirrored, k.zoneScale()));
    }

    /** How much the drill's zones are stretched on this table. */
    public static double zoneScale(Drill drill, TableSpec table) {
        return drill.zoneScale(
                table.lengthMillimetres(),
                TablePresets.byId(drill.tables().get(0)).lengthMillimetres());
    }
}
