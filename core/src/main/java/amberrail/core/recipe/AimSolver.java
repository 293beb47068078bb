package amberrail.core.recipe;

import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.Predicate;

/** Finds the launch directions that pot: a scan about the geometric aim, then both ends by bisection. */
public final class AimSolver {
    private static final int STEPS_ACROSS_THE_WINDOW = 6;
    private static final double SMALLEST_STEP_DEGREES = 0.004;

    private AimSolver() {}

    /**
     * The interval nearest to where the search begins; empty if nothing within its reach works. For what stays true once it is, as a pot does: no
     * shot is played further than that.
     *
     * @param runner the set-up
     * @param strike pace, spin and elevation; its own direction is not used
     * @param search where to look and how finely; the scan steps at a sixth of the window, so no interval of that order is missed
     * @param works  whether a finished shot is the wanted pot
     */
    public static Optional<AimInterval> solve(
            ShotRunner runner, CueStrike strike, AimSearch search, Predicate<PlayedShot> works) {
        return solve(search, degrees -> runner.playUntil(strike, degrees, works));
    }

    /** The same for what only the end of a shot decides. */
    static Optional<AimInterval> solveToTheEnd(
            ShotRunner runner, CueStrike strike, AimSearch search, Predicate<PlayedShot> works) {
        return solve(search, degrees -> runner.play(strike, degrees) && works.test(runner.result()));
    }

    private static Optional<AimInterval> solve(AimSearch search, DoublePredicate works) {
        double step = Math.max(search.windowDegrees() / STEPS_ACROSS_THE_WINDOW, SMALLEST_STEP_DEGREES);
        int steps = (int) Math.ceil(search.reachDegrees() / step);
        for (int i = 0; i <= steps; i++) {
            for (int side = -1; side <= (i == 0 ? -1 : 1); side += 2) {
                double inside = search.aroundDegrees() - side * i * step;
                if (works.test(inside)) {
                    return Optional.of(interval(inside, step, search, works));
                }
            }
        }
        return Optional.empty();
    }

    /** Every interval in a whole turn, looked for at this step. */
    public static List<AimInterval> everywhere(
            ShotRunner runner,
            CueStrike strike,
            double stepDegrees,
            double finestDegrees,
            Predicate<PlayedShot> wanted) {
        DoublePredicate works = degrees -> runner.play(strike, degrees) && wanted.test(runner.result());
        AimSearch search = new AimSearch(0, stepDegrees * STEPS_ACROSS_THE_WINDOW, 180, finestDegrees);
        List<AimInterval> found = new ArrayList<>();
        double direction = -180;
        while (direction < 180) {
            if (works.test(direction)) {
                AimInterval interval = interval(direction, stepDegrees, search, works);
                found.add(interval);
                direction = Math.max(direction, interval.upperDegrees());
            }
            direction += stepDegrees;
        }
        return found;
    }

    private static AimInterval interval(double inside, double step, AimSearch search, DoublePredicate works) {
        return new AimInterval(edge(inside, -step, search, works), edge(inside, step, search, works));
    }

    /** From an aim that works outwards until one does not, then between the two. */
    private static double edge(double inside, double step, AimSearch search, DoublePredicate works) {
        double good = inside;
        double bad = inside + step;
        while (works.test(bad) && Math.abs(bad - inside) < search.reachDegrees()) {
            good = bad;
            bad += step;
        }
        while (Math.abs(bad - good) > search.finestDegrees()) {
            double middle = (good + bad) / 2;
            if (works.test(middle)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }
}
