package amberrail.app.bench;

import amberrail.app.bench.BenchAnswers.BenchShot;
import amberrail.app.bench.BenchAnswers.CheckView;
import amberrail.app.bench.BenchAnswers.LinesView;
import amberrail.app.bench.BenchAnswers.ProblemView;
import amberrail.app.bench.BenchAnswers.RoughGrade;
import amberrail.app.bench.BenchAnswers.RoughGradesView;
import amberrail.app.bench.BenchAnswers.UsualStroke;
import amberrail.app.bench.BenchAnswers.UsualView;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.KitService;
import amberrail.app.setups.SetUps;
import amberrail.app.setups.StationStrokes;
import amberrail.app.shots.RecipeAnswers;
import amberrail.app.shots.ShotAnswers;
import amberrail.core.aiming.CueBallLines;
import amberrail.core.drill.Drill;
import amberrail.core.drill.DrillCheck;
import amberrail.core.drill.ShotLayout;
import amberrail.core.grading.Difficulty;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Asks core about a draft. */
@Service
class BenchService {
    /** Enough to tell whether one station is harder than another; grades proper take ten times as many. */
    private static final int SHOTS_PER_ABILITY = 400;

    private static final long NOISE_SEED = 20_241;

    private final KitService kit;
    private final SetUps setUps;

    BenchService(KitService kit, SetUps setUps) {
        this.kit = kit;
        this.setUps = setUps;
    }

    CheckView check(UUID tableId, Drill drill) {
        TableSpec table = kit.table(tableId).spec();
        TablePlan plan = TablePlan.of(table);
        Physics physics = table.physics();
        List<List<BenchShot>> stations = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            List<BenchShot> shots = new ArrayList<>();
            for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                shots.add(shot(drill, station, shot, plan, physics));
            }
            stations.add(shots);
        }
        List<ProblemView> problems = DrillCheck.of(drill, plan, SetUp.zoneScale(drill, table)).stream()
                .map(ProblemView::of)
                .toList();
        return new CheckView(stations, problems);
    }

    private BenchShot shot(Drill drill, int station, int shot, TablePlan plan, Physics physics) {
        try {
            SetUp setUp = SetUp.of(drill, station, shot, false, plan.spec());
            ShotLayout layout = setUps.drawn(setUp);
            LinesView lines = layout.potLine()
                    .map(pot -> LinesView.of(pot, CueBallLines.of(plan, physics, pot)))
                    .orElse(null);
            return new BenchShot(ShotView.of(setUp, layout), lines);
        } catch (InvalidInputException toldAmongTheProblems) {
            return new BenchShot(null, null);
        }
    }

    UsualView usual(UUID tableId, Drill drill, int station, int shot) {
        int shots = drill.station(station).shots().size();
        if (shot >= shots) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "shot", shot, "must be from 0 to " + (shots - 1));
        }
        SetUp setUp = SetUp.of(drill, station, shot, false, kit.table(tableId).spec());
        return new UsualView(setUps.whileDesigning(setUp)
                .usualWay()
                .map(recipe -> stroke(setUp, setUps.drawn(setUp), recipe))
                .orElse(null));
    }

    private static UsualStroke stroke(SetUp setUp, ShotLayout layout, Recipe recipe) {
        double radius = setUp.table().balls().cueBall().radiusMillimetres();
        ShotRecord played = ShotSimulator.play(
                ShotTable.of(TablePlan.of(setUp.table())),
                setUp.physics(),
                ShotTasks.balls(layout),
                layout.cueBall().label(),
                recipe.stroke().onBall(radius));
        ShotAnswers.AimView aim = new ShotAnswers.AimView(
                recipe.aim().lowerDegrees(),
                recipe.aim().upperDegrees(),
                recipe.aim().halfWidthMilliradians());
        return new UsualStroke(
                recipe.way(),
                recipe.cushions(),
                RecipeAnswers.StrokeView.of(recipe.stroke()),
                recipe.success().probability(),
                ShotAnswers.ShotPathView.of(played, recipe.stroke().launchDegrees(), aim));
    }

    RoughGradesView grades(UUID tableId, Drill drill) {
        TableSpec table = kit.table(tableId).spec();
        List<RoughGrade> grades = new ArrayList<>();
        Optional<Difficulty> last = Optional.empty();
        for (int station = 0; station < drill.stations().size(); station++) {
            Optional<Difficulty> difficulty = difficulty(drill, station, table);
            grades.add(new RoughGrade(
                    difficulty.map(Difficulty::grade).orElse(null),
                    difficulty.map(one -> 100 * one.standardError()).orElse(0.0),
                    difficulty.map(Difficulty::decided).orElse(false),
                    harder(last, difficulty)));
            last = difficulty;
        }
        return new RoughGradesView(grades);
    }

    /** Null where there is nothing to compare. */
    private static Boolean harder(Optional<Difficulty> before, Optional<Difficulty> now) {
        if (before.isEmpty() || now.isEmpty()) {
            return null;
        }
        return now.get().abilityLogits() > before.get().abilityLogits();
    }

    private Optional<Difficulty> difficulty(Drill drill, int station, TableSpec table) {
        return StationStrokes.of(drill, station, table, setUps::whileDesigning)
                .map(shots -> Difficulty.of(shots, StrokeNoise.of(SHOTS_PER_ABILITY, NOISE_SEED)));
    }
}
