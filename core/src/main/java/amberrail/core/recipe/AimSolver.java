package amberrail.core.recipe;

import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.FinalTable;
import amberrail.core.simulation.ShotRunner;
import java.util.Optional;
import java.util.function.Predicate;

/** Finds the launch directions that pot: a scan about the geometric aim, then both ends by bisection. */
public final class AimSolver {
    /** Throw, squirt and swerve together stay below this for any shot that is played on purpose. */
    private static final double REACH_DEGREES = 6;

    private static final double FINEST_DEGREES = 1e-4;
    private static final int STEPS_ACROSS_THE_WINDOW = 6;

    private AimSolver() {}

    /**
     * The interval nearest to the geometric aim; empty if nothing within 6 degrees of it pots.
     *
     * @param runner        the set-up
     * @param strike        pace, spin and elevation; its own direction is not used
     * @param aroundDegrees the geometric aim, from which the search goes out to both sides
     * @param windowDegrees width of the geometric aim window; the scan steps at a sixth of it, so no interval of that order is missed
     * @param potted        whether a finished shot is the wanted pot
     */
    public static Optional<AimInterval> solve(
            ShotRunner runner,
            CueStrike strike,
            double aroundDegrees,
            double windowDegrees,
            Predicate<FinalTable> potted) {
        double step = Math.max(windowDegrees / STEPS_ACROSS_THE_WINDOW, 0.004);
        for (double away = 0; away <= REACH_DEGREES; away += step) {
            for (double side : away == 0 ? new double[] {1} : new double[] {1, -1}) {
                double inside = aroundDegrees + side * away;
                if (pots(runner, strike, inside, potted)) {
                    return Optional.of(new AimInterval(
                            edge(runner, strike, inside, -step, potted), edge(runner, strike, inside, step, potted)));
                }
            }
        }
        return Optional.empty();
    }

    /** From an aim that pots outwards until one does not, then between the two. */
    private static double edge(
            ShotRunner runner, CueStrike strike, double inside, double step, Predicate<FinalTable> potted) {
        double good = inside;
        double bad = inside + step;
        while (pots(runner, strike, bad, potted) && Math.abs(bad - inside) < REACH_DEGREES) {
            good = bad;
            bad += step;
        }
        while (Math.abs(bad - good) > FINEST_DEGREES) {
            double middle = (good + bad) / 2;
            if (pots(runner, strike, middle, potted)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    private static boolean pots(
            ShotRunner runner, CueStrike strike, double launchDegrees, Predicate<FinalTable> potted) {
        return runner.play(strike, launchDegrees) && potted.test(runner.result());
    }
}
