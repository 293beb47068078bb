package amberrail.app.lab;

import amberrail.app.lab.LabViews.CutRow;
import amberrail.app.lab.LabViews.CutTable;
import amberrail.app.lab.LabViews.PathRow;
import amberrail.app.lab.LabViews.PathStates;
import amberrail.app.lab.LabViews.RunRow;
import amberrail.app.lab.LabViews.RunTable;
import amberrail.core.aiming.FullHit;
import amberrail.core.aiming.StraightPath;
import amberrail.core.geometry.Units;
import amberrail.core.table.BallSet;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.DoubleStream;
import org.springframework.stereotype.Service;

/** What a straight shot does along its way and after contact, and the geometry of a cut. */
@Service
class StraightLab {
    private static final double[] RUNS_MILLIMETRES = {-600, -300, -150, 0, 100, 200, 300, 600};
    private static final double[] CUTS_DEGREES = {0, 14.48, 30, 45, 48.59, 60, 75};
    private static final int PATH_STEPS = 12;

    PathStates path(LabKit kit, double pace, double heightMillimetres) {
        StraightPath path = StraightPath.of(
                pace, heightMillimetres / kit.radiusMillimetres(), kit.elevationDegrees(), kit.physics());
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

    RunTable runThrough(LabKit kit, double distanceMillimetres, double pace) {
        BallSet balls = kit.balls();
        return new RunTable(DoubleStream.of(RUNS_MILLIMETRES)
                .mapToObj(wanted -> {
                    OptionalDouble share = FullHit.heightFor(
                            Units.metres(wanted),
                            pace,
                            kit.elevationDegrees(),
                            Units.metres(distanceMillimetres),
                            balls,
                            kit.physics());
                    return new RunRow(wanted, share.isPresent() ? share.getAsDouble() * kit.radiusMillimetres() : null);
                })
                .toList());
    }

    CutTable cut(LabKit kit, double cutDegrees) {
        double touching = kit.balls().touchingMillimetres();
        return new CutTable(DoubleStream.concat(DoubleStream.of(cutDegrees), DoubleStream.of(CUTS_DEGREES))
                .mapToObj(cut -> {
                    double sine = Math.sin(Math.toRadians(cut));
                    return new CutRow(cut, 1 - sine, touching * sine);
                })
                .toList());
    }
}
