package amberrail.core.attempt;

import amberrail.core.drill.Condition;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import java.util.Optional;

/** What a coach or student recorded. A demand that no landing shows counts as met unless somebody said otherwise. */
final class RecordedEvidence implements Evidence {
    private final ShotLayout asked;
    private final Attempt seen;
    private final int cue;

    RecordedEvidence(ShotLayout asked, Attempt seen) {
        this.asked = asked;
        this.seen = seen;
        cue = asked.cueIndex();
    }

    @Override
    public boolean foul() {
        return seen.foul();
    }

    @Override
    public boolean cueBallDropped() {
        return seen.inOff();
    }

    @Override
    public Verdict pot(int index, Condition.Pot pot) {
        if (!seen.outcome().potted()) {
            return Verdict.NOT_MET;
        }
        return pot.asksMore() ? told(index).orElse(Verdict.MET) : Verdict.MET;
    }

    @Override
    public boolean contactAsAsked() {
        return seen.outcome() == PotOutcome.CONTACT_AS_ASKED;
    }

    @Override
    public boolean knowsPlace(int index, int ball) {
        return place(index, ball).isPresent();
    }

    @Override
    public double xMillimetres(int index, int ball) {
        return place(index, ball).orElseThrow().xMillimetres();
    }

    @Override
    public double yMillimetres(int index, int ball) {
        return place(index, ball).orElseThrow().yMillimetres();
    }

    private Optional<Point> place(int index, int ball) {
        return ball == cue
                ? seen.landing().map(Landing::place)
                : seen.fact(index).flatMap(Fact::place).map(Landing::place);
    }

    @Override
    public Verdict fact(int index, Condition condition) {
        Optional<Verdict> told = told(index);
        if (condition instanceof Condition.Landing) {
            return told.orElse(Verdict.UNDECIDED);
        }
        if (condition instanceof Condition.CueBallDrops) {
            return told.orElse(seen.inOff() ? Verdict.MET : Verdict.NOT_MET);
        }
        if (condition instanceof Condition.Hidden hidden) {
            return told.filter(verdict -> verdict != Verdict.MET).orElseGet(() -> hidden(index, hidden, told));
        }
        return told.orElse(Verdict.MET);
    }

    /** From the line of sight, where both ends of it are known; every other ball lies where it was set up. Else what was told. */
    private Verdict hidden(int index, Condition.Hidden hidden, Optional<Verdict> told) {
        Optional<Point> cueAt = seen.landing().map(Landing::place);
        Optional<Point> ballAt = seen.facts().stream()
                .filter(fact -> concerns(fact.demand(), hidden.ball()))
                .flatMap(fact -> fact.place().stream())
                .map(Landing::place)
                .findFirst();
        if (cueAt.isEmpty() || ballAt.isEmpty()) {
            return told.orElse(Verdict.UNDECIDED);
        }
        LineOfSight sight = new LineOfSight();
        for (int i = 0; i < asked.balls().size(); i++) {
            if (i != cue && i != hidden.ball()) {
                sight.blocker(
                        asked.balls().get(i).place().xMillimetres(),
                        asked.balls().get(i).place().yMillimetres(),
                        asked.balls().get(i).spec().radiusMillimetres());
            }
        }
        boolean isHidden = sight.hides(
                cueAt.get().xMillimetres(),
                cueAt.get().yMillimetres(),
                asked.cueBall().spec().radiusMillimetres(),
                ballAt.get().xMillimetres(),
                ballAt.get().yMillimetres(),
                asked.balls().get(hidden.ball()).spec().radiusMillimetres());
        return isHidden ? Verdict.MET : Verdict.NOT_MET;
    }

    private boolean concerns(int demand, int ball) {
        if (demand >= asked.conditions().size()) {
            return false;
        }
        Condition condition = asked.conditions().get(demand);
        return condition instanceof Condition.Landing landing && landing.ball() == ball
                || condition instanceof Condition.Hidden other && other.ball() == ball;
    }

    private Optional<Verdict> told(int index) {
        return seen.fact(index).flatMap(fact -> switch (fact.seen()) {
            case MET -> Optional.of(Verdict.MET);
            case NOT_MET -> Optional.of(Verdict.NOT_MET);
            case NOT_SEEN -> Optional.of(Verdict.UNDECIDED);
        });
    }
}
