package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;

/**
 * A straight pot as it looks from one place of the cue ball, and a quick estimate of its chance (mm, rad).
 *
 * <p>The chance is that the object ball's direction stays in its opening when the aim errs, widened by distance over ball and by the cut, and unwanted side throws it; what the cue
 * ball does afterwards is not asked. The engine decides where it matters.
 *
 * @param opening  where the ball is to go
 * @param aim      direction from the cue ball to the ghost ball
 * @param cut      positive: the object ball leaves to the left of the aim
 * @param distance from the cue ball to the ghost ball
 * @param chance   0 to 1
 */
record PotLook(Opening opening, double aim, double cut, double distance, double chance) {
    /** Thinner is not played on purpose. */
    static final double MOST_CUT = Math.toRadians(75);
    /**
     * Fitted to the engine over 6,700 pots on three tables (seeds 5000 to 6499), held to it by a test on others: of the bearings that touch no jaw so much counts,
     * and beside them so many millimetres at the pocket, of balls that a jaw lets in.
     */
    private static final double CLEAN_COUNTS = 0.7;

    private static final double JAWS_LET_IN_MILLIMETRES = 3.5;
    private static final double SHORTEST_PATH_MILLIMETRES = 150;
    /** How far unwanted side turns the object ball: rad for each mm over the radius. */
    private static final double THROW_PER_SIDE = 0.05;
    /** How far everything else turns it when it is cut thin: rad for tan² of the cut. */
    private static final double THIN_CUT = 0.003;

    /** Whether it can be played: cut thin enough, nothing in the way of the cue ball, which has room at contact. */
    static PotLook of(RackPosition position, double cueX, double cueY, Opening opening, ExecutionErrors errors) {
        RackTable table = position.table();
        Point ball = position.place(opening.ball());
        double ghostX = ball.xMillimetres() - table.touching * Math.cos(opening.bearing());
        double ghostY = ball.yMillimetres() - table.touching * Math.sin(opening.bearing());
        double dx = ghostX - cueX;
        double dy = ghostY - cueY;
        double distance = Math.sqrt(dx * dx + dy * dy);
        double aim = distance < 1e-6 ? opening.bearing() : Math.atan2(dy, dx);
        double cut = Geometry.turn(opening.bearing() - aim);
        if (Math.abs(cut) > MOST_CUT
                || !hasRoom(table, ghostX, ghostY)
                || isHidden(position, cueX, cueY, ghostX, ghostY, opening.ball())) {
            return null;
        }
        return new PotLook(opening, aim, cut, distance, chance(table, opening, distance, cut, errors));
    }

    /** The same from a made-up place, where nothing is in the way. */
    static double chance(RackTable table, Opening opening, double distance, double cut, ExecutionErrors errors) {
        double lever = Math.max(distance, table.touching) / (table.touching * Math.cos(cut));
        double ofAim = lever * errors.aimMilliradians() * 1e-3;
        double ofSide = THROW_PER_SIDE * errors.tipSideMillimetres() / table.cueBall.radiusMillimetres();
        double ofCut = errors.equals(ExecutionErrors.NONE) ? 0 : THIN_CUT * Math.pow(Math.tan(cut), 2);
        double half = CLEAN_COUNTS * opening.half()
                + JAWS_LET_IN_MILLIMETRES / Math.max(SHORTEST_PATH_MILLIMETRES, opening.pathMillimetres());
        return Geometry.within(half, Math.sqrt(ofAim * ofAim + ofSide * ofSide + ofCut * ofCut));
    }

    /** Whether the cue ball's centre can be here: a hair into the nose is a set-up that just touches. */
    static boolean hasRoom(RackTable table, double x, double y) {
        double nose = table.spec.noseDistanceMillimetres(table.cueBall) - 0.5;
        return x > nose
                && y > nose
                && x < table.spec.lengthMillimetres() - nose
                && y < table.spec.widthMillimetres() - nose;
    }

    private static boolean isHidden(
            RackPosition position, double cueX, double cueY, double ghostX, double ghostY, int target) {
        double apart = position.table().touching - 0.05;
        for (int other : position.onTable()) {
            if (other != target) {
                Point at = position.place(other);
                if (Geometry.isInTheWay(cueX, cueY, ghostX, ghostY, at.xMillimetres(), at.yMillimetres(), apart)) {
                    return true;
                }
            }
        }
        return false;
    }
}
