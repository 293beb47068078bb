package amberrail.core.recipe;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.PlayedPath;
import amberrail.core.simulation.PlayedShot;

/** Which way the cue ball travels when it gets to its target (answers.md, "Target and arrival"). */
final class Arrival {
    private static final double STAYS_WITHIN_MILLIMETRES = 100;

    private Arrival() {}

    /**
     * Its direction where the path after contact passes nearest to the target; the aim line if it moves under 100 mm after
     * contact (degrees).
     */
    static double degrees(PlayedShot shot, int cueBall, Point target, double aimDegrees) {
        int meeting = shot.firstMeeting(cueBall);
        double after = meeting < 0 ? 0 : shot.seconds(meeting);
        if (meeting >= 0 && PlayedPath.travelledMillimetres(shot, cueBall, after) < STAYS_WITHIN_MILLIMETRES) {
            return Angles.normalDegrees(aimDegrees);
        }
        PlayedPath.NearestPass pass =
                PlayedPath.nearest(shot, cueBall, target.xMillimetres(), target.yMillimetres(), after);
        return pass == null ? Angles.normalDegrees(aimDegrees) : pass.directionDegrees();
    }
}
