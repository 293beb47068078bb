package amberrail.app.review;

import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import amberrail.app.results.MostPlayed;
import amberrail.app.results.StationResults;
import amberrail.app.web.Busy;
import amberrail.app.web.LaterWork;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Works out the club's longest review a few times behind the first answers, and throws it away. Reading and judging thousands of
 * attempts takes a server that has just begun several times as long as one that has done it before (docs/benchmarks.md).
 */
@Component
@Order(0)
class ReviewRehearsal implements LaterWork {
    private static final Logger LOG = LoggerFactory.getLogger(ReviewRehearsal.class);
    /** Fewer attempts are quick enough the first time. */
    private static final int WORTH_IT = 500;

    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final int ROUNDS = 12;

    private final ReviewService reviews;
    private final StationResults results;
    private final ObjectMapper json;

    ReviewRehearsal(ReviewService reviews, StationResults results, ObjectMapper json) {
        this.reviews = reviews;
        this.results = results;
        this.json = json;
    }

    @Override
    public void afterTheStart() {
        results.mostPlayed().filter(most -> most.attempts() >= WORTH_IT).ifPresent(this::rehearse);
    }

    /** As the student themselves would look, and without the way over the web: nobody has looked at anybody. */
    int rehearse(MostPlayed most) {
        SignedIn student = new SignedIn(most.studentId(), Role.STUDENT, false);
        ReviewService.Selected everything = ReviewService.Selected.everyAttemptAt(most.drillId());
        ReviewService.Asked asked = new ReviewService.Asked(
                Optional.of(most.studentId()), Optional.of(most.drillId()), Optional.empty(), false, 0);
        long end = System.nanoTime() + LONGEST.toNanos();
        int round = 0;
        try {
            while (round < ROUNDS && System.nanoTime() < end) {
                write(reviews.select(student, most.studentId(), everything, asked));
                round++;
            }
        } catch (Busy others) {
            LOG.info("no rehearsal: the server has other work after its start");
        }
        return round;
    }

    private void write(ReviewView view) {
        try {
            json.writeValue(OutputStream.nullOutputStream(), view);
        } catch (IOException e) {
            throw new UncheckedIOException("a review cannot be written", e);
        }
    }
}
