package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.table.Markings;
import java.util.Optional;

/** What a shot comes to by the rules of its game, whether the engine played it or somebody wrote it down. */
final class Aftermath {
    /** Where a spot is covered the ball goes as near behind it as it can: in steps of this (mm). */
    private static final double STEP_MILLIMETRES = 5;

    private final HouseRules rules;

    Aftermath(HouseRules rules) {
        this.rules = rules;
    }

    /**
     * Balls after a shot.
     *
     * @param places  of the balls that lie on the table, by index in the game; null for those that dropped or were gone before
     * @param dropped which went down with this shot
     * @param cue     where the cue ball lies; empty where it dropped or nobody saw
     */
    record Fallen(Point[] places, boolean[] dropped, Optional<Point> cue) {
        boolean any() {
            for (boolean one : dropped) {
                if (one) {
                    return true;
                }
            }
            return false;
        }
    }

    /** After a right hit on this ball: a pot, a miss, or a foul by what dropped with it. */
    Played of(RackPosition before, Fallen fallen, int struck) {
        if (before.game().others() == RackGame.Others.FOUL && hasWrong(before, fallen.dropped(), struck)) {
            return foul(before, fallen, RackEnd.WRONG_BALL);
        }
        return fallen.any() ? dropped(before, fallen) : over(before, fallen, RackEnd.MISSED, 0);
    }

    /** Reds on: only reds may drop; one colour on: only the one that was struck. */
    private static boolean hasWrong(RackPosition before, boolean[] dropped, int struck) {
        RackStage stage = before.stageNow();
        boolean wholeGroup = stage.pick() == RackStage.Pick.ANY && !stage.comeBack();
        for (int ball = 0; ball < dropped.length; ball++) {
            boolean right = wholeGroup ? before.game().balls().get(ball).group().equals(stage.group()) : ball == struck;
            if (dropped[ball] && !right) {
                return true;
            }
        }
        return false;
    }

    /** A foul ends the rack, or costs: then the balls that have a spot come back, and the cue ball is in hand. */
    Played foul(RackPosition before, Fallen fallen, RackEnd why) {
        if (rules.foulEnds() || isLostBy(before.game(), fallen.dropped())) {
            return over(before, fallen, why, 0);
        }
        comeBack(before, fallen);
        RackPosition next = before.after(before.stage(), fallen.places(), Optional.empty());
        return new Played(next.on().length > 0 ? Optional.empty() : Optional.of(why), next, 0);
    }

    private static boolean isLostBy(RackGame game, boolean[] dropped) {
        for (int ball = 0; ball < dropped.length; ball++) {
            if (dropped[ball] && game.isLast(ball) && game.others() == RackGame.Others.STAY_DOWN_BUT_THE_LAST_LOSES) {
                return true;
            }
        }
        return false;
    }

    private static Played dropped(RackPosition before, Fallen fallen) {
        RackGame game = before.game();
        boolean counts = false;
        boolean wins = false;
        boolean loses = false;
        int points = 0;
        for (int ball = 0; ball < fallen.dropped().length; ball++) {
            if (fallen.dropped()[ball]) {
                boolean isOn = before.isOn(ball);
                boolean isLast = game.isLast(ball);
                counts |= isOn || game.anyBallCounts();
                points += isOn ? game.balls().get(ball).points() : 0;
                wins |= isLast && game.others() == RackGame.Others.STAY_DOWN_AND_THE_LAST_WINS;
                loses |= isLast && !isOn && game.others() == RackGame.Others.STAY_DOWN_BUT_THE_LAST_LOSES;
            }
        }
        if (loses) {
            return over(before, fallen, RackEnd.WRONG_BALL, 0);
        }
        if (before.stageNow().comeBack()) {
            comeBack(before, fallen);
        }
        int next = before.stageAfterPot(fallen.places());
        if (wins || counts && next < 0) {
            return over(before, fallen, RackEnd.CLEARED, points);
        }
        return counts
                ? new Played(Optional.empty(), before.after(next, fallen.places(), fallen.cue()), points)
                : over(before, fallen, RackEnd.MISSED, 0);
    }

    static Played over(RackPosition before, Fallen fallen, RackEnd why, int points) {
        return new Played(Optional.of(why), before.after(before.stage(), fallen.places(), fallen.cue()), points);
    }

    private static void comeBack(RackPosition before, Fallen fallen) {
        for (int ball = 0; ball < fallen.dropped().length; ball++) {
            if (fallen.dropped()[ball]
                    && !before.game().balls().get(ball).spot().isEmpty()) {
                fallen.places()[ball] = spot(before, ball, fallen.places(), fallen.cue());
            }
        }
    }

    /** A ball's own spot, or the highest that is free, or as near behind its own as it can lie. */
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
            x += STEP_MILLIMETRES;
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
