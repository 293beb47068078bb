package amberrail.core.recipe;

import amberrail.core.motion.Physics;

/**
 * Which strokes a recipe may ask for.
 *
 * @param mostOffset of the tip from the ball's centre, over the radius: inside the miscue limit
 */
record StrokeRange(double softestMetresPerSecond, double hardestMetresPerSecond, double mostOffset) {
    private static final double SAFE_SHARE_OF_THE_MISCUE_LIMIT = 0.94;

    /** Paces of a slow roll to a power shot (answers.md: pace 10 is 7 m/s); heights inside the miscue limit. */
    static StrokeRange usual(Physics physics) {
        return new StrokeRange(0.3, 7.0, SAFE_SHARE_OF_THE_MISCUE_LIMIT * physics.miscueLimit());
    }

    double clipSpeed(double speed) {
        return Math.min(hardestMetresPerSecond, Math.max(softestMetresPerSecond, speed));
    }

    double clipHeight(double height, double side) {
        double most = Math.sqrt(Math.max(0, mostOffset * mostOffset - side * side));
        return Math.min(most, Math.max(-most, height));
    }
}
