package amberrail.app.shots;

import amberrail.app.kit.KitService;
import amberrail.app.shots.ShotAnswers.AimView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.shots.ShotRequests.ErrorsRequest;
import amberrail.app.shots.ShotRequests.PotRequest;
import amberrail.app.shots.ShotRequests.RecipesRequest;
import amberrail.app.shots.ShotRequests.SimulateRequest;
import amberrail.app.shots.ShotRequests.SuccessRequest;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.CueStrike;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.recipe.AimInterval;
import amberrail.core.recipe.AimSolver;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessSimulation;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/** Turns requests into set-ups of core and asks the engine. */
@Service
class ShotService {
    private static final long NOISE_SEED = 20_240;

    private final KitService kit;

    ShotService(KitService kit) {
        this.kit = kit;
    }

    ShotPathView simulate(SimulateRequest request) {
        ShotScene scene = scene(request);
        CueStrike unaimed = scene.strike(request.stroke(), 0);
        AimInterval aim = request.pot() == null ? null : aim(request, scene, unaimed);
        double launch = aim == null ? launchDegrees(request) : aim.middleDegrees();
        CueStrike strike = scene.strike(request.stroke(), launch);
        AimView aimView = aim == null ? null : AimView.of(aim);
        String struck = scene.balls().get(scene.cue()).id();
        return ShotPathView.of(
                ShotSimulator.play(scene.table(), scene.physics(), scene.balls(), struck, strike), launch, aimView);
    }

    SuccessView success(SuccessRequest request) {
        ShotScene scene = scene(request.shot());
        CueStrike unaimed = scene.strike(request.shot().stroke(), 0);
        PotRequest pot = request.shot().pot();
        double launch = pot == null
                ? launchDegrees(request.shot())
                : aim(request.shot(), scene, unaimed).middleDegrees();
        CueStrike meant = scene.strike(request.shot().stroke(), launch);
        ErrorsRequest e = request.errors();
        ExecutionErrors errors = new ExecutionErrors(
                e.aimMilliradians(), e.pacePercent() / 100, e.tipHeightMillimetres(), e.tipSideMillimetres());
        Predicate<PlayedShot> wanted = pot == null ? result -> true : scene.potted(pot);
        Predicate<PlayedShot> lands = request.zone() == null ? result -> true : scene.lands(request.zone());
        SuccessSimulation simulation =
                new SuccessSimulation(scene.table(), scene.physics(), scene.balls(), scene.cue());
        return SuccessView.of(simulation.estimate(
                meant,
                errors,
                StrokeNoise.of(request.shots(), NOISE_SEED),
                scene.cueStaysUp().and(wanted).and(lands),
                () -> Thread.currentThread().isInterrupted(),
                done -> {}));
    }

    /** Every way to pot and land; an empty list where there is none. */
    RecipeAnswers.RecipesView recipes(RecipesRequest request) {
        ShotScene scene = ShotScene.of(kit.table(request.tableId()).spec(), request.balls());
        Predicate<PlayedShot> pots = scene.potted(request.pot());
        Predicate<PlayedShot> all = scene.cueStaysUp().and(pots);
        ShotTask task = new ShotTask(
                scene.table(),
                scene.physics(),
                scene.spec().level(),
                scene.balls(),
                scene.cue(),
                Optional.of(scene.aimOf(request.pot())),
                pots,
                request.zone() == null ? all : all.and(scene.lands(request.zone())),
                Optional.ofNullable(request.zone()).map(zone -> zone.toCircle().targetPoint()),
                request.sideAllowed(),
                Teaching.NOTHING,
                Bridge.HAND);
        List<Recipe> recipes = RecipeSolver.solve(task);
        return RecipeAnswers.RecipesView.of(recipes, PreferredRecipe.of(recipes, task.teaching()));
    }

    private ShotScene scene(SimulateRequest request) {
        TableSpec table = kit.table(request.tableId()).spec();
        return ShotScene.of(Boolean.TRUE.equals(request.preset()) ? table.withPreset() : table, request.balls());
    }

    private static double launchDegrees(SimulateRequest request) {
        Double launch = request.stroke().launchDegrees();
        if (launch == null) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "stroke.launchDegrees", null, "must be given where no pot is asked");
        }
        return launch;
    }

    private static AimInterval aim(SimulateRequest request, ShotScene scene, CueStrike strike) {
        PotRequest pot = request.pot();
        return AimSolver.solve(scene.runner(), strike, scene.aimOf(pot), scene.potted(pot))
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.NO_STRAIGHT_POT,
                        "stroke",
                        String.format(Locale.ROOT, "%.2f m/s", request.stroke().paceMetresPerSecond()),
                        "must be able to pot ball " + pot.ball() + "; too soft, or something is in the way"));
    }
}
