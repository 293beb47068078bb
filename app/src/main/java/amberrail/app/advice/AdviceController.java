package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.MayBeMissing;
import amberrail.core.aiming.PotLine;
import amberrail.core.diagnosis.Advice;
import amberrail.core.diagnosis.Cause;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Units;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Advice after a shot, and the error sizes that it is weighed with. */
@RestController
@RequestMapping("/api/v1")
class AdviceController {
    private static final double A_METRE_MILLIMETRES = 1000;

    private final SessionService sessions;
    private final AttemptService attempts;
    private final ShotAdvice advice;
    private final OwnErrorSizes sizes;

    AdviceController(SessionService sessions, AttemptService attempts, ShotAdvice advice, OwnErrorSizes sizes) {
        this.sessions = sessions;
        this.attempts = attempts;
        this.advice = advice;
        this.sizes = sizes;
    }

    /**
     * What to tell the student.
     *
     * @param cause      with {@code CORRECT}
     * @param correction in the cause's unit: % of pace (harder positive), mm of tip height (higher), for aim mm at the object ball (to the left)
     * @param thicker    of a correction of the aim at a cut: whether it is thicker; left out at a straight shot
     * @param lasting    it follows from the whole run and not of this shot alone
     * @param shots      how many
     * @param assumed    no stroke was called: the usual one is assumed
     * @param paceMetresPerSecond of the stroke that was called or assumed, so that the correction can be read as a pace
     */
    record AdviceView(
            Advice.Kind kind,
            @MayBeMissing Cause cause,
            double correction,
            @MayBeMissing Boolean thicker,
            boolean lasting,
            int shots,
            boolean assumed,
            @MayBeMissing Double paceMetresPerSecond) {}

    /** One error size: standard deviation and its 90 % interval; without numbers where it cannot be told yet. */
    record SizeView(
            Cause cause,
            boolean told,
            @MayBeMissing Double sd,
            @MayBeMissing Double lower,
            @MayBeMissing Double upper) {}

    /** A lasting bias that is more than chance, in the size's unit: aim to the left, pace harder, tip higher positive. */
    record LastingBiasView(Cause cause, double value, double sd) {}

    /**
     * A student's own error sizes.
     *
     * @param attempts that they rest on
     */
    record SizesView(List<SizeView> sizes, List<LastingBiasView> biases, int attempts) {}

    @GetMapping("/sessions/{sessionId}/attempts/{id}/advice")
    AdviceView advice(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @PathVariable UUID id) {
        PracticeSession session = sessions.find(who, sessionId);
        StudentAttempt attempt = attempts.ofStudent(session, id);
        ShotAdvice.Advised advised = advice.after(who, attempt);
        Advice said = advised.advice();
        boolean aboutAim = said.cause().equals(Optional.of(Cause.AIM));
        return new AdviceView(
                said.kind(),
                said.cause().orElse(null),
                aboutAim ? atTheBall(said.correction(), advised.layout()) : said.correction(),
                aboutAim ? thicker(said.correction(), advised.layout()) : null,
                said.lasting(),
                said.shots(),
                advised.stroke()
                        .map(CalledStrokes.Stroke::assumed)
                        .orElse(attempt.played().call().isEmpty()),
                advised.stroke().map(one -> one.stroke().paceMetresPerSecond()).orElse(null));
    }

    /** mrad of aim as mm at the object ball; without a pot at a metre's distance. */
    private static double atTheBall(double milliradians, Optional<ShotLayout> layout) {
        return milliradians
                * Units.metres(layout.flatMap(ShotLayout::potLine)
                        .map(PotLine::cueDistanceMillimetres)
                        .orElse(A_METRE_MILLIMETRES));
    }

    /** A cue ball further left meets the object ball further left: thicker where that leaves to the left. */
    private static Boolean thicker(double left, Optional<ShotLayout> layout) {
        return layout.flatMap(ShotLayout::potLine)
                .filter(pot -> !pot.isStraight())
                .map(pot -> left > 0 == pot.cutDegrees() > 0)
                .orElse(null);
    }

    @GetMapping("/students/{id}/error-sizes")
    SizesView sizes(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        OwnErrors own = sizes.found(who, id);
        return new SizesView(
                own.sizes().stream().map(AdviceController::view).toList(),
                own.biases().stream()
                        .map(one -> new LastingBiasView(one.cause(), one.value(), one.sd()))
                        .toList(),
                own.attempts());
    }

    private static SizeView view(OwnErrors.Size size) {
        return size.told()
                ? new SizeView(size.cause(), true, size.sd(), size.lower(), size.upper())
                : new SizeView(size.cause(), false, null, null, null);
    }
}
