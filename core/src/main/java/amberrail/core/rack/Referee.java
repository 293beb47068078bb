package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.table.PocketName;
import java.util.Optional;

/** Says what a simulated shot came to. The engine's ball 0 is the cue ball, the others follow in the order of {@link RackPosition#onTable}. */
final class Referee {
    /** Less is a ball that did not move (mm). */
    private static final double STILL_MILLIMETRES = 1e-6;

    private final Aftermath aftermath;

    Referee(HouseRules rules) {
        aftermath = new Aftermath(rules);
    }

    /**
     * @param called the ball and pocket that were meant; asked for only where the rules ask for a call
     */
    Played judge(RackPosition before, PlayedShot shot, int calledBall, PocketName calledPocket) {
        int[] balls = before.onTable();
        Aftermath.Fallen fallen = fallen(before, shot, balls);
        if (shot.isPotted(0)) {
            return aftermath.foul(before, fallen, RackEnd.IN_OFF);
        }
        int struck = firstStruck(shot, balls);
        if (struck < 0 || !before.isOn(struck)) {
            return aftermath.foul(before, fallen, RackEnd.WRONG_BALL);
        }
        if (before.stageNow().called()
                && fallen.dropped()[calledBall]
                && !droppedInto(shot, balls, calledBall, calledPocket)) {
            return Aftermath.over(before, fallen, RackEnd.WRONG_BALL, 0);
        }
        return aftermath.of(before, fallen, struck);
    }

    private static Aftermath.Fallen fallen(RackPosition before, PlayedShot shot, int[] balls) {
        Point[] places = before.places();
        boolean[] dropped = new boolean[places.length];
        for (int i = 0; i < balls.length; i++) {
            dropped[balls[i]] = shot.isPotted(i + 1);
            places[balls[i]] = dropped[balls[i]] ? null : moved(places[balls[i]], shot, i + 1);
        }
        Optional<Point> cue = shot.isPotted(0) ? Optional.empty() : Optional.of(shot.place(0));
        return new Aftermath.Fallen(places, dropped, cue);
    }

    private static Point moved(Point was, PlayedShot shot, int index) {
        double x = shot.xMillimetres(index);
        double y = shot.yMillimetres(index);
        boolean still = Math.abs(x - was.xMillimetres()) < STILL_MILLIMETRES
                && Math.abs(y - was.yMillimetres()) < STILL_MILLIMETRES;
        return still ? was : new Point(x, y);
    }

    private static int firstStruck(PlayedShot shot, int[] balls) {
        int meeting = shot.firstMeeting(0);
        return meeting < 0 ? -1 : balls[Math.max(shot.ball(meeting), shot.other(meeting)) - 1];
    }

    private static boolean droppedInto(PlayedShot shot, int[] balls, int ball, PocketName pocket) {
        for (int i = 0; i < balls.length; i++) {
            if (balls[i] == ball) {
                return shot.isPottedIn(i + 1, pocket);
            }
        }
        return false;
    }
}
