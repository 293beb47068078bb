package amberrail.app.attempts;

import amberrail.app.sessions.PracticeSession;
import java.time.Duration;
import java.time.Instant;

/** When a shot was played, by the server's clock: what a device's clock says is noted, and believed only where it can be right. */
final class PlayedTime {
    /** Two clocks that are both right differ by less. */
    static final Duration LEEWAY = Duration.ofMinutes(5);

    private PlayedTime() {}

    /** The said time between the session's begin and now; a time outside becomes the nearer end. */
    static Instant believed(Instant said, PracticeSession session, Instant now) {
        if (said.isAfter(now.plus(LEEWAY))) {
            return now;
        }
        return said.isBefore(session.startedAt().minus(LEEWAY)) ? session.startedAt() : said;
    }
}
