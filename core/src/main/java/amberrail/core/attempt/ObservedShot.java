package amberrail.core.attempt;

import amberrail.core.aiming.PotLine;
import amberrail.core.drill.Condition;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.PlayedShot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a coach who sees everything records of a simulated shot. */
public final class ObservedShot {
    private ObservedShot() {}

    /**
     * How the pot went, whether the cue ball dropped, every demand that was not met; where it lay is left to {@link #landing}.
     *
     * @param asked            the layout that the shot's balls were set up by, in its order
     * @param leftMilliradians how far left of the middle of its aim the cue ball was launched: tells thick from thin where it missed
     */
    public static Attempt of(ShotLayout asked, PlayedShot shot, double leftMilliradians) {
        SimulatedEvidence.Questions questions = new SimulatedEvidence.Questions(asked);
        List<Fact> facts = new ArrayList<>();
        for (int i = 0; i < asked.conditions().size(); i++) {
            Condition condition = asked.conditions().get(i);
            boolean seenOtherwise = condition instanceof Condition.Pot
                    || condition instanceof Condition.Landing landing && landing.ball() == asked.cueIndex();
            if (!seenOtherwise && !questions.met(i, shot)) {
                facts.add(new Fact(i, Fact.Seen.NOT_MET, Optional.empty()));
            }
        }
        return new Attempt(
                outcome(asked, questions, shot, leftMilliradians),
                false,
                questions.cueBallDropped(shot),
                Optional.empty(),
                facts);
    }

    /** Where the cue ball came to rest (mm); empty where it dropped. */
    public static Optional<Point> landing(ShotLayout asked, PlayedShot shot) {
        int cue = asked.cueIndex();
        return shot.isPotted(cue) ? Optional.empty() : Optional.of(shot.place(cue));
    }

    private static PotOutcome outcome(
            ShotLayout asked, SimulatedEvidence.Questions questions, PlayedShot shot, double leftMilliradians) {
        if (Judge.sides(asked) == PotOutcome.Sides.NO_POT) {
            return questions.contactAsAsked(shot) ? PotOutcome.CONTACT_AS_ASKED : PotOutcome.NO_CONTACT;
        }
        boolean straight = Judge.sides(asked) == PotOutcome.Sides.STRAIGHT;
        // A cue ball further left meets the object ball further left and sends it to the right.
        boolean thick = asked.potLine().map(PotLine::cutDegrees).orElse(0.0) < 0 != leftMilliradians > 0;
        boolean potted = Judge.pots(asked).test(shot);
        if (potted && !rattled(asked, shot)) {
            return PotOutcome.POTTED_CLEAN;
        }
        if (straight) {
            boolean right = leftMilliradians > 0;
            return potted
                    ? (right ? PotOutcome.OFF_RIGHT_JAW : PotOutcome.OFF_LEFT_JAW)
                    : (right ? PotOutcome.MISSED_RIGHT : PotOutcome.MISSED_LEFT);
        }
        return potted
                ? (thick ? PotOutcome.OFF_THICK_JAW : PotOutcome.OFF_THIN_JAW)
                : (thick ? PotOutcome.MISSED_THICK : PotOutcome.MISSED_THIN);
    }

    /** Whether a ball other than the cue ball touched a jaw on its way. */
    private static boolean rattled(ShotLayout asked, PlayedShot shot) {
        for (int e = 0; e < shot.events(); e++) {
            if (shot.kind(e) == PlayedShot.Kind.MEETS_JAW && shot.ball(e) != asked.cueIndex()) {
                return true;
            }
        }
        return false;
    }
}
