package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.SignedIn;
import amberrail.app.setups.SetUps;
import amberrail.core.diagnosis.Advice;
import amberrail.core.diagnosis.SeenShot;
import amberrail.core.diagnosis.StrokeErrors;
import amberrail.core.diagnosis.StrokeModel;
import amberrail.core.motion.PaceScale;
import amberrail.core.recipe.PlannedStroke;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Weighs a shot, the last few like it and the student's own error sizes. */
@Service
class ShotAdvice {
    private static final int LOOKED_BACK = 60;

    private final AttemptService attempts;
    private final CalledStrokes strokes;
    private final SeenShots seen;
    private final OwnErrorSizes sizes;
    private final SetUps setUps;

    ShotAdvice(AttemptService attempts, CalledStrokes strokes, SeenShots seen, OwnErrorSizes sizes, SetUps setUps) {
        this.setUps = setUps;
        this.attempts = attempts;
        this.strokes = strokes;
        this.seen = seen;
        this.sizes = sizes;
    }

    /** What to say, and the stroke that the shot was judged by, if there was one. */
    record Advised(Advice advice, Optional<PlannedStroke> stroke) {}

    Advised after(SignedIn who, StudentAttempt attempt) {
        Optional<StrokeModel> model = strokes.of(attempt);
        if (model.isEmpty()) {
            return new Advised(Advice.cannotTell(attempt.played().call().isEmpty()), Optional.empty());
        }
        SeenShots.Alike alike = SeenShots.Alike.of(attempt);
        List<SeenShot> before = attempts.newestOf(who, attempt.played().studentId(), LOOKED_BACK).stream()
                .filter(one -> SeenShots.Alike.of(one).equals(alike))
                .filter(one -> one.played().playedAt().isBefore(attempt.played().playedAt()))
                .sorted(Comparator.comparing(one -> one.played().playedAt()))
                .map(one -> SeenShot.of(model.get(), one.played().seen()))
                .toList();
        StrokeErrors errors = sizes.of(who, attempt.played().studentId()).errors();
        PlannedStroke stroke = model.get().stroke();
        Advice.Limits limits = new Advice.Limits(
                attempt.session().table().kind().tipDiameterMillimetres() / 2,
                PaceScale.stepPercent(stroke.paceMetresPerSecond()));
        Advice advice = Advice.after(
                SeenShot.of(model.get(), attempt.played().seen()), before, errors, seen.leavesLeft(attempt), limits);
        boolean toATarget = setUps.drawn(attempt.setUp()).hasTarget();
        return new Advised(toATarget ? advice : advice.forThePotAlone(), Optional.of(stroke));
    }
}
