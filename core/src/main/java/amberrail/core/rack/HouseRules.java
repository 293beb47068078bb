package amberrail.core.rack;

/**
 * What differs from club to club (racks.md, Games).
 *
 * @param breakPotsCount     whether balls that drop on the break are down; else they are put back where they can lie
 * @param cueBallBehindLine  whether the cue ball in hand goes behind the line, else anywhere
 * @param foulEnds           whether a foul ends the try, else it costs and the cue ball is in hand
 */
public record HouseRules(boolean breakPotsCount, boolean cueBallBehindLine, boolean foulEnds) {
    public static final HouseRules USUAL = new HouseRules(true, false, true);
}
