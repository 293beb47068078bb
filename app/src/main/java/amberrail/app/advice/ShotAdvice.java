package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.SignedIn;
import amberrail.core.diagnosis.Advice;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.StrokeTables;
import amberrail.core.drill.ShotLayout;
import amberrail.core.grading.Band;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.PaceScale;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.AdviceEvidence;
import amberrail.core.statistics.StrokeCell;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Weighs a shot and the run that it is in, at the student's sizes. */
@Service
class ShotAdvice {
    /** After so many attempts a run begins anew. */
    private static final int LONGEST_RUN = AdviceEvidence.LOOKS.get(AdviceEvidence.LOOKS.size() - 1);

    private final AttemptService attempts;
    private final CalledStrokes strokes;
    private final SeenShots seen;
    private final OwnErrorSizes sizes;

    ShotAdvice(AttemptService attempts, CalledStrokes strokes, SeenShots seen, OwnErrorSizes sizes) {
        this.attempts = attempts;
        this.strokes = strokes;
        this.seen = seen;
        this.sizes = sizes;
    }

    /** What to say, and the stroke that the shot was judged by, if there was one; its layout says what is thicker. */
    record Advised(Advice advice, Optional<CalledStrokes.Stroke> stroke, Optional<ShotLayout> layout) {
        private static Advised nothing() {
            return new Advised(Advice.cannotTell(), Optional.empty(), Optional.empty());
        }
    }

    Advised after(SignedIn who, StudentAttempt attempt) {
        Optional<SetUp> from = StrokeTables.seen(attempt.played().seen()).flatMap(seen -> attempts.playedFrom(attempt));
        Optional<CalledStrokes.Stroke> called = from.flatMap(setUp -> strokes.of(attempt, setUp));
        if (called.isEmpty()) {
            return Advised.nothing();
        }
        CalledStrokes.Stroke stroke = called.get();
        OwnErrors own = sizes.of(who, attempt.played().studentId());
        Band band = own.band();
        StrokeCell run = seen.cell(stroke, runOf(attempt), band);
        Optional<StrokeCell> usual = stroke.asUsual()
                ? Optional.empty()
                : strokes.usual(attempt, from.get()).map(one -> seen.cell(one, List.of(attempt), band));
        ShotLayout layout = stroke.setUp().drawn();
        Bridge bridge = stroke.setUp().shot().bridge();
        double pace = stroke.stroke().paceMetresPerSecond();
        Advice.Limits limits =
                new Advice.Limits(attempt.session().tipDiameterMillimetres() / 2, PaceScale.stepPercent(pace));
        Advice advice = Advice.after(run, band, usual, own, new Advice.Asked(pace, bridge, layout.hasTarget(), limits));
        return new Advised(advice, called, Optional.of(layout));
    }

    /**
     * Those of this session that are alike, up to this one; a new run begins after twenty. Fouls do not count. A pattern's later shot stands alone:
     * no other was played from where its cue ball lay.
     */
    private List<StudentAttempt> runOf(StudentAttempt attempt) {
        if (attempt.goesOn()) {
            return List.of(attempt);
        }
        SeenShots.Alike alike = SeenShots.Alike.of(attempt);
        List<StudentAttempt> before = attempts.ofSessionUpTo(attempt).stream()
                .filter(one -> SeenShots.Alike.of(one).equals(alike))
                .filter(one -> StrokeTables.seen(one.played().seen()).isPresent())
                .toList();
        int begin = (before.size() - 1) / LONGEST_RUN * LONGEST_RUN;
        return before.subList(Math.max(0, begin), before.size());
    }
}
