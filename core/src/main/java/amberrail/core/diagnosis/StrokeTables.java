package amberrail.core.diagnosis;

import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.ObservedShot;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.statistics.StrokeCell;
import amberrail.core.statistics.StrokeDraws;
import amberrail.core.statistics.StrokeTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A stroke's table played by the engine, and attempts in its words: both are seen as a coach sees and records them. */
public final class StrokeTables {
    private static final int STROKES = 8_000;
    private static final long SEED = 20_261_127;
    private static final double SOFTEST_SHARE = 0.02;
    private static final double FARTHEST_TIP = 0.99;
    /** The one outcome that is no {@link PotOutcome}: wherever the object ball went, the cue ball is gone. */
    private static final String IN_OFF = "IN_OFF";

    private StrokeTables() {}

    private static final class Draws {
        static final StrokeDraws COMMON = StrokeDraws.of(STROKES, SEED);
    }

    /**
     * Eight thousand strokes that stray from one plan.
     *
     * @param asked  the layout of the task's balls, original or mirrored
     * @param stroke as it is meant on that side
     * @param band   error sizes at the reference pace, to which the draws belong
     */
    public static StrokeTable of(ShotLayout asked, ShotTask task, PlannedStroke stroke, ExecutionErrors band) {
        return of(asked, task, stroke, band, Draws.COMMON);
    }

    static StrokeTable of(
            ShotLayout asked, ShotTask task, PlannedStroke stroke, ExecutionErrors band, StrokeDraws draws) {
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        ExecutionErrors here = task.errors(band).at(stroke.paceMetresPerSecond());
        double radius = runner.struckRadiusMillimetres();
        List<String> outcomes = new ArrayList<>(draws.size());
        List<Point> landings = new ArrayList<>(draws.size());
        for (int m = 0; m < draws.size(); m++) {
            double left = here.aimMilliradians() * draws.z(0, m);
            CueStrike strike = new PlannedStroke(
                            stroke.paceMetresPerSecond()
                                    * Math.max(SOFTEST_SHARE, 1 + here.paceFraction() * draws.z(1, m)),
                            onTheBall(
                                    stroke.tipHeightMillimetres() + here.tipHeightMillimetres() * draws.z(2, m),
                                    radius),
                            onTheBall(stroke.tipSideMillimetres() + here.tipSideMillimetres() * draws.z(3, m), radius),
                            stroke.elevationDegrees(),
                            stroke.launchDegrees() + Units.degrees(left))
                    .onBall(radius);
            if (!runner.play(strike, strike.launchDegrees())) {
                // A miscue: nobody learns where the ball would have gone.
                outcomes.add(PotOutcome.OTHER.name());
                landings.add(null);
                continue;
            }
            String outcome =
                    outcome(ObservedShot.of(asked, runner.result(), left)).orElseThrow();
            outcomes.add(outcome);
            landings.add(
                    outcome.equals(StrokeTable.CLEAN)
                            ? ObservedShot.landing(asked, runner.result()).orElseThrow()
                            : null);
        }
        return new StrokeTable(draws, outcomes, landings);
    }

    private static double onTheBall(double millimetres, double radius) {
        return Math.max(-FARTHEST_TIP * radius, Math.min(FARTHEST_TIP * radius, millimetres));
    }

    /** An attempt in a table's words; empty for a foul, which the simulation does not know. */
    public static Optional<StrokeCell.Seen> seen(Attempt attempt) {
        return outcome(attempt)
                .map(outcome -> new StrokeCell.Seen(
                        outcome,
                        attempt.landing().map(landing -> landing.place()),
                        attempt.landing()
                                .map(landing -> landing.placingSdMillimetres())
                                .orElse(0.0)));
    }

    private static Optional<String> outcome(Attempt attempt) {
        if (attempt.inOff()) {
            return Optional.of(IN_OFF);
        }
        if (attempt.foul()) {
            return Optional.empty();
        }
        boolean clean =
                attempt.outcome() == PotOutcome.POTTED_CLEAN || attempt.outcome() == PotOutcome.CONTACT_AS_ASKED;
        return Optional.of(clean ? StrokeTable.CLEAN : attempt.outcome().name());
    }
}
