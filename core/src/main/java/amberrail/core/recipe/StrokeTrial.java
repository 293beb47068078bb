package amberrail.core.recipe;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.table.Cushion;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Tries strokes of one shot: finds the aim for a pace and spin, plays it, and says what came of it. For one thread. */
final class StrokeTrial {
    private static final double WHOLE_TURN_STEP_DEGREES = 0.5;
    private static final double FINEST_DEGREES = 5e-3;

    private final ShotTask task;
    private final ShotRunner runner;

    StrokeTrial(ShotTask task, Accuracy accuracy) {
        this.task = task;
        runner = task.runner(accuracy);
    }

    ShotRunner runner() {
        return runner;
    }

    /** About the pot's own aim, from a neighbour's interval if there is one. */
    Optional<Candidate> play(double speed, double height, double side, Optional<AimInterval> near) {
        AimSearch wide = task.aim().orElseThrow().quick();
        double elevation = elevation(wide.aroundDegrees(), height);
        CueStrike strike = strike(speed, height, side, elevation);
        Optional<AimInterval> aim = near.flatMap(
                known -> AimSolver.solve(runner, strike, wide.from(known).within(0.5), task.aimTest()));
        if (aim.isEmpty()) {
            aim = AimSolver.solve(runner, strike, wide, task.aimTest());
        }
        return aim.map(interval -> candidate(speed, height, side, elevation, interval));
    }

    /** Every direction that brings about what the aim must. */
    List<Candidate> playEverywhere(double speed, double height, double side) {
        // Steeper where a cushion is behind depends on the direction itself: the usual elevation finds the intervals.
        CueStrike level = strike(speed, height, side, CueElevation.USUAL_DEGREES);
        List<Candidate> found = new ArrayList<>();
        for (AimInterval rough :
                AimSolver.everywhere(runner, level, WHOLE_TURN_STEP_DEGREES, FINEST_DEGREES, task.success())) {
            double elevation = elevation(rough.middleDegrees(), height);
            if (elevation == CueElevation.USUAL_DEGREES) {
                found.add(candidate(speed, height, side, elevation, rough));
                continue;
            }
            AimSearch again = new AimSearch(
                    rough.middleDegrees(), WHOLE_TURN_STEP_DEGREES, WHOLE_TURN_STEP_DEGREES, FINEST_DEGREES);
            AimSolver.solveToTheEnd(runner, strike(speed, height, side, elevation), again, task.success())
                    .ifPresent(aim -> found.add(candidate(speed, height, side, elevation, aim)));
        }
        return found;
    }

    /** The same stroke with its aim found to a ten-thousandth of a degree; empty where, looked at so closely, it does not do what is asked. */
    Optional<Candidate> sharpened(Candidate rough) {
        CueStrike strike = strike(rough.speed(), rough.height(), rough.side(), rough.elevationDegrees());
        AimSearch search = AimSearch.about(rough.aim().middleDegrees(), 0).from(rough.aim());
        Optional<AimInterval> aim = task.aim().isPresent()
                ? AimSolver.solve(runner, strike, search, task.aimTest())
                : AimSolver.solveToTheEnd(runner, strike, search, task.success());
        return Stream.concat(aim.stream(), Stream.of(rough.aim()))
                .map(found -> candidate(rough.speed(), rough.height(), rough.side(), rough.elevationDegrees(), found))
                .filter(Candidate::succeeds)
                .findFirst();
    }

    private Candidate candidate(double speed, double height, double side, double elevation, AimInterval aim) {
        runner.play(strike(speed, height, side, elevation), aim.middleDegrees());
        PlayedShot shot = runner.result();
        int cue = task.cueBall();
        RecipeGroup group = new RecipeGroup(Way.of(shot, cue, height), cushions(shot, cue), (int) Math.signum(side));
        Point landing = shot.place(cue);
        return new Candidate(
                group,
                speed,
                height,
                side,
                elevation,
                aim,
                landing,
                task.success().test(shot));
    }

    private static List<Cushion> cushions(PlayedShot shot, int cue) {
        List<Cushion> met = new ArrayList<>();
        for (int e = 0; e < shot.events(); e++) {
            if (shot.kind(e) == PlayedShot.Kind.MEETS_CUSHION && shot.ball(e) == cue) {
                met.add(shot.cushion(e));
            }
        }
        return met;
    }

    private double elevation(double launchDegrees, double height) {
        return CueElevation.degrees(
                task.table(), task.balls(), task.cueBall(), Angles.normalDegrees(launchDegrees), height);
    }

    private static CueStrike strike(double speed, double height, double side, double elevation) {
        return new CueStrike(speed, 0, side, height, elevation, OptionalDouble.empty());
    }
}
