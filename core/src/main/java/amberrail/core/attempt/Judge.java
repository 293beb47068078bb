package amberrail.core.attempt;

import amberrail.core.attempt.Evidence.Verdict;
import amberrail.core.drill.Condition;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.PlayedShot;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * Decides from the drill's demands and what was seen; nobody is ever asked whether a shot succeeded. One judge for the coach's
 * observation and for the simulator's events: both come as {@link Evidence}.
 */
public final class Judge {
    private Judge() {}

    /**
     * Success, failure with every reason, or not judged: that only where something that is asked was not seen and nothing else failed
     * (answers.md, "The judge").
     */
    public static Judgement judge(ShotLayout asked, Attempt seen) {
        return judgement(asked, new RecordedEvidence(asked, seen));
    }

    /** The same for a simulated shot, whose balls are in the layout's order. */
    public static Judgement judge(ShotLayout asked, PlayedShot shot) {
        return judgement(asked, SimulatedEvidence.of(asked, shot));
    }

    /** The simulated shots that succeed; makes no garbage per shot, keeps nothing, may be asked from several threads. */
    public static Predicate<PlayedShot> successes(ShotLayout asked) {
        SimulatedEvidence.Questions questions = new SimulatedEvidence.Questions(asked);
        boolean dropWanted = dropIsWanted(asked);
        boolean noPot = asksNoPot(asked);
        return shot -> {
            if (!dropWanted && questions.cueBallDropped(shot) || noPot && !questions.contactAsAsked(shot)) {
                return false;
            }
            for (int i = 0; i < questions.count(); i++) {
                if (!questions.met(i, shot)) {
                    return false;
                }
            }
            return true;
        };
    }

    /** The simulated shots in which the pot comes off that is asked, half of the pocket and cushions included; all where none is asked. */
    public static Predicate<PlayedShot> pots(ShotLayout asked) {
        SimulatedEvidence.Questions questions = new SimulatedEvidence.Questions(asked);
        return shot -> {
            for (int i = 0; i < questions.count(); i++) {
                if (asked.conditions().get(i) instanceof Condition.Pot && !questions.met(i, shot)) {
                    return false;
                }
            }
            return true;
        };
    }

    private static Judgement judgement(ShotLayout asked, Evidence seen) {
        List<Judgement.Fault> faults = new ArrayList<>();
        if (seen.foul()) {
            faults.add(Judgement.Fault.FOUL);
        }
        if (seen.cueBallDropped() && !dropIsWanted(asked)) {
            faults.add(Judgement.Fault.IN_OFF);
        }
        if (asksNoPot(asked) && !seen.contactAsAsked()) {
            faults.add(Judgement.Fault.WRONG_CONTACT);
        }
        boolean undecided = false;
        for (int i = 0; i < asked.conditions().size(); i++) {
            Condition condition = asked.conditions().get(i);
            Verdict verdict = verdict(i, condition, seen, asked);
            if (verdict == Verdict.NOT_MET) {
                faults.add(Judgement.Fault.of(condition));
            }
            // Of a cue ball that dropped there is no landing to wait for: the drop is fault enough.
            undecided |= verdict == Verdict.UNDECIDED;
        }
        if (!faults.isEmpty()) {
            return new Judgement(TryResult.FAILURE, faults.stream().distinct().toList(), 0);
        }
        return undecided
                ? new Judgement(TryResult.NOT_JUDGED, faults, 0)
                : new Judgement(TryResult.SUCCESS, faults, points(asked, seen));
    }

    private static Verdict verdict(int index, Condition condition, Evidence seen, ShotLayout asked) {
        if (condition instanceof Condition.Pot pot) {
            return seen.pot(index, pot);
        }
        if (condition instanceof Condition.Landing landing) {
            if (landing.ball() == asked.cueIndex() && seen.cueBallDropped()) {
                return Verdict.NOT_MET;
            }
            if (!seen.knowsPlace(index, landing.ball())) {
                return seen.fact(index, condition);
            }
            Point place = new Point(seen.xMillimetres(index, landing.ball()), seen.yMillimetres(index, landing.ball()));
            return landing.zone().contains(place) ? Verdict.MET : Verdict.NOT_MET;
        }
        return seen.fact(index, condition);
    }

    /** Points of the smallest ring that holds the cue ball; 1 for a success where no ring is worth points. */
    private static int points(ShotLayout asked, Evidence seen) {
        for (int i = 0; i < asked.conditions().size(); i++) {
            if (asked.conditions().get(i) instanceof Condition.Landing landing
                    && !landing.rings().isEmpty()
                    && seen.knowsPlace(i, landing.ball())) {
                double off = new Point(seen.xMillimetres(i, landing.ball()), seen.yMillimetres(i, landing.ball()))
                        .distanceMillimetres(landing.zone().targetPoint());
                return landing.rings().stream()
                        .filter(ring -> off <= ring.radiusMillimetres())
                        .mapToInt(ZonePlan.Ring::points)
                        .findFirst()
                        .orElse(1);
            }
        }
        return 1;
    }

    private static boolean dropIsWanted(ShotLayout asked) {
        return asked.conditions().stream().anyMatch(Condition.CueBallDrops.class::isInstance);
    }

    private static boolean asksNoPot(ShotLayout asked) {
        return asked.conditions().stream().noneMatch(Condition.Pot.class::isInstance)
                && asked.balls().size() > 1;
    }

    /** Which words the outcome keys of this shot need. */
    public static PotOutcome.Sides sides(ShotLayout asked) {
        if (asked.conditions().stream().noneMatch(Condition.Pot.class::isInstance)) {
            return PotOutcome.Sides.NO_POT;
        }
        boolean straight = asked.potLine().filter(pot -> pot.isStraight()).isPresent();
        return straight ? PotOutcome.Sides.STRAIGHT : PotOutcome.Sides.CUT;
    }
}
