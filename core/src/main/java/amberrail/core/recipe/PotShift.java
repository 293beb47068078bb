package amberrail.core.recipe;

import amberrail.core.geometry.Units;
import amberrail.core.simulation.ExecutionErrors;
import java.util.Optional;

/**
 * By how much the directions that pot turn when the tip is off: unwanted side or height throws the object ball, and a made aim misses.
 *
 * @param perSideMilliradians   for 1 mm of side
 * @param perHeightMilliradians for 1 mm of height
 * @see "central differences on the engine (physics/model.md)"
 */
public record PotShift(double perSideMilliradians, double perHeightMilliradians) {
    static final PotShift NONE = new PotShift(0, 0);

    private static final double STEP_MILLIMETRES = 0.5;

    /** By central differences of half a millimetre; none where the shot is no plain pot, or a step to one side does not pot at all. */
    static PotShift of(StrokeTrial trial, ShotTask task, Candidate of) {
        if (task.aim().isEmpty()) {
            return NONE;
        }
        double step = STEP_MILLIMETRES / task.cueRadiusMillimetres();
        return new PotShift(
                perMillimetre(
                        middle(trial, of, of.height(), of.side() + step),
                        middle(trial, of, of.height(), of.side() - step)),
                perMillimetre(
                        middle(trial, of, of.height() + step, of.side()),
                        middle(trial, of, of.height() - step, of.side())));
    }

    /**
     * How many times larger than the aim's own error that of the pot is, for a student whose errors of side and height stand to that of aim as the
     * reference student's do.
     */
    public double timesTheAim() {
        ExecutionErrors reference = ExecutionErrors.REFERENCE;
        double side = perSideMilliradians * reference.tipSideMillimetres() / reference.aimMilliradians();
        double height = perHeightMilliradians * reference.tipHeightMillimetres() / reference.aimMilliradians();
        return Math.sqrt(1 + side * side + height * height);
    }

    private static Optional<Double> middle(StrokeTrial trial, Candidate of, double height, double side) {
        return trial.play(of.speed(), height, side, Optional.of(of.aim()))
                .map(found -> found.aim().middleDegrees());
    }

    private static double perMillimetre(Optional<Double> more, Optional<Double> less) {
        return more.isEmpty() || less.isEmpty()
                ? 0
                : Units.milliradians(more.get() - less.get()) / (2 * STEP_MILLIMETRES);
    }
}
