package amberrail.core.drill;

import java.util.List;
import java.util.Objects;

/**
 * Where a student plays on by the rule: the same again, the other side, a station up or down (answers.md, "Positions").
 *
 * @param station  index of the station to play next
 * @param mirrored which side of it
 * @param why      what the rule says
 */
public record NextStep(int station, boolean mirrored, Why why) {
    /** What the rule says. */
    public enum Why {
        STAY,
        /** Original and mirror by turns, and it is the other's turn. */
        TURN,
        /** This side is passed. */
        PASSED,
        /** The last station is passed on every side. */
        FINISHED,
        /** The rule to step back was met. */
        BACK,
        /** The most tries of one session were played. */
        CAP
    }

    public NextStep {
        Objects.requireNonNull(why);
    }

    /**
     * Where to go after a try has ended.
     *
     * @param here      tries of this station and side since the student last came to the station, oldest first
     * @param otherSide those of its other side
     * @param triesInSession all tries of this session at this station and side: they count against the cap
     * @param hasMirror whether there is another side to play: a set-up that is its own mirror has none
     */
    public static NextStep after(
            Drill drill,
            int station,
            boolean mirrored,
            List<TryScore> here,
            List<TryScore> otherSide,
            boolean hasMirror,
            int triesInSession) {
        NextStep stay = new NextStep(station, mirrored, Why.STAY);
        if (drill.explore().isPresent()) {
            return stay;
        }
        Station asked = drill.station(station);
        boolean bothSides = hasMirror && drill.mirror() != MirrorRule.NONE;
        RuleProgress progress = asked.rule().progress(here);
        boolean otherPassed = asked.rule().progress(otherSide).passed();
        if (progress.passed()) {
            return passed(drill, station, mirrored, bothSides, otherPassed);
        }
        if (station > 0 && asked.stepBack().filter(rule -> rule.saysBack(here)).isPresent()) {
            return new NextStep(station - 1, false, Why.BACK);
        }
        if (triesInSession >= progress.capTries()) {
            return new NextStep(station, mirrored, Why.CAP);
        }
        if (bothSides && drill.mirror() == MirrorRule.EVERY_SHOT && !otherPassed) {
            return new NextStep(station, !mirrored, Why.TURN);
        }
        return stay;
    }

    private static NextStep passed(Drill drill, int station, boolean mirrored, boolean bothSides, boolean otherPassed) {
        boolean otherToPlay = bothSides && !otherPassed && (!mirrored || drill.mirror() == MirrorRule.EVERY_SHOT);
        if (otherToPlay) {
            return new NextStep(station, !mirrored, Why.PASSED);
        }
        return station + 1 < drill.stations().size()
                ? new NextStep(station + 1, false, Why.PASSED)
                : new NextStep(station, mirrored, Why.FINISHED);
    }
}
