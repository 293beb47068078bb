package amberrail.app.recipes;

import amberrail.app.kit.PointView;
import amberrail.app.recipes.BoardView.NearestView;
import amberrail.app.recipes.BoardView.PlayedWayView;
import amberrail.app.recipes.BoardView.PreferenceView;
import amberrail.app.setups.SetUps;
import amberrail.app.shots.RecipeAnswers.RoomView;
import amberrail.app.shots.RecipeAnswers.StrokeView;
import amberrail.app.shots.ShotAnswers.AimView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Judgement;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.grading.OpenPockets;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Preference;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotEvent;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.SuccessSimulation;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.springframework.stereotype.Service;

/** Lays the recipes of a shot side by side. */
@Service
class RecipeBoard {
    private static final int STROKES = 1_000;
    private static final long SEED = 20_243;
    /** A rolling ball feels 5/7 of the slope's pull; the slope is 1 mm in a metre. */
    private static final double DRIFT_OF_A_MILLIMETRE = 5.0 / 7 * 9.81 * 0.001;

    private final SetUps setUps;

    RecipeBoard(SetUps setUps) {
        this.setUps = setUps;
    }

    /** What every way of this shot is worked out from. */
    private record Scene(
            ShotLayout layout, ShotTask task, TablePlan plan, ShotTable table, Physics physics, double cueRadius) {
        ShotRecord play(PlannedStroke stroke, Physics with) {
            return ShotSimulator.play(
                    table, with, ShotTasks.balls(layout), layout.cueBall().label(), stroke.onBall(cueRadius));
        }
    }

    /** Of a drill that is played: what is known of it, or waited for. */
    BoardView of(SetUp setUp, ExecutionErrors errors) {
        return of(setUp.original(), setUps.of(setUp), errors);
    }

    /** The usual way alone, on the set-up's own side. */
    UsualWayView usual(SetUp setUp) {
        return new UsualWayView(setUps.usual(setUp)
                .map(recipe -> UsualWayView.UsualWay.of(recipe, setUp.mirrored()))
                .orElse(null));
    }

    /** Of a draft. */
    BoardView whileDesigning(SetUp setUp, ExecutionErrors errors) {
        return of(setUp.original(), setUps.whileDesigning(setUp), errors);
    }

    private BoardView of(SetUp original, WorkedSetUp worked, ExecutionErrors errors) {
        List<Recipe> recipes = worked.ways();
        TableSpec table = original.table();
        TablePlan plan = TablePlan.of(table);
        Scene scene = new Scene(
                setUps.drawn(original),
                original.task(),
                plan,
                ShotTable.of(plan),
                original.physics(),
                table.balls().cueBall().radiusMillimetres());
        Preference preference = Preference.of(recipes, scene.task().teaching()).orElse(null);
        StrokeNoise noise = StrokeNoise.of(STROKES, SEED);
        List<PlayedWayView> ways = recipes.stream()
                .map(recipe ->
                        way(recipe, scene, errors, noise, preference != null && preference.preferred() == recipe))
                .toList();
        if (ways.isEmpty()) {
            return new BoardView(
                    ways, null, nearest(scene), OpenPockets.of(scene.layout(), scene.plan(), scene.physics()));
        }
        return new BoardView(ways, view(preference, recipes), null, List.of());
    }

    /** The stroke that pots and comes nearest to the target, where none gets there. */
    private static NearestView nearest(Scene scene) {
        return RecipeSolver.nearest(scene.task())
                .map(near -> new NearestView(
                        StrokeView.of(near.stroke()),
                        near.missMillimetres(),
                        ShotPathView.of(
                                scene.play(near.stroke(), scene.physics()),
                                near.stroke().launchDegrees(),
                                AimView.of(near.aim())),
                        faults(scene, near.stroke())))
                .orElse(null);
    }

    /** Which demands it does not meet: the reason why nothing works, told by what fails and not guessed. */
    private static List<Judgement.Fault> faults(Scene scene, PlannedStroke stroke) {
        ShotTask task = scene.task();
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        runner.play(stroke.onBall(scene.cueRadius()), stroke.launchDegrees());
        return Judge.judge(scene.layout(), runner.result()).faults();
    }

    private static PlayedWayView way(
            Recipe recipe, Scene scene, ExecutionErrors errors, StrokeNoise noise, boolean preferred) {
        String cueBall = scene.layout().cueBall().label();
        ShotRecord level = scene.play(recipe.stroke(), scene.physics());
        Physics physics = scene.physics();
        ShotRecord sloping = scene.play(
                recipe.stroke(), physics.withDrift(physics.driftX(), physics.driftY() + DRIFT_OF_A_MILLIMETRE));
        return new PlayedWayView(
                recipe.way(),
                recipe.cushions(),
                StrokeView.of(recipe.stroke()),
                SuccessView.of(chance(recipe, scene, errors, noise)),
                RoomView.of(recipe.allowed().pacePercent()),
                RoomView.of(recipe.allowed().tipHeightMillimetres()),
                RoomView.of(recipe.allowed().aimMilliradians()),
                recipe.allowed()
                        .firstToGoWrong(
                                scene.task().errors(errors).at(recipe.stroke().paceMetresPerSecond())),
                recipe.consequence(),
                PointView.of(recipe.landing()),
                firstContact(level, cueBall).distanceMillimetres(firstContact(sloping, cueBall)),
                preferred,
                ShotPathView.of(level, recipe.stroke().launchDegrees(), AimView.of(recipe.aim())));
    }

    private static SuccessRate chance(Recipe recipe, Scene scene, ExecutionErrors errors, StrokeNoise noise) {
        if (errors.equals(ExecutionErrors.REFERENCE)) {
            // Worked out once with the way itself: no screen shall say another share of the same student.
            return recipe.success();
        }
        ShotTask task = scene.task();
        return new SuccessSimulation(task.table(), task.physics(), task.balls(), task.cueBall(), task.level())
                .estimate(
                        recipe.stroke().onBall(scene.cueRadius()),
                        task.errors(errors),
                        noise,
                        task.success(),
                        () -> Thread.currentThread().isInterrupted(),
                        done -> {});
    }

    /** Where the cue ball is when it first meets a ball; where it rests if it meets none. */
    private static Point firstContact(ShotRecord record, String cueBall) {
        return record.events().stream()
                .filter(ShotEvent.BallsMeet.class::isInstance)
                .map(event -> stateOf(cueBall, (ShotEvent.BallsMeet) event))
                .findFirst()
                .map(state -> Point.ofMetres(state.x(), state.y()))
                .orElseGet(() -> {
                    var end = record.tracks().get(0).end();
                    return Point.ofMetres(end.x(), end.y());
                });
    }

    private static BallState stateOf(String ball, ShotEvent.BallsMeet meeting) {
        return meeting.ball().equals(ball) ? meeting.before() : meeting.otherBefore();
    }

    private static PreferenceView view(Preference preference, List<Recipe> recipes) {
        return preference == null
                ? null
                : new PreferenceView(
                        preference.reason(),
                        preference.other().map(recipes::indexOf).orElse(null),
                        preference.points());
    }
}
