package amberrail.app.attempts;

import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.setups.SetUps;
import amberrail.app.web.Conflict;
import amberrail.app.web.NotAllowed;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePlan;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** What a device may write as an attempt: what can have happened at this shot, and what may still be changed (answers.md, "Writing"). */
@Component
class AttemptRules {
    /** By how much a device's place in the order may be ahead of what the server has seen: what waits in all queues together. */
    private static final long LONGEST_STRETCH = 10_000;

    private final AttemptRepository attempts;
    private final SetUps setUps;

    AttemptRules(AttemptRepository attempts, SetUps setUps) {
        this.attempts = attempts;
        this.setUps = setUps;
    }

    /** {@link InvalidInputException} unless the shot, what was seen of it and its place in the order can be. */
    void requireFits(PracticeSession session, Drill drill, AttemptBody body) {
        requireNearTheEnd(session, body);
        requireShotOf(drill, body);
        Attempt attempt = attempt(body);
        ShotLayout asked = setUps.drawn(SetUp.of(drill, body.station(), body.shot(), body.mirrored(), session.table()));
        requireDemandsOf(asked, body);
        requireSidesOf(asked, body.shot(), attempt.outcome());
        attempt.landing().map(Landing::place).ifPresent(place -> requireOnBed(session, place));
    }

    private static void requireShotOf(Drill drill, AttemptBody body) {
        int shots = drill.station(body.station()).shots().size();
        if (body.shot() >= shots) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID, "shot", body.shot(), "must be from 0 to " + (shots - 1));
        }
    }

    private static void requireDemandsOf(ShotLayout asked, AttemptBody body) {
        int demands = asked.conditions().size();
        for (FactBody fact : body.facts()) {
            if (fact.demand() >= demands) {
                throw new InvalidInputException(
                        ProblemCode.UNKNOWN_ID,
                        "facts.demand",
                        fact.demand(),
                        "must be one of this shot's " + demands + " demands, counted from 0");
            }
        }
    }

    private static void requireSidesOf(ShotLayout asked, int shot, PotOutcome outcome) {
        PotOutcome.Sides sides = Judge.sides(asked);
        // Played from where the cue ball lay, a planned straight pot may have become a cut, and the other way round.
        boolean mayHaveTurned = shot > 0 && sides != PotOutcome.Sides.NO_POT;
        boolean fits = outcome.fits(sides)
                || mayHaveTurned && (outcome.fits(PotOutcome.Sides.CUT) || outcome.fits(PotOutcome.Sides.STRAIGHT));
        if (!fits) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "outcome", outcome, "must use the sides of this shot: " + sides);
        }
    }

    /** Far above what was seen of the session there is no place in its order: a number made to shut it. */
    private void requireNearTheEnd(PracticeSession session, AttemptBody body) {
        if (body.sequence() <= LONGEST_STRETCH) {
            return;
        }
        long most = attempts.greatestSequence(session.id()).orElse(-1L) + LONGEST_STRETCH;
        if (body.sequence() > most) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "sequence", body.sequence(), "must be at most " + most);
        }
    }

    private static void requireOnBed(PracticeSession session, Point place) {
        TablePlan plan = TablePlan.of(session.table());
        if (!plan.holds(place, session.table().balls().cueBall())) {
            throw new InvalidInputException(
                    ProblemCode.OFF_THE_TABLE,
                    "landing",
                    "(" + Math.round(place.xMillimetres()) + ", " + Math.round(place.yMillimetres()) + ") mm",
                    "must be a place on the bed where the cue ball can stop");
        }
    }

    private static Attempt attempt(AttemptBody body) {
        try {
            return body.toAttempt();
        } catch (InvalidInputException e) {
            throw e.field().equals("landing") ? e : e.under("landing");
        }
    }

    /** What nobody has written yet begins at revision 0. */
    static void requireFirst(AttemptBody body) {
        if (body.revision() != 0) {
            throw new Conflict(
                    "REVISION_OUT_OF_ORDER",
                    "This attempt is not known here yet; its first revision must be 0, not " + body.revision() + ".",
                    null);
        }
    }

    /** What was called before the shot cannot be changed after it: call and result are kept apart. */
    static void requireCallKept(AttemptEntity row, AttemptBody body) {
        if (!Objects.equals(AttemptMapping.body(row).call(), body.call())) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "call", body.call(), "must stay as it was called before the shot");
        }
    }

    /** What a coach recorded stays as it is; its student can remark on it. */
    static void requireOwnOrRemark(SignedIn who, AttemptEntity row, AttemptBody body) {
        boolean anothers = !who.isCoach() && !who.accountId().equals(row.recordedBy);
        AttemptBody remarked = AttemptMapping.body(row).remarkedAs(body);
        boolean dateKept =
                body.playedAt().equals(row.playedAt) || body.playedAt().equals(row.saidPlayedAt);
        if (anothers && !(dateKept && remarked.equals(body.at(row.playedAt)))) {
            throw new NotAllowed("Your coach recorded this shot. You can add a note to it, and not change it.");
        }
    }
}
