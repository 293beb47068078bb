package amberrail.app.lab;

import amberrail.app.lab.LabViews.CutRow;
import amberrail.app.lab.LabViews.CutTable;
import amberrail.app.lab.LabViews.DragRow;
import amberrail.app.lab.LabViews.DragTable;
import amberrail.app.lab.LabViews.HeightAndPace;
import amberrail.app.lab.LabViews.PathRow;
import amberrail.app.lab.LabViews.PathStates;
import amberrail.app.lab.LabViews.RunRow;
import amberrail.app.lab.LabViews.RunTable;
import amberrail.app.lab.LabViews.SideAnswer;
import amberrail.app.lab.LabViews.SidePart;
import amberrail.app.lab.LabViews.SideRow;
import amberrail.app.lab.LabViews.SideTable;
import amberrail.app.lab.LabViews.SqueezeRow;
import amberrail.app.lab.LabViews.SqueezeTable;
import amberrail.app.lab.LabViews.StopCurve;
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
import amberrail.core.recipe.StopChance;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.TableLevel;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.statistics.GradeScale;
import amberrail.core.table.BallSet;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
    /** A stop is compared over these distances. */
    private static final List<Double> STOPS_MILLIMETRES = List.of(500.0, 1000.0, 1500.0, 2000.0);

    private static final int CURVE_STEPS = 40;
    /** Nearer the centre than a tenth of the way nobody can mean it. */
    private static final double HIGHEST_STOP_SHARE = 0.1;

    private static final double FIRMEST_DRAWN = 7;
    /** b/R of a ball that rolls from the tip on: 2/5. */
    private static final double ROLLS_AT_ONCE = 0.4;

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

    StopTable stop(TableKind kind, double distanceMillimetres, double grade) {
        ExecutionErrors errors = ExecutionErrors.ofAbility(GradeScale.logits(grade));
        List<StopRow> rows = lowHeights(kind)
                .mapToObj(height -> stopRow(kind, distanceMillimetres, height, errors))
                .toList();
        StopRow forgiving =
                rows.stream().max(Comparator.comparingDouble(StopRow::chance)).orElseThrow();
        TreeSet<Double> distances = new TreeSet<>(STOPS_MILLIMETRES);
        distances.add(distanceMillimetres);
        return new StopTable(
                rows,
                rows.get(rows.size() - 1),
                forgiving,
                distances.stream()
                        .map(distance -> new StopCurve(distance, stopCurve(kind, distance)))
                        .toList());
    }

    private static StopRow stopRow(TableKind kind, double distance, double height, ExecutionErrors errors) {
        double pace = stopPace(kind, distance, height);
        double nearer = stopPace(kind, distance, height + 1);
        BallSet balls = TablePresets.usual(kind).balls();
        double chance = StopChance.of(
                new StopChance.Stroke(pace, height / radius(kind), ELEVATION_DEGREES),
                Units.metres(distance),
                Units.metres(balls.cueBall().diameterMillimetres()),
                errors,
                balls,
                physics(kind));
        return new StopRow(height, pace, 100 * (nearer / pace - 1), chance);
    }

    private static List<HeightAndPace> stopCurve(TableKind kind, double distance) {
        double lowest = LOWEST_SHARE * radius(kind);
        return IntStream.rangeClosed(0, CURVE_STEPS)
                .mapToDouble(i -> -lowest * (HIGHEST_STOP_SHARE + (1 - HIGHEST_STOP_SHARE) * i / CURVE_STEPS))
                .mapToObj(height -> new HeightAndPace(height, stopPace(kind, distance, height)))
                .filter(one -> one.paceMetresPerSecond() <= FIRMEST_DRAWN)
                .toList();
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
            // At the stun point itself rounding decides what is left of the spin: nothing is.
            boolean isStun = stun.isPresent() && metres == stun.getAsDouble();
            path.at(metres)
                    .ifPresent(at -> rows.add(new PathRow(
                            Units.millimetres(metres),
                            isStun
                                    ? PathRow.Phase.SLIDE
                                    : PathRow.Phase.valueOf(at.phase().name()),
                            at.speedMetresPerSecond(),
                            isStun ? 0 : at.rollingShare())));
        }
        return new PathStates(
                stun.isPresent() ? Units.millimetres(stun.getAsDouble()) : null,
                Units.millimetres(path.rollsFromMetres()),
                Units.millimetres(path.stopsAtMetres()),
                rows);
    }

    DragTable drag(TableKind kind, double distanceMillimetres, double arrivalMetresPerSecond) {
        double distance = Units.metres(distanceMillimetres);
        double rollsDown = 2 * physics(kind).rollingFriction() * physics(kind).gravity() * distance;
        OptionalDouble rolled =
                OptionalDouble.of(Math.sqrt(arrivalMetresPerSecond * arrivalMetresPerSecond + rollsDown));
        List<DragRow> rows = new ArrayList<>();
        rows.add(dragRow(kind, distance, ROLLS_AT_ONCE * radius(kind), rolled, true));
        DoubleStream.concat(DoubleStream.of(0), lowHeights(kind))
                .mapToObj(height -> dragRow(
                        kind,
                        distance,
                        height,
                        StopStroke.dragPaceMetresPerSecond(
                                distance, -height / radius(kind), arrivalMetresPerSecond, physics(kind)),
                        false))
                .forEach(rows::add);
        return new DragTable(rows);
    }

    private static DragRow dragRow(
            TableKind kind, double distance, double height, OptionalDouble pace, boolean rolled) {
        if (pace.isEmpty()) {
            return new DragRow(rolled, height, null, null, null);
        }
        Optional<StraightPath.Time> time = StraightPath.of(pace.getAsDouble(), height / radius(kind), 0, physics(kind))
                .timeTo(distance);
        double unlevel = TableLevel.NEVER_CHECKED.unknownDriftMetresPerSecondSquared();
        return new DragRow(
                rolled,
                height,
                pace.getAsDouble(),
                time.map(one -> one.slidingSeconds() + one.rollingSeconds()).orElse(null),
                time.map(one -> Units.millimetres(one.asideMetres(unlevel))).orElse(null));
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
        List<SideRow> rows = DoubleStream.of(PACES)
                .mapToObj(pace -> sideRow(kind, pot, pace, sideMillimetres))
                .toList();
        List<SideRow> getThere =
                rows.stream().filter(row -> row.aimMillimetresAtGhost() != null).toList();
        return getThere.isEmpty()
                ? new SideTable(rows, null, null)
                : new SideTable(rows, answer(getThere.get(0)), answer(getThere.get(getThere.size() - 1)));
    }

    private static SideAnswer answer(SideRow row) {
        double squirt = Math.abs(row.forSquirtMillimetres());
        double swerve = Math.abs(row.forSwerveMillimetres());
        double thrown = Math.abs(row.forThrowMillimetres());
        SidePart largest = thrown > Math.max(squirt, swerve)
                ? SidePart.THROW
                : squirt >= swerve ? SidePart.SQUIRT : SidePart.SWERVE;
        return new SideAnswer(row.paceMetresPerSecond(), row.aimMillimetresAtGhost(), largest);
    }

    private static SideRow sideRow(TableKind kind, PotLine pot, double pace, double sideMillimetres) {
        CueStrike strike = withSide(kind, pace, sideMillimetres);
        try {
            SideAim aim = SideAim.of(strike, pot, Units.metres(radius(kind)), physics(kind));
            return new SideRow(
                    pace,
                    beside(aim.aimForSquirtDegrees(), pot),
                    beside(aim.aimForSwerveDegrees(), pot),
                    beside(aim.aimForThrowDegrees(), pot),
                    beside(aim.totalAimDegrees(), pot),
                    aim.squirtDegrees(),
                    aim.swerveDegrees(),
                    aim.throwDegrees());
        } catch (InvalidInputException tooSoftToGetThere) {
            return new SideRow(pace, null, null, null, null, null, null, null);
        }
    }

    /** A change of the cue's direction as mm at the place of contact. */
    private static double beside(double degrees, PotLine pot) {
        return Math.tan(Math.toRadians(degrees)) * pot.cueDistanceMillimetres();
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
