package amberrail.app.results;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.ability.AbilityModel;
import amberrail.app.attempts.AttemptBody;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.RaschFit;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Kept results follow every write, edit and undo; the model follows them. */
class StationResultsTest extends AppTest {
    private static final String ATTEMPT = "/api/v1/sessions/{s}/attempts/{id}";

    @Autowired
    StationResults results;

    @Autowired
    AbilityModel model;

    private List<StationResult> of(SignedIn student) {
        return results.ofStudent(student.accountId());
    }

    @Test
    void aWriteAnEditAndAnUndoAreCounted() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(student, student);
        UUID id = UUID.randomUUID();
        put(student, Club.potted(0, 1746.25, 1016), ATTEMPT, session, id);
        put(student, Club.body(0, 1, PotOutcome.MISSED_THIN, null), ATTEMPT, session, UUID.randomUUID());
        assertThat(of(student)).singleElement().satisfies(one -> {
            assertThat(one.count().attempts()).isEqualTo(2);
            assertThat(one.count().successes()).isEqualTo(1);
            assertThat(one.count().thin()).isEqualTo(1);
            assertThat(one.count().landings()).isEqualTo(1);
        });
        put(student, Club.body(1, 0, PotOutcome.MISSED_THICK, null), ATTEMPT, session, id);
        assertThat(of(student).get(0).count().successes()).isZero();
        AttemptBody undone = new AttemptBody(
                2,
                true,
                0,
                false,
                new UUID(1, 0),
                0,
                0,
                "test-device",
                PotOutcome.MISSED_THICK,
                false,
                false,
                null,
                List.of(),
                java.time.Instant.parse("2026-09-01T18:00:00Z"));
        put(student, undone, ATTEMPT, session, id);
        assertThat(of(student).get(0).count().attempts()).isEqualTo(1);
    }

    @Test
    void anAttemptMovedToAnotherStationLeavesTheFirst() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(student, student);
        UUID id = UUID.randomUUID();
        AttemptBody first = Club.body(0, 0, PotOutcome.MISSED_THICK, null);
        put(student, first, ATTEMPT, session, id);
        assertThat(of(student)).hasSize(1);
        AttemptBody moved = new AttemptBody(
                1,
                false,
                1,
                false,
                first.tryId(),
                0,
                0,
                "test-device",
                PotOutcome.MISSED_THICK,
                false,
                false,
                null,
                List.of(),
                first.playedAt());
        put(student, moved, ATTEMPT, session, id);
        assertThat(of(student))
                .singleElement()
                .satisfies(one -> assertThat(one.place().station()).isEqualTo(1));
    }

    @Test
    void theModelKnowsOfAnAttemptAtOnceAndAgreesWithAWholeFit() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(student, student);
        put(student, Club.body(0, 0, PotOutcome.MISSED_THIN, null), ATTEMPT, session, UUID.randomUUID());
        double before = model.current()
                .ability(student.accountId(), Skill.POSITION)
                .orElseThrow()
                .logits();
        for (int i = 1; i < 6; i++) {
            put(student, Club.potted(i, 1746.25, 1016), ATTEMPT, session, UUID.randomUUID());
        }
        double after = model.current()
                .ability(student.accountId(), Skill.POSITION)
                .orElseThrow()
                .logits();
        assertThat(after).isGreaterThan(before + 0.2);
        model.forget();
        RaschFit.Placed whole =
                model.current().ability(student.accountId(), Skill.POSITION).orElseThrow();
        assertThat(whole.logits()).isCloseTo(after, within(0.1 * whole.se()));
    }
}
