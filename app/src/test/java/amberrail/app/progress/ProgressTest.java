package amberrail.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.SessionService;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A student who gets better is called better, one who does not is not, and one session says nothing. */
class ProgressTest extends AppTest {
    private static final double RING_X = 1746.25;
    private static final double RING_Y = 1016;

    @Autowired
    SessionService sessions;

    private void practise(SignedIn student, int day, int successes, int of, double sdMillimetres) throws Exception {
        Random random = new Random(100L + day);
        String session = sessions.begin(
                        student,
                        new SessionService.Beginning(
                                List.of(student.accountId()), List.of(Club.DRILL), club.table(), false),
                        Instant.parse("2026-09-01T18:00:00Z").plus(Duration.ofDays(day)))
                .id()
                .toString();
        for (int i = 0; i < of; i++) {
            AttemptBody body = i < successes
                    ? Club.potted(
                            i,
                            RING_X + sdMillimetres * random.nextGaussian(),
                            RING_Y + sdMillimetres * random.nextGaussian())
                    : Club.body(0, i, PotOutcome.MISSED_THICK, null);
            put(student, body, "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        }
    }

    private JsonNode station(SignedIn student) throws Exception {
        return tree(read(student, "/api/v1/students/{id}/progress", student.accountId()))
                .at("/stations/0");
    }

    @Test
    void risingSharesAndShrinkingDistancesAreBetter() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        int[] successes = {3, 5, 6, 8, 10, 12};
        for (int i = 0; i < successes.length; i++) {
            practise(student, 3 * i, successes[i], 14, 60 * Math.pow(0.7, i));
        }
        JsonNode better = station(student);
        assertThat(better.get("sessions")).hasSize(6);
        assertThat(better.at("/sessions/0/successes").asInt()).isLessThan(4);
        assertThat(better.at("/success/verdict").asText()).isEqualTo("BETTER");
        assertThat(better.at("/success/fittedLast").asDouble())
                .isGreaterThan(better.at("/success/fittedFirst").asDouble() + 0.3);
        assertThat(better.at("/distance/verdict").asText()).isEqualTo("BETTER");
        assertThat(better.at("/distance/changeUpper").asDouble()).isNegative();
    }

    @Test
    void theSameFormOverWeeksIsNotCalledBetter() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        int[] successes = {7, 6, 8, 7, 6, 7};
        for (int i = 0; i < successes.length; i++) {
            practise(student, 3 * i, successes[i], 14, 40);
        }
        assertThat(station(student).at("/success/verdict").asText()).isEqualTo("NO_CLEAR_CHANGE_YET");
    }

    @Test
    void oneSessionAndNoneSayWhy() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        assertThat(tree(read(student, "/api/v1/students/{id}/progress", student.accountId()))
                        .get("stations"))
                .isEmpty();
        practise(student, 0, 4, 8, 30);
        JsonNode one = station(student);
        assertThat(one.at("/success/reason").asText()).isEqualTo("TOO_FEW");
        assertThat(one.at("/success").has("oddsRatio")).isFalse();
        assertThat(one.at("/distance/reason").asText()).isEqualTo("TOO_FEW");
    }
}
