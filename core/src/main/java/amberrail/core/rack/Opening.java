package amberrail.core.rack;

import amberrail.core.table.Pocket;

/**
 * What other balls leave of a pocket to one ball.
 *
 * @param ball      by index in the game
 * @param pocket    which
 * @param bearing   the middle of what is left (rad)
 * @param half      half of its width (rad)
 * @param freeHalf  the same with no other ball on the table
 * @param pathMillimetres how far the ball goes
 * @param openingMillimetres how wide it is for parallel paths, as much narrower as the bearings are
 */
record Opening(
        int ball,
        Pocket pocket,
        double bearing,
        double half,
        double freeHalf,
        double pathMillimetres,
        double openingMillimetres) {
    /** Of the width with nothing in the way. */
    double share() {
        return half / freeHalf;
    }
}
