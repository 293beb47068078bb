package amberrail.app.review;

import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import amberrail.app.web.LaterWork;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Works out the club's longest review a few times behind the first answers, and throws it away. Reading and judging thousands of
 * attempts takes a server that has just begun several times as long as one that has done it before (docs/benchmarks.md).
 */
@Component
@Order(0)
class ReviewRehearsal implements LaterWork {
    /** Fewer attempts are quick enough the first time. */
    private static final int WORTH_IT = 500;

    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final int ROUNDS = 12;

    private final ReviewService reviews;
    private final JdbcClient sql;
    private final ObjectMapper json;

    ReviewRehearsal(ReviewService reviews, JdbcClient sql, ObjectMapper json) {
        this.reviews = reviews;
        this.sql = sql;
        this.json = json;
    }

    /** Whose attempts at which drill are the most. */
    record Most(UUID studentId, String drillId, int attempts) {}

    @Override
    public void afterTheStart() {
        most().filter(most -> most.attempts >= WORTH_IT).ifPresent(this::rehearse);
    }

    Optional<Most> most() {
        return sql.sql("select student_id, drill_id, sum(attempts) as attempts from station_result"
                        + " group by student_id, drill_id order by attempts desc limit 1")
                .query(Most.class)
                .optional();
    }

    /** As the student themselves would look, and without the way over the web: nobody has looked at anybody. */
    int rehearse(Most most) {
        SignedIn student = new SignedIn(most.studentId, Role.STUDENT, false);
        long end = System.nanoTime() + LONGEST.toNanos();
        int round = 0;
        while (round < ROUNDS && System.nanoTime() < end) {
            write(reviews.select(
                    student,
                    most.studentId,
                    new ReviewService.Selected(
                            most.drillId,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty()),
                    new ReviewService.Asked(
                            Optional.of(most.studentId), Optional.of(most.drillId), Optional.empty(), false, 0)));
            round++;
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
