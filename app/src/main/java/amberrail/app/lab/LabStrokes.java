package amberrail.app.lab;

import amberrail.app.kit.PointView;
import amberrail.app.lab.StrokesView.Contact;
import amberrail.app.lab.StrokesView.LabBall;
import amberrail.app.lab.StrokesView.StrokeRow;
import amberrail.app.shots.ShotAnswers.AimView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.core.aiming.PotLine;
import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.CueStrike;
import amberrail.core.recipe.AimInterval;
import amberrail.core.recipe.AimSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.BallTrack;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The lab's questions that have no closed form: the same pot played in several ways, by the engine. */
@Service
class LabStrokes {
    private static final String OBJECT = "1";
    private static final String CUE = "cue";
    private static final double ELEVATION_DEGREES = LabKit.USUAL_ELEVATION_DEGREES;
    /** How far into the interval of aims that pot a thick or a thin hit lies. */
    private static final double THICK_SHARE = 0.15;

    /** A stroke to try: how full, and how high in half tips. */
    private record Tried(Contact contact, int halfTips) {}

    /** One pot on a table, ready to be played in many ways. */
    private record Scene(TableSpec spec, ShotLayout layout, ShotTask task) {
        double radius() {
            return spec.balls().cueBall().radiusMillimetres();
        }
    }

    /** A ball before the pocket: thin; thick with top; thick with screw. */
    StrokesView nearPocket(LabKit kit, double fromPocketMillimetres, double pace) {
        TableSpec spec = kit.table();
        double widths = fromPocketMillimetres / spec.balls().objectBall().diameterMillimetres();
        Scene scene = scene(spec, new Position.OffPocket(PocketName.NE, widths, 0), 30, 500);
        return strokes(
                scene,
                pace,
                List.of(new Tried(Contact.THIN, 0), new Tried(Contact.THICK, 2), new Tried(Contact.THICK, -2)));
    }

    /** Little angle and much pace: the height changed by half tips. */
    StrokesView power(LabKit kit, double cutDegrees, double pace) {
        Scene scene = scene(kit.table(), new Position.AtSights(6, 3), cutDegrees, 500);
        return strokes(
                scene,
                pace,
                Stream.of(2, 1, 0, -1, -2)
                        .map(tips -> new Tried(Contact.MIDDLE, tips))
                        .toList());
    }

    /** Balls close together: short stun, screw and run-through. */
    StrokesView close(LabKit kit, double gapMillimetres, double pace) {
        TableSpec spec = kit.table();
        Scene scene = scene(spec, new Position.AtSights(6, 3), 5, gapMillimetres);
        return strokes(
                scene,
                pace,
                Stream.of(2, 1, 0, -1, -2)
                        .map(tips -> new Tried(Contact.MIDDLE, tips))
                        .toList());
    }

    private static Scene scene(TableSpec spec, Position object, double cutDegrees, double fromGhostMillimetres) {
        TablePlan plan = TablePlan.of(spec);
        Shot shot = new Shot(
                List.of(
                        new BallPlacement(OBJECT, BallPlacement.Role.OBJECT, object),
                        new BallPlacement(
                                CUE,
                                BallPlacement.Role.CUE,
                                new Position.ForPot(OBJECT, PocketName.NE, cutDegrees, fromGhostMillimetres))),
                List.of(Demand.PotBall.of(OBJECT, PocketName.NE)),
                ArrivalLine.NATURAL_ROLL);
        ShotLayout layout = ShotLayout.of(shot, plan, spec.balls(), false, 1);
        return new Scene(spec, layout, ShotTasks.of(layout, spec, false));
    }

    private static StrokesView strokes(Scene scene, double pace, List<Tried> tried) {
        return new StrokesView(
                scene.layout().balls().stream()
                        .map(ball -> new LabBall(
                                ball.role() == BallPlacement.Role.CUE,
                                PointView.of(ball.place()),
                                ball.spec().diameterMillimetres()))
                        .toList(),
                withChanges(tried.stream().map(one -> row(scene, pace, one)).toList()));
    }

    /** How far apart each stroke's resting place and the one before it lie. */
    private static List<StrokeRow> withChanges(List<StrokeRow> rows) {
        List<StrokeRow> changed = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            StrokeRow row = rows.get(i);
            Point before = i == 0 ? null : rows.get(i - 1).end();
            changed.add(
                    before == null || row.end() == null ? row : row.changedBy(before.distanceMillimetres(row.end())));
        }
        return changed;
    }

    private static StrokeRow row(Scene scene, double pace, Tried tried) {
        double height = tried.halfTips() * scene.spec().kind().tipDiameterMillimetres() / 2;
        CueStrike unaimed = strike(scene, pace, height, 0);
        ShotTask task = scene.task();
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        Optional<AimInterval> pots = AimSolver.solve(runner, unaimed, task.aim().orElseThrow(), task.aimTest());
        if (pots.isEmpty()) {
            return new StrokeRow(tried.contact(), height, null, null, null, false, null, null);
        }
        double launch =
                launch(pots.get(), tried.contact(), scene.layout().potLine().orElseThrow());
        ShotRecord played = ShotSimulator.play(
                task.table(), task.physics(), task.balls(), CUE, strike(scene, pace, height, launch));
        BallTrack cue = played.tracks().get(task.cueBall());
        Point end = Point.ofMetres(cue.end().x(), cue.end().y());
        boolean inOff = cue.pocket().isPresent();
        PotLine pot = scene.layout().potLine().orElseThrow();
        return new StrokeRow(
                tried.contact(),
                height,
                inOff ? null : pot.ghostBall().distanceMillimetres(end),
                inOff ? null : nearestCushion(end, scene.spec()),
                null,
                inOff,
                ShotPathView.of(played, launch, AimView.of(pots.get())),
                inOff ? null : end);
    }

    private static CueStrike strike(Scene scene, double pace, double height, double launchDegrees) {
        return new CueStrike(
                pace, launchDegrees, 0, height / scene.radius(), ELEVATION_DEGREES, OptionalDouble.empty());
    }

    /** A greater aim turns the cue ball to its left: for an object ball that leaves to the left that is thicker. */
    private static double launch(AimInterval pots, Contact contact, PotLine pot) {
        double width = pots.upperDegrees() - pots.lowerDegrees();
        double thick = pot.cutDegrees() > 0 ? 1 - THICK_SHARE : THICK_SHARE;
        return switch (contact) {
            case MIDDLE -> pots.middleDegrees();
            case THICK -> pots.lowerDegrees() + thick * width;
            case THIN -> pots.lowerDegrees() + (1 - thick) * width;
        };
    }

    private static double nearestCushion(Point place, TableSpec table) {
        return Stream.of(Cushion.values())
                .mapToDouble(cushion -> cushion.distanceMillimetres(place, table))
                .min()
                .orElseThrow();
    }
}
