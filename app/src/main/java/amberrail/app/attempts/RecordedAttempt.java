package amberrail.app.attempts;

import amberrail.core.attempt.Judgement;
import amberrail.core.statistics.ArrivalError;
import java.util.Optional;
import java.util.UUID;

/**
 * An attempt as stored, with what core makes of it.
 *
 * @param late written after its session was closed
 */
public record RecordedAttempt(
        UUID id, AttemptBody body, boolean late, Judgement judgement, Optional<ArrivalError> arrivalError) {}
