package amberrail.core.recipe;

import amberrail.core.simulation.PlayedShot;

/** How a shot is played, told by what the cue ball does when it meets the first ball and by where it was struck. */
public enum Way {
    /** Struck near the centre and rolling on arrival. */
    ROLL,
    /** Struck below the centre, yet rolling on arrival: firm away, slow there. */
    DRAG,
    /** Slides without spin on arrival. */
    STUN,
    /** Slides with a little topspin: goes on a few hand widths. */
    RUN_THROUGH,
    /** Struck high: rolls, or spins faster than it rolls. */
    FOLLOW,
    /** Still has backspin on arrival. */
    DRAW;

    private static final double STUN_WITHIN = 0.12;
    private static final double RUN_THROUGH_BELOW = 0.6;
    private static final double LOW_STRIKE = -0.06;
    private static final double HIGH_STRIKE = 0.25;

    /**
     * The way of a finished shot.
     *
     * @param heightOverRadius b/R, where the cue ball was struck
     */
    static Way of(PlayedShot shot, int cueBall, double heightOverRadius) {
        int meeting = shot.firstMeeting(cueBall);
        double share = meeting < 0 ? 1 : shot.rollingShareBefore(meeting, cueBall);
        if (share < -STUN_WITHIN) {
            return DRAW;
        }
        if (share <= STUN_WITHIN) {
            return STUN;
        }
        if (share < RUN_THROUGH_BELOW) {
            return RUN_THROUGH;
        }
        if (heightOverRadius < LOW_STRIKE) {
            return DRAG;
        }
        return heightOverRadius > HIGH_STRIKE ? FOLLOW : ROLL;
    }
}
