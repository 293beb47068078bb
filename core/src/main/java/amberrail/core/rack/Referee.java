package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.table.Markings;
import amberrail.core.table.PocketName;
import java.util.Optional;

/** Says what a simulated shot came to by the game's rules. The engine's ball 0 is the cue ball, the others follow in the order of {@link RackPosition#onTable}. */
final class Referee {
    /** Where a spot is covered the ball goes as near behind it as it can: in steps of this (mm). */
    private static final double STEP = 5;

    private final HouseRules rules;

    Referee(HouseRules rules) {
        this.rules = rules;
    }

    /**
     * @param called the ball and pocket that were meant; asked for only where the rules ask for a call
     */
    Played judge(RackPosition before, PlayedShot shot, int calledBall, PocketName calledPocket) {
        int[] balls = before.onTable();
        Point[] places = before.places();
        boolean[] dropped = new boolean[places.length];
        int down = 0;
        for (int i = 0; i < balls.length; i++) {
            if (shot.isPotted(i + 1)) {
                places[balls[i]] = null;
                dropped[balls[i]] = true;
                down++;
            } else {
                places[balls[i]] = moved(places[balls[i]], shot, i + 1);
            }
        }
        int struck = firstStruck(shot, balls);
        boolean inOff = shot.isPotted(0);
        Optional<Point> cue = inOff ? Optional.empty() : Optional.of(shot.place(0));
        if (inOff
                || struck < 0
                || !before.isOn(struck)
                || (before.game().others() == RackGame.Others.FOUL && hasWrong(before, dropped, struck))) {
            return foul(before, places, dropped, cue, inOff ? RackEnd.IN_OFF : RackEnd.WRONG_BALL);
        }
        if (before.stageNow().called() && dropped[calledBall] && !droppedInto(shot, balls, calledBall, calledPocket)) {
            return new Played(Optional.of(RackEnd.WRONG_BALL), before.after(before.stage(), places, cue), 0);
        }
        return down == 0 ? missed(before, places, cue) : potted(before, places, dropped, cue);
    }

    private static Point moved(Point was, PlayedShot shot, int index) {
        double x = shot.xMillimetres(index);
        double y = shot.yMillimetres(index);
        return Math.abs(x - was.xMillimetres()) < 1e-6 && Math.abs(y - was.yMillimetres()) < 1e-6
                ? was
                : new Point(x, y);
    }

    private static int firstStruck(PlayedShot shot, int[] balls) {
        int meeting = shot.firstMeeting(0);
        return meeting < 0 ? -1 : balls[Math.max(shot.ball(meeting), shot.other(meeting)) - 1];
    }

    /** Reds on: only reds may drop; one colour on: only the one that was struck. */
    private static boolean hasWrong(RackPosition before, boolean[] dropped, int struck) {
        boolean alike = before.stageNow().pick() == RackStage.Pick.ANY
                && !before.stageNow().comeBack();
        for (int ball = 0; ball < dropped.length; ball++) {
            boolean right = alike
                    ? before.game()
                            .balls()
                            .get(ball)
                            .group()
                            .equals(before.stageNow().group())
                    : ball == struck;
            if (dropped[ball] && !right) {
                return true;
            }
        }
        return false;
    }

    private static boolean droppedInto(PlayedShot shot, int[] balls, int ball, PocketName pocket) {
        for (int i = 0; i < balls.length; i++) {
            if (balls[i] == ball) {
                return shot.isPottedIn(i + 1, pocket);
            }
        }
        return false;
    }

    private static Played missed(RackPosition before, Point[] places, Optional<Point> cue) {
        return new Played(Optional.of(RackEnd.MISSED), before.after(before.stage(), places, cue), 0);
    }

    private Played foul(RackPosition before, Point[] places, boolean[] dropped, Optional<Point> cue, RackEnd why) {
        boolean lost = rules.foulEnds() || lastIsDown(before.game(), dropped);
        if (lost) {
            return new Played(Optional.of(why), before.after(before.stage(), places, cue), 0);
        }
        for (int ball = 0; ball < dropped.length; ball++) {
            if (dropped[ball] && !before.game().balls().get(ball).spot().isEmpty()) {
                places[ball] = spot(before, ball, places, cue);
            }
        }
        int stage = before.stage();
        RackPosition next = before.after(stage, places, Optional.empty());
        return next.on().length > 0 ? new Played(Optional.empty(), next, 0) : new Played(Optional.of(why), next, 0);
    }

    private static boolean lastIsDown(RackGame game, boolean[] dropped) {
        for (int ball = 0; ball < dropped.length; ball++) {
            if (dropped[ball] && game.isLast(ball) && game.others() == RackGame.Others.STAY_DOWN_BUT_THE_LAST_LOSES) {
                return true;
            }
        }
        return false;
    }

    private static Played potted(RackPosition before, Point[] places, boolean[] dropped, Optional<Point> cue) {
        RackGame game = before.game();
        boolean counts = false;
        int points = 0;
        for (int ball = 0; ball < dropped.length; ball++) {
            if (!dropped[ball]) {
                continue;
            }
            boolean isOn = before.isOn(ball);
            counts |= isOn || game.anyBallCounts();
            points += isOn ? game.balls().get(ball).points() : 0;
            if (game.isLast(ball) && game.others() == RackGame.Others.STAY_DOWN_AND_THE_LAST_WINS) {
                return new Played(Optional.of(RackEnd.CLEARED), before.after(before.stage(), places, cue), points);
            }
            if (game.isLast(ball) && !isOn && game.others() == RackGame.Others.STAY_DOWN_BUT_THE_LAST_LOSES) {
                return new Played(Optional.of(RackEnd.WRONG_BALL), before.after(before.stage(), places, cue), 0);
            }
            if (before.stageNow().comeBack()) {
                places[ball] = spot(before, ball, places, cue);
            }
        }
        if (!counts) {
            return missed(before, places, cue);
        }
        boolean[] left = new boolean[places.length];
        for (int i = 0; i < places.length; i++) {
            left[i] = places[i] != null;
        }
        int next = game.after(before.stage(), left);
        return next < 0
                ? new Played(Optional.of(RackEnd.CLEARED), before.after(before.stage(), places, cue), points)
                : new Played(Optional.empty(), before.after(next, places, cue), points);
    }

    /** A ball's own spot, or the next one that is free, or as near behind its own as it can lie. */
    static Point spot(RackPosition position, int ball, Point[] places, Optional<Point> cue) {
        RackTable table = position.table();
        Markings markings = Markings.of(table.spec);
        Point own = markings.spot(position.game().balls().get(ball).spot()).place();
        if (isFree(table, own, places, cue)) {
            return own;
        }
        for (int i = position.game().balls().size() - 1; i >= 0; i--) {
            String name = position.game().balls().get(i).spot();
            if (!name.isEmpty() && isFree(table, markings.spot(name).place(), places, cue)) {
                return markings.spot(name).place();
            }
        }
        double x = own.xMillimetres();
        while (x < table.spec.lengthMillimetres() - table.objectBall.diameterMillimetres()) {
            x += STEP;
            Point behind = new Point(x, own.yMillimetres());
            if (isFree(table, behind, places, cue)) {
                return behind;
            }
        }
        return own;
    }

    private static boolean isFree(RackTable table, Point place, Point[] places, Optional<Point> cue) {
        if (cue.isPresent() && cue.get().distanceMillimetres(place) < table.touching) {
            return false;
        }
        for (Point other : places) {
            if (other != null && other.distanceMillimetres(place) < table.touchingObjects) {
                return false;
            }
        }
        return true;
    }
}
