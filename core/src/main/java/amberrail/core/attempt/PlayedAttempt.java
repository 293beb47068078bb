package amberrail.core.attempt;

import amberrail.core.motion.Bridge;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * An attempt as it is judged and counted: whose, at which shot, in which order, and what was seen of it. How it came here is not its business.
 *
 * @param station      of the drill, from 0
 * @param shot         of the station, from 0
 * @param tryId        shared by the shots of one run through the station
 * @param sequence     place in the session's order
 * @param call         the stroke that was called before it
 * @param observations in the words of the coach's own list
 */
public record PlayedAttempt(
        UUID studentId,
        String drillId,
        int station,
        boolean mirrored,
        int shot,
        UUID tryId,
        long sequence,
        Instant playedAt,
        Attempt seen,
        Optional<Call> call,
        List<String> observations,
        Optional<String> note) {
    public PlayedAttempt {
        Objects.requireNonNull(studentId);
        Objects.requireNonNull(drillId);
        Objects.requireNonNull(tryId);
        Objects.requireNonNull(playedAt);
        Objects.requireNonNull(seen);
        Objects.requireNonNull(call);
        observations = List.copyOf(observations);
        Objects.requireNonNull(note);
    }

    /** In the usual list of observations; a coach who says it in other words tells nobody but themselves. */
    public static final String PLAYED_WITH_THE_REST = "played with the rest";

    /** What the coach saw the cue guided by; empty where nothing was said of it, so that it was as the drill plans. */
    public Optional<Bridge> bridge() {
        return observations.stream().anyMatch(PLAYED_WITH_THE_REST::equalsIgnoreCase)
                ? Optional.of(Bridge.REST)
                : Optional.empty();
    }

    public PotOutcome outcome() {
        return seen.outcome();
    }

    /** Whether it is one of this station's, side's and shot's. */
    public boolean isAt(int otherStation, boolean otherSide, int otherShot) {
        return station == otherStation && mirrored == otherSide && shot == otherShot;
    }
}
