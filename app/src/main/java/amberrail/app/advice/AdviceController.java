package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.MayBeMissing;
import amberrail.core.diagnosis.Advice;
import amberrail.core.diagnosis.Cause;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Reason;
import java.time.LocalDate;
import java.util.List;
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
     * @param correction in the cause's unit: % of pace (harder positive), mm of tip height (higher), mrad of aim (thicker)
     * @param ofAll      it comes of the last clean pots and not of this shot alone
     * @param shots      how many
     * @param resolution how much they told of that cause, 0 to 1
     * @param assumed    no stroke was called: the usual one is assumed
     * @param paceMetresPerSecond of the stroke that was called or assumed, so that the correction can be read as a pace
     */
    record AdviceView(
            Advice.Kind kind,
            @MayBeMissing Cause cause,
            double correction,
            boolean ofAll,
            int shots,
            double resolution,
            boolean assumed,
            @MayBeMissing Double paceMetresPerSecond) {}

    /** One error size: standard deviation, 90 % interval, how much of it is data. */
    record SizeView(Cause cause, double sd, double lower, double upper, double resolution) {}

    /**
     * A student's own error sizes.
     *
     * @param landings clean pots that they come of
     * @param pots     attempts that the aim comes of; 0 where the landings had to do
     * @param trusted  false where the errors are larger than landings can show
     */
    record SizesView(
            List<SizeView> sizes,
            int landings,
            int pots,
            boolean trusted,
            @MayBeMissing Reason reason) {}

    @GetMapping("/sessions/{sessionId}/attempts/{id}/advice")
    AdviceView advice(@AuthenticationPrincipal SignedIn who, @PathVariable UUID sessionId, @PathVariable UUID id) {
        PracticeSession session = sessions.find(who, sessionId);
        StudentAttempt attempt = attempts.ofStudent(session, id);
        ShotAdvice.Advised advised = advice.after(who, attempt);
        Advice said = advised.advice();
        return new AdviceView(
                said.kind(),
                said.cause().orElse(null),
                said.correction(),
                said.ofAll(),
                said.shots(),
                said.resolution(),
                said.assumed(),
                advised.stroke().map(stroke -> stroke.paceMetresPerSecond()).orElse(null));
    }

    /** Four weeks; {@code from} is their first day. */
    record SizesPeriod(LocalDate from, SizesView sizes) {}

    @GetMapping("/students/{id}/error-sizes")
    SizesView sizes(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return view(sizes.of(who, id));
    }

    @GetMapping("/students/{id}/error-sizes/over-time")
    List<SizesPeriod> sizesOverTime(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return sizes.overTime(who, id).stream()
                .map(period -> new SizesPeriod(period.from(), view(period.sizes())))
                .toList();
    }

    private static SizesView view(OwnErrors own) {
        double[] sds = own.errors().sds();
        return new SizesView(
                List.of(Cause.values()).stream()
                        .map(cause -> {
                            Interval interval = own.intervals().get(cause.ordinal());
                            return new SizeView(
                                    cause,
                                    sds[cause.ordinal()],
                                    interval.lower(),
                                    interval.upper(),
                                    own.resolution()[cause.ordinal()]);
                        })
                        .toList(),
                own.landings(),
                own.pots(),
                own.trusted(),
                own.reason().orElse(null));
    }
}
