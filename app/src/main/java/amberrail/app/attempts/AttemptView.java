package amberrail.app.attempts;

import amberrail.app.web.MayBeMissing;
import amberrail.core.attempt.Judgement;
import amberrail.core.drill.TryResult;
import amberrail.core.statistics.ArrivalError;
import java.util.List;
import java.util.UUID;

/**
 * An attempt with the judge's word on it.
 *
 * @param error against the target; left out where no landing was seen
 */
public record AttemptView(
        UUID id,
        AttemptBody attempt,
        boolean late,
        TryResult result,
        List<Judgement.Fault> faults,
        @MayBeMissing ErrorView error) {

    /** Line positive left, speed positive long (mm). */
    public record ErrorView(double lineMillimetres, double speedMillimetres, double radialMillimetres) {
        static ErrorView of(ArrivalError error) {
            return new ErrorView(error.lineMillimetres(), error.speedMillimetres(), error.radialMillimetres());
        }
    }

    public static AttemptView of(RecordedAttempt recorded) {
        return new AttemptView(
                recorded.id(),
                AttemptBody.of(recorded.played(), recorded.writing()),
                recorded.late(),
                recorded.judgement().result(),
                recorded.judgement().faults(),
                recorded.arrivalError().map(ErrorView::of).orElse(null));
    }
}
