package amberrail.core.rack;

/**
 * A shot that the search proposes.
 *
 * @param from  the position with the cue ball where it is played from (placed, where it was in hand)
 * @param shot  the pot and how it is struck
 * @param value estimated chance to clear with it
 * @param meant what it comes to without errors
 */
record ShotChoice(RackPosition from, AimedStroke shot, double value, Played meant) {
    int ball() {
        return shot.look().opening().ball();
    }

    ShotChoice valued(double other) {
        return new ShotChoice(from, shot, other, meant);
    }
}
