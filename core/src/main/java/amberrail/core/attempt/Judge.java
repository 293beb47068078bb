package amberrail.core.attempt;

import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import java.util.ArrayList;
import java.util.List;

/** Decides from the drill's demands and what was seen; nobody is ever asked whether a shot succeeded. */
public final class Judge {
    private Judge() {}

    /**
     * Success, failure with every reason, or not judged: that only when a landing is asked, was not seen, and nothing else
     * failed (answers.md, "The judge").
     */
    public static Judgement judge(ShotLayout asked, Attempt seen) {
        List<Judgement.Fault> faults = new ArrayList<>();
        if (asked.potLine().isPresent() && !seen.outcome().potted()) {
            faults.add(Judgement.Fault.NOT_POTTED);
        }
        if (seen.inOff()) {
            faults.add(Judgement.Fault.IN_OFF);
        }
        if (seen.foul()) {
            faults.add(Judgement.Fault.FOUL);
        }
        boolean landingUndecided = false;
        if (asked.zone().isPresent() && !seen.inOff()) {
            if (seen.landing().isEmpty()) {
                landingUndecided = true;
            } else if (!asked.zone().get().contains(seen.landing().get().place())) {
                faults.add(Judgement.Fault.OUTSIDE_THE_ZONE);
            }
        }
        if (!faults.isEmpty()) {
            return new Judgement(TryResult.FAILURE, faults);
        }
        return new Judgement(landingUndecided ? TryResult.NOT_JUDGED : TryResult.SUCCESS, faults);
    }

    /** Which words the outcome keys of this shot need. */
    public static PotOutcome.Sides sides(ShotLayout asked) {
        boolean straight = asked.potLine().filter(pot -> pot.isStraight()).isPresent();
        return straight ? PotOutcome.Sides.STRAIGHT : PotOutcome.Sides.CUT;
    }
}
