package amberrail.core.rack;

/** Plane geometry in plain numbers, for what is asked a million times (mm, rad). */
final class Geometry {
    private Geometry() {}

    /** An angle brought into (-pi, pi]. */
    static double turn(double angle) {
        double turned = Math.IEEEremainder(angle, 2 * Math.PI);
        return turned <= -Math.PI ? turned + 2 * Math.PI : turned;
    }

    /** Whether a point lies nearer than {@code apart} to the way from one place to another. */
    static boolean isInTheWay(double fromX, double fromY, double toX, double toY, double x, double y, double apart) {
        double dx = toX - fromX;
        double dy = toY - fromY;
        double squared = dx * dx + dy * dy;
        double share = squared == 0 ? 0 : ((x - fromX) * dx + (y - fromY) * dy) / squared;
        double clipped = Math.max(0, Math.min(1, share));
        double offX = x - fromX - clipped * dx;
        double offY = y - fromY - clipped * dy;
        return offX * offX + offY * offY < apart * apart;
    }

    /** The chance that a normal error of this size stays within plus or minus {@code half}. */
    static double within(double half, double sd) {
        if (sd <= 0) {
            return half > 0 ? 1 : 0;
        }
        return erf(half / (sd * Math.sqrt(2)));
    }

    /** To 1.5e-7 (Abramowitz and Stegun 7.1.26). */
    private static double erf(double x) {
        double t = 1 / (1 + 0.3275911 * x);
        double poly = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
        return 1 - poly * Math.exp(-x * x);
    }
}
