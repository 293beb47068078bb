package amberrail.app.lab;

import amberrail.app.lab.LabViews.CutRow;
import amberrail.app.lab.LabViews.CutTable;
import amberrail.app.lab.LabViews.DragRow;
import amberrail.app.lab.LabViews.DragTable;
import amberrail.app.lab.LabViews.PathRow;
import amberrail.app.lab.LabViews.PathStates;
import amberrail.app.lab.LabViews.RunRow;
import amberrail.app.lab.LabViews.RunTable;
import amberrail.app.lab.LabViews.SideRow;
import amberrail.app.lab.LabViews.SideTable;
import amberrail.app.lab.LabViews.SqueezeRow;
import amberrail.app.lab.LabViews.SqueezeTable;
import amberrail.app.lab.LabViews.StopRow;
import amberrail.app.lab.LabViews.StopTable;
import amberrail.core.aiming.FullHit;
import amberrail.core.aiming.PotLine;
import amberrail.core.aiming.SideAim;
import amberrail.core.aiming.StopStroke;
import amberrail.core.aiming.StraightPath;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.BallSet;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Asks core's closed forms, in steps of half a tip. */
@Service
class LabService {
    /** The usual cue (answers.md, "Strike and pace"). */
    private static final double ELEVATION_DEGREES = 3;

    private static final double LOWEST_SHARE = 0.5;
    private static final double[] PACES = {0.6, 1.0, 1.5, 2.0, 2.7, 3.4, 4.2, 5.0};
    private static final double[] RUNS_MILLIMETRES = {-600, -300, -150, 0, 100, 200, 300, 600};
    private static final double[] CUTS_DEGREES = {0, 14.48, 30, 45, 48.59, 60, 75};
    private static final int PATH_STEPS = 12;

    private static Physics physics(TableKind kind) {
        return TablePhysics.usual(kind);
    }

    private static double radius(TableKind kind) {
        return TablePresets.usual(kind).balls().cueBall().radiusMillimetres();
    }

    /** Below the centre in steps of half a half tip, to the lowest that does not slip off. */
    private static DoubleStream lowHeights(TableKind kind) {
        double step = kind.tipDiameterMillimetres() / 4;
        int most = (int) Math.floor(LOWEST_SHARE * radius(kind) / step);
        return IntStream.rangeClosed(1, most).mapToDouble(n -> -n * step);
    }

    StopTable stop(TableKind kind, double distanceMillimetres) {
        return new StopTable(lowHeights(kind)
                .mapToObj(height -> {
                    double pace = stopPace(kind, distanceMillimetres, height);
                    double nearer = stopPace(kind, distanceMillimetres, height + 1);
                    return new StopRow(height, pace, 100 * (nearer / pace - 1));
                })
                .toList());
    }

    private static double stopPace(TableKind kind, double distanceMillimetres, double height) {
        return StopStroke.paceMetresPerSecond(Units.metres(distanceMillimetres), -height / radius(kind), physics(kind));
    }

    PathStates path(TableKind kind, double pace, double heightMillimetres) {
        StraightPath path = StraightPath.of(pace, heightMillimetres / radius(kind), ELEVATION_DEGREES, physics(kind));
        OptionalDouble stun = path.stunPointMetres();
        List<PathRow> rows = new ArrayList<>();
        TreeSet<Double> places = new TreeSet<>();
        for (int i = 0; i < PATH_STEPS; i++) {
            places.add(path.stopsAtMetres() * i / PATH_STEPS);
        }
        // Where it changes, so that the drawing changes there too.
        places.add(path.rollsFromMetres());
        stun.ifPresent(places::add);
        for (double metres : places) {
            path.at(metres)
                    .ifPresent(at -> rows.add(new PathRow(
                            Units.millimetres(metres),
                            PathRow.Phase.valueOf(at.phase().name()),
                            at.speedMetresPerSecond(),
                            at.rollingShare())));
        }
        return new PathStates(
                stun.isPresent() ? Units.millimetres(stun.getAsDouble()) : null,
                Units.millimetres(path.rollsFromMetres()),
                Units.millimetres(path.stopsAtMetres()),
                rows);
    }

    DragTable drag(TableKind kind, double distanceMillimetres, double arrivalMetresPerSecond) {
        return new DragTable(DoubleStream.concat(DoubleStream.of(0), lowHeights(kind))
                .mapToObj(height -> {
                    OptionalDouble pace = StopStroke.dragPaceMetresPerSecond(
                            Units.metres(distanceMillimetres),
                            -height / radius(kind),
                            arrivalMetresPerSecond,
                            physics(kind));
                    return new DragRow(height, pace.isPresent() ? pace.getAsDouble() : null);
                })
                .toList());
    }

    RunTable runThrough(TableKind kind, double distanceMillimetres, double pace) {
        BallSet balls = TablePresets.usual(kind).balls();
        return new RunTable(DoubleStream.of(RUNS_MILLIMETRES)
                .mapToObj(wanted -> {
                    OptionalDouble share = FullHit.heightFor(
                            Units.metres(wanted),
                            pace,
                            ELEVATION_DEGREES,
                            Units.metres(distanceMillimetres),
                            balls,
                            physics(kind));
                    return new RunRow(wanted, share.isPresent() ? share.getAsDouble() * radius(kind) : null);
                })
                .toList());
    }

    SideTable side(TableKind kind, double distanceMillimetres, double cutDegrees, double sideMillimetres) {
        PotLine pot = pot(kind, distanceMillimetres, cutDegrees);
        return new SideTable(DoubleStream.of(PACES)
                .mapToObj(pace -> sideRow(kind, pot, pace, sideMillimetres))
                .toList());
    }

    private static SideRow sideRow(TableKind kind, PotLine pot, double pace, double sideMillimetres) {
        CueStrike strike = withSide(kind, pace, sideMillimetres);
        try {
            SideAim aim = SideAim.of(strike, pot, Units.metres(radius(kind)), physics(kind));
            double beside = Math.tan(Math.toRadians(aim.totalAimDegrees())) * pot.cueDistanceMillimetres();
            return new SideRow(
                    pace, aim.squirtDegrees(), aim.swerveDegrees(), aim.throwDegrees(), aim.totalAimDegrees(), beside);
        } catch (InvalidInputException tooSoftToGetThere) {
            return new SideRow(pace, null, null, null, null, null);
        }
    }

    private static CueStrike withSide(TableKind kind, double pace, double sideMillimetres) {
        return new CueStrike(
                pace,
                0,
                sideMillimetres / radius(kind),
                0,
                ELEVATION_DEGREES,
                OptionalDouble.of(TablePhysics.usualEndMassRatio(kind)));
    }

    SqueezeTable squeeze(
            TableKind kind, double distanceMillimetres, double cutDegrees, double pace, double toPocketMillimetres) {
        PotLine pot = pot(kind, distanceMillimetres, cutDegrees);
        OptionalDouble plain = thrown(kind, pot, pace, 0);
        double step = kind.tipDiameterMillimetres() / 2;
        int most = (int) Math.floor(LOWEST_SHARE * radius(kind) / step);
        return new SqueezeTable(IntStream.rangeClosed(-most, most)
                .mapToObj(halfTips -> {
                    double side = halfTips * step;
                    OptionalDouble thrown = thrown(kind, pot, pace, side);
                    if (thrown.isEmpty() || plain.isEmpty()) {
                        return new SqueezeRow(side, null, null, null);
                    }
                    double turned = thrown.getAsDouble() - plain.getAsDouble();
                    return new SqueezeRow(
                            side, thrown.getAsDouble(), turned, Math.tan(Math.toRadians(turned)) * toPocketMillimetres);
                })
                .toList());
    }

    /** Empty where the stroke is too soft to get there. */
    private static OptionalDouble thrown(TableKind kind, PotLine pot, double pace, double sideMillimetres) {
        try {
            return OptionalDouble.of(
                    SideAim.of(withSide(kind, pace, sideMillimetres), pot, Units.metres(radius(kind)), physics(kind))
                            .throwDegrees());
        } catch (InvalidInputException tooSoftToGetThere) {
            return OptionalDouble.empty();
        }
    }

    /** A pot of that cut and distance, laid out before the far left pocket. */
    private static PotLine pot(TableKind kind, double distanceMillimetres, double cutDegrees) {
        TablePlan plan = TablePlan.of(TablePresets.usual(kind));
        Point object = new Point(
                0.75 * plan.spec().lengthMillimetres(), 0.7 * plan.spec().widthMillimetres());
        PotLine straight = PotLine.of(
                plan,
                plan.spec().balls(),
                object.moved(Direction.ofDegrees(200), 500),
                object,
                plan.pocket(PocketName.NE));
        Direction aim = straight.objectDirection().turnedDegrees(-cutDegrees);
        Point cue = straight.ghostBall().moved(aim, -distanceMillimetres);
        return PotLine.of(plan, plan.spec().balls(), cue, object, plan.pocket(PocketName.NE));
    }

    CutTable cut(TableKind kind, double cutDegrees) {
        double touching = TablePresets.usual(kind).balls().touchingMillimetres();
        return new CutTable(DoubleStream.concat(DoubleStream.of(cutDegrees), DoubleStream.of(CUTS_DEGREES))
                .mapToObj(cut -> {
                    double sine = Math.sin(Math.toRadians(cut));
                    return new CutRow(cut, 1 - sine, touching * sine);
                })
                .toList());
    }
}
