package amberrail.core.recipe;

import amberrail.core.geometry.Direction;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import java.util.List;

/** How steeply the cue must be held: a few degrees always, more where a cushion or a ball is in its way. */
public final class CueElevation {
    /** The usual cue (answers.md, "Strike and pace"). */
    public static final double USUAL_DEGREES = 3;

    private static final double STEEPEST_DEGREES = 55;
    /** Half a cue's thickness near the tip, and a hair of air below it (m). */
    private static final double ROOM_METRES = 0.0085;

    private CueElevation() {}

    /**
     * Least elevation at which the cue clears what lies behind the cue ball.
     *
     * <p>The cue's axis leaves the ball at height R(1 + b/R) and must be {@code ROOM} above a nose at height h, or above the top of
     * a ball, at the distance behind the cue ball at which that lies. Example: pool ball frozen to the cushion, centre hit: 30.5 degrees.
     *
     * @param launchDegrees    where the cue ball goes; the cue lies opposite
     * @param heightOverRadius b/R
     * @return degrees, 3 to 55
     */
    public static double degrees(
            ShotTable table, List<TableBall> balls, int cueBall, double launchDegrees, double heightOverRadius) {
        TableBall cue = balls.get(cueBall);
        Direction back = Direction.ofDegrees(launchDegrees + 180);
        double axis = cue.radiusMetres() * (1 + heightOverRadius);
        double needed = over(
                table.noseHeightMetres() + ROOM_METRES - axis,
                table.metresToNose(cue.state().x(), cue.state().y(), back.x(), back.y()));
        for (int i = 0; i < balls.size(); i++) {
            if (i == cueBall) {
                continue;
            }
            TableBall ball = balls.get(i);
            double dx = ball.state().x() - cue.state().x();
            double dy = ball.state().y() - cue.state().y();
            double along = dx * back.x() + dy * back.y();
            double aside = Math.abs(dy * back.x() - dx * back.y());
            if (along > 0 && aside < ball.radiusMetres() + ROOM_METRES) {
                needed = Math.max(needed, over(2 * ball.radiusMetres() + ROOM_METRES - axis, along));
            }
        }
        return Math.min(STEEPEST_DEGREES, Math.max(USUAL_DEGREES, needed));
    }

    private static double over(double riseMetres, double distanceMetres) {
        return Math.toDegrees(Math.atan2(riseMetres, distanceMetres));
    }
}
