package amberrail.app.drills;

/** Whether a version was played; answered by whoever keeps the sessions. */
public interface DrillUse {
    /** Whether a session was begun with this version: then it is never written again. */
    boolean isPlayed(String drillId, int version);
}
