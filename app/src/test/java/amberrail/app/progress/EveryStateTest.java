package amberrail.app.progress;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What demos skip: every view of a student's practice answers with something true, and never with a number that is none. */
class EveryStateTest extends AppTest {
    private static final int ATTEMPTS = 12;
    private static final AttemptBody.LandingBody SPOT =
            Club.potted(0, 1700, 1000).landing();

    /** How all attempts of a student went. */
    enum State {
        NO_ATTEMPT,
        ONE_ATTEMPT,
        ALL_IN_ONE_SPOT,
        ALL_MISSED,
        ALL_POTTED,
        NO_LANDING_SEEN,
        SCRATCHES_ONLY
    }

    private static AttemptBody attempt(State state, int i) {
        return switch (state) {
            case NO_ATTEMPT, ONE_ATTEMPT, ALL_POTTED -> Club.potted(i, 1650 + 15 * i, 960 + 10 * (i % 5));
            case ALL_IN_ONE_SPOT -> Club.body(0, i, PotOutcome.POTTED_CLEAN, SPOT);
            case ALL_MISSED -> Club.body(0, i, i % 2 == 0 ? PotOutcome.MISSED_THICK : PotOutcome.MISSED_THIN, SPOT);
            case NO_LANDING_SEEN -> Club.body(0, i, PotOutcome.POTTED_CLEAN, null);
            case SCRATCHES_ONLY -> {
                AttemptBody plain = Club.body(0, i, PotOutcome.POTTED_CLEAN, null);
                yield new AttemptBody(
                        0,
                        false,
                        0,
                        false,
                        plain.tryId(),
                        0,
                        i,
                        "test-device",
                        PotOutcome.POTTED_CLEAN,
                        false,
                        true,
                        null,
                        plain.facts(),
                        plain.playedAt());
            }
        };
    }

    private static int attempts(State state) {
        return state == State.NO_ATTEMPT ? 0 : state == State.ONE_ATTEMPT ? 1 : ATTEMPTS;
    }

    @ParameterizedTest
    @EnumSource
    void everyViewAnswers(State state) throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String session = beginSession(coach, student);
        for (int i = 0; i < attempts(state); i++) {
            put(coach, attempt(state, i), "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        }
        String of = "/api/v1/students/" + student.accountId();
        JsonNode progress = answered(coach, of + "/progress");
        assertThat(progress.get("attempts").asInt()).isEqualTo(attempts(state));
        JsonNode group = answered(coach, "/api/v1/group-progress");
        assertThat(group.get("students")).hasSize(1);
        answered(coach, of + "/next-stations");
        answered(coach, of + "/error-sizes");
        JsonNode selection = answered(coach, of + "/selection?drillId=" + Club.DRILL);
        assertThat(selection.get("attempts")).hasSize(attempts(state));
        assertThat(post(coach, Map.of("note", "", "paper", "LETTER"), of + "/report")
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
        says(state, progress, selection, group);
    }

    private static void says(State state, JsonNode progress, JsonNode selection, JsonNode group) {
        String reason = selection.at("/dispersion/reason").asText();
        String note = group.at("/students/0/skills/0/note").asText();
        switch (state) {
            case NO_ATTEMPT -> assertThat(progress.get("stations")).isEmpty();
            case ONE_ATTEMPT -> assertThat(reason).isEqualTo("TOO_FEW");
            case ALL_IN_ONE_SPOT -> assertThat(reason).isEqualTo("ZERO_SPREAD");
            case ALL_MISSED -> {
                assertThat(note).isEqualTo("ALL_MISSED");
                assertThat(reason).isEqualTo("NO_DATA");
            }
            case ALL_POTTED ->
                assertThat(selection.at("/potted/lower").asDouble()).isBetween(0.7, 0.8);
            case NO_LANDING_SEEN -> {
                assertThat(selection.get("landingsNotSeen").asInt()).isEqualTo(ATTEMPTS);
                assertThat(progress.at("/stations/0/sessions/0/judged").asInt()).isZero();
            }
            case SCRATCHES_ONLY -> {
                assertThat(selection.get("inOffs").asInt()).isEqualTo(ATTEMPTS);
                assertThat(note).isEqualTo("ALL_MISSED");
            }
        }
    }

    private JsonNode answered(SignedIn who, String path) throws Exception {
        var response = read(who, path).andReturn().getResponse();
        assertThat(response.getStatus())
                .as(path + ": " + response.getContentAsString())
                .isEqualTo(200);
        assertThat(response.getContentAsString()).as(path).doesNotContain("NaN").doesNotContain("Infinity");
        return json.readTree(response.getContentAsString());
    }
}
