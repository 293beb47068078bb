package amberrail.core.recipe;

import amberrail.core.geometry.Point;
import java.util.Optional;

/**
 * From a stroke that lands somewhere near to the one that lands on the target, or as near to it as that way of playing can.
 *
 * <p>Levenberg-Marquardt on ln(pace) and tip height (b/R), the aim solved anew at each step; derivatives by forward differences. A step that
 * does not bring the landing nearer is damped, so a jump to another way of playing is only taken if it lands nearer.
 *
 * @see "Levenberg 1944; Marquardt 1963"
 */
final class LandingSearch {
    private static final int MOST_STEPS = 7;
    private static final double NEAR_ENOUGH_MILLIMETRES = 3;
    private static final double DIFFERENCE_LN_PACE = 0.012;
    private static final double DIFFERENCE_HEIGHT = 0.012;
    private static final double MOST_LN_PACE_STEP = 0.3;
    private static final double MOST_HEIGHT_STEP = 0.12;

    private final StrokeTrial trial;
    private final StrokeRange range;
    private final Point target;

    LandingSearch(StrokeTrial trial, StrokeRange range, Point target) {
        this.trial = trial;
        this.range = range;
        this.target = target;
    }

    Candidate nearest(Candidate from) {
        Candidate best = from;
        double damping = 1e-2;
        for (int i = 0; i < MOST_STEPS; i++) {
            double dx = target.xMillimetres() - best.landing().xMillimetres();
            double dy = target.yMillimetres() - best.landing().yMillimetres();
            if (Math.hypot(dx, dy) < NEAR_ENOUGH_MILLIMETRES) {
                break;
            }
            double heightStep = best.height() > 0 ? -DIFFERENCE_HEIGHT : DIFFERENCE_HEIGHT;
            Optional<Candidate> faster = at(best, DIFFERENCE_LN_PACE, 0);
            Optional<Candidate> higher = at(best, 0, heightStep);
            if (faster.isEmpty() || higher.isEmpty()) {
                break;
            }
            Point perPace = slope(best, faster.get(), DIFFERENCE_LN_PACE);
            Point perHeight = slope(best, higher.get(), heightStep);
            Candidate next = stepped(best, perPace, perHeight, dx, dy, damping).orElse(null);
            if (next != null && distance(next) < distance(best)) {
                boolean hardlyNearer = distance(next) > 0.97 * distance(best);
                best = next;
                damping *= 0.2;
                if (hardlyNearer) {
                    break;
                }
            } else {
                damping *= 30;
                if (damping > 1e4) {
                    break;
                }
            }
        }
        return best;
    }

    /** One damped Gauss-Newton step; the damping is in units of the step limits. */
    private Optional<Candidate> stepped(
            Candidate best, Point perPace, Point perHeight, double dx, double dy, double damping) {
        double a = square(perPace);
        double d = square(perHeight);
        double b =
                perPace.xMillimetres() * perHeight.xMillimetres() + perPace.yMillimetres() * perHeight.yMillimetres();
        double lambda =
                damping * Math.max(a * MOST_LN_PACE_STEP * MOST_LN_PACE_STEP, d * MOST_HEIGHT_STEP * MOST_HEIGHT_STEP);
        a += lambda / (MOST_LN_PACE_STEP * MOST_LN_PACE_STEP) + 1e-9;
        d += lambda / (MOST_HEIGHT_STEP * MOST_HEIGHT_STEP) + 1e-9;
        double g1 = perPace.xMillimetres() * dx + perPace.yMillimetres() * dy;
        double g2 = perHeight.xMillimetres() * dx + perHeight.yMillimetres() * dy;
        double determinant = a * d - b * b;
        double pace = clip((d * g1 - b * g2) / determinant, MOST_LN_PACE_STEP);
        double height = clip((a * g2 - b * g1) / determinant, MOST_HEIGHT_STEP);
        return at(best, pace, height);
    }

    private Optional<Candidate> at(Candidate from, double lnPace, double height) {
        double speed = range.clipSpeed(from.speed() * Math.exp(lnPace));
        double tip = range.clipHeight(from.height() + height, from.side());
        return trial.play(speed, tip, from.side(), Optional.of(from.aim()));
    }

    private double distance(Candidate candidate) {
        return candidate.landing().distanceMillimetres(target);
    }

    private static Point slope(Candidate from, Candidate to, double step) {
        Point change = to.landing().minus(from.landing());
        return new Point(change.xMillimetres() / step, change.yMillimetres() / step);
    }

    private static double square(Point p) {
        return p.xMillimetres() * p.xMillimetres() + p.yMillimetres() * p.yMillimetres();
    }

    private static double clip(double value, double most) {
        return Math.min(most, Math.max(-most, value));
    }
}
