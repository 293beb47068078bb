package amberrail.app.shots;

import amberrail.app.kit.KitService;
import amberrail.app.shots.ShotAnswers.AimView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.shots.ShotAnswers.SuccessView;
import amberrail.app.shots.ShotRequests.BallRequest;
import amberrail.app.shots.ShotRequests.CircleRequest;
import amberrail.app.shots.ShotRequests.ErrorsRequest;
import amberrail.app.shots.ShotRequests.PotRequest;
import amberrail.app.shots.ShotRequests.SimulateRequest;
import amberrail.app.shots.ShotRequests.StrokeRequest;
import amberrail.app.shots.ShotRequests.SuccessRequest;
import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.recipe.AimInterval;
import amberrail.core.recipe.AimSolver;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.FinalTable;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessSimulation;
import amberrail.core.simulation.TableBall;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.OptionalDouble;
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

    /** A set-up in the engine's terms. */
    private record Scene(
            TableSpec spec, TablePlan plan, ShotTable table, Physics physics, List<TableBall> balls, int cue) {}

    ShotPathView simulate(SimulateRequest request) {
        Scene scene = scene(request);
        CueStrike unaimed = strike(request.stroke(), scene, 0);
        AimInterval aim = request.pot() == null ? null : aim(request, scene, unaimed);
        double launch = aim == null ? launchDegrees(request) : aim.middleDegrees();
        CueStrike strike = strike(request.stroke(), scene, launch);
        AimView aimView =
                aim == null ? null : new AimView(aim.lowerDegrees(), aim.upperDegrees(), aim.halfWidthMilliradians());
        String struck = scene.balls().get(scene.cue()).id();
        return ShotPathView.of(
                ShotSimulator.play(scene.table(), scene.physics(), scene.balls(), struck, strike), launch, aimView);
    }

    SuccessView success(SuccessRequest request) {
        Scene scene = scene(request.shot());
        CueStrike unaimed = strike(request.shot().stroke(), scene, 0);
        PotRequest pot = request.shot().pot();
        double launch = pot == null
                ? launchDegrees(request.shot())
                : aim(request.shot(), scene, unaimed).middleDegrees();
        CueStrike meant = strike(request.shot().stroke(), scene, launch);
        ErrorsRequest e = request.errors();
        ExecutionErrors errors = new ExecutionErrors(
                e.aimMilliradians(), e.pacePercent() / 100, e.tipHeightMillimetres(), e.tipSideMillimetres());
        Predicate<FinalTable> wanted = pot == null ? result -> true : potted(scene, pot);
        Predicate<FinalTable> lands = request.zone() == null ? result -> true : lands(scene, request.zone());
        SuccessSimulation simulation =
                new SuccessSimulation(scene.table(), scene.physics(), scene.balls(), scene.cue());
        return SuccessView.of(simulation.estimate(
                meant,
                errors,
                StrokeNoise.of(request.shots(), NOISE_SEED),
                result -> !result.isPotted(scene.cue()) && wanted.test(result) && lands.test(result),
                () -> Thread.currentThread().isInterrupted(),
                done -> {}));
    }

    private Scene scene(SimulateRequest request) {
        TableSpec spec = kit.table(request.tableId()).spec();
        TablePlan plan = TablePlan.of(spec);
        List<TableBall> balls =
                request.balls().stream().map(ball -> toBall(ball, spec)).toList();
        return new Scene(
                spec, plan, ShotTable.of(plan), TablePhysics.usual(spec.kind()), balls, cueIndex(request.balls()));
    }

    private static int cueIndex(List<BallRequest> balls) {
        int found = -1;
        for (int i = 0; i < balls.size(); i++) {
            if (balls.get(i).cueBall()) {
                if (found >= 0) {
                    throw new InvalidInputException(
                            ProblemCode.CONTRADICTION, "balls", "two cue balls", "must have exactly one cue ball");
                }
                found = i;
            }
        }
        if (found < 0) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "balls", "no cue ball", "must have exactly one cue ball");
        }
        return found;
    }

    private static TableBall toBall(BallRequest ball, TableSpec spec) {
        BallSpec size = ball.cueBall() ? spec.balls().cueBall() : spec.balls().objectBall();
        return new TableBall(
                ball.label(),
                BallState.atRest(ball.xMillimetres() / 1000, ball.yMillimetres() / 1000),
                size.radiusMillimetres() / 1000,
                size.massKilograms());
    }

    /** The engine's strike; squirt is left out, since the launch direction is what is asked for. */
    private static CueStrike strike(StrokeRequest stroke, Scene scene, double launchDegrees) {
        double radius = scene.spec().balls().cueBall().radiusMillimetres();
        double offset = Math.hypot(stroke.tipHeightMillimetres(), stroke.tipSideMillimetres());
        double limit = scene.physics().miscueLimit() * radius;
        if (!(offset <= limit)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "stroke.tipHeightMillimetres",
                    stroke.tipHeightMillimetres(),
                    "must leave the tip within " + Math.round(10 * limit) / 10.0
                            + " mm of the ball's centre, side included, or it slips off");
        }
        return new CueStrike(
                stroke.paceMetresPerSecond(),
                launchDegrees,
                stroke.tipSideMillimetres() / radius,
                stroke.tipHeightMillimetres() / radius,
                stroke.elevationDegrees(),
                OptionalDouble.empty());
    }

    private static double launchDegrees(SimulateRequest request) {
        Double launch = request.stroke().launchDegrees();
        if (launch == null) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "stroke.launchDegrees", null, "must be given where no pot is asked");
        }
        return launch;
    }

    private static AimInterval aim(SimulateRequest request, Scene scene, CueStrike strike) {
        PotRequest pot = request.pot();
        int object = objectIndex(scene, pot);
        // First of all: it refuses balls that overlap or lie off the bed by their names.
        ShotRunner runner = new ShotRunner(scene.table(), scene.physics(), scene.balls(), scene.cue());
        PotLine line = PotLine.of(
                scene.plan(),
                scene.spec().balls(),
                millimetres(scene.balls().get(scene.cue())),
                millimetres(scene.balls().get(object)),
                scene.plan().pocket(pot.pocket()));
        return AimSolver.solve(
                        runner, strike, line.aim().degrees(), line.aimWindow().widthDegrees(), potted(scene, pot))
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.NO_STRAIGHT_POT,
                        "stroke",
                        request.stroke().paceMetresPerSecond() + " m/s",
                        "must be able to pot ball " + pot.ball() + "; too soft, or something is in the way"));
    }

    private static Predicate<FinalTable> potted(Scene scene, PotRequest pot) {
        int object = objectIndex(scene, pot);
        return result -> result.isPottedIn(object, pot.pocket());
    }

    private static Predicate<FinalTable> lands(Scene scene, CircleRequest zone) {
        return result -> Math.hypot(
                        1000 * result.xMetres(scene.cue()) - zone.xMillimetres(),
                        1000 * result.yMetres(scene.cue()) - zone.yMillimetres())
                <= zone.radiusMillimetres();
    }

    private static int objectIndex(Scene scene, PotRequest pot) {
        for (int i = 0; i < scene.balls().size(); i++) {
            if (i != scene.cue() && scene.balls().get(i).id().equals(pot.ball())) {
                return i;
            }
        }
        throw new InvalidInputException(
                ProblemCode.UNKNOWN_ID, "pot.ball", pot.ball(), "must be an object ball of this set-up");
    }

    private static Point millimetres(TableBall ball) {
        return new Point(1000 * ball.state().x(), 1000 * ball.state().y());
    }
}
