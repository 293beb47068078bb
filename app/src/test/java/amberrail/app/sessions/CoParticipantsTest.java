package amberrail.app.sessions;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** Two students of two coaches in one session: each sees and changes what is theirs, whatever ids they put where. */
class CoParticipantsTest extends AppTest {
    private static final String ATTEMPT = "/api/v1/sessions/{s}/attempts/{id}";
    private static final String SECRET = "struggles with nerves";

    private SignedIn ana;
    private SignedIn bo;
    private String session;
    private UUID ofAna;
    private UUID ofBo;

    @BeforeEach
    void oneSessionOfTwo() throws Exception {
        ana = club.newStudentOf(club.head());
        bo = club.newStudentOf(club.head());
        var body = Map.of(
                "studentIds", List.of(ana.accountId(), bo.accountId()),
                "drillIds", List.of(Club.DRILL),
                "tableId", club.table(),
                "coached", true);
        session = tree(post(club.head(), body, "/api/v1/sessions")).get("id").asText();
        ofAna = UUID.randomUUID();
        ofBo = UUID.randomUUID();
        write(club.head(), ofAna, of(ana, 0));
        write(club.head(), ofBo, of(bo, 1).put("note", SECRET));
        put(club.head(), Map.of("note", "Bo " + SECRET), "/api/v1/sessions/{s}/note", session);
    }

    private ObjectNode of(SignedIn student, long sequence) {
        ObjectNode body = json.valueToTree(Club.potted(sequence, 1000, 500));
        return body.put("studentId", student.accountId().toString());
    }

    private ResultActions write(SignedIn who, UUID id, ObjectNode body) throws Exception {
        return put(who, body, ATTEMPT, session, id);
    }

    private static int status(ResultActions actions) {
        return actions.andReturn().getResponse().getStatus();
    }

    private static String text(ResultActions actions) throws Exception {
        return actions.andReturn().getResponse().getContentAsString();
    }

    @Test
    void anothersAttemptCannotBeWrittenByItsIdAndIsNotShown() throws Exception {
        for (ObjectNode body : List.of(
                of(ana, 1).put("revision", 1),
                of(ana, 1),
                of(bo, 1).put("revision", 1),
                of(ana, 1).put("revision", 1).put("deleted", true))) {
            ResultActions refused = write(ana, ofBo, body);
            assertThat(status(refused)).as(body.toString()).isIn(404, 409);
            assertThat(text(refused))
                    .doesNotContain(SECRET)
                    .doesNotContain("landing")
                    .doesNotContain(bo.accountId().toString());
        }
        JsonNode trail = tree(read(club.head(), ATTEMPT + "/revisions", session, ofBo));
        assertThat(trail).as("revisions of Bo's attempt").hasSize(1);
    }

    @Test
    void everyReadOfTheSharedSessionHoldsOnlyWhatIsTheirs() throws Exception {
        String at = "/api/v1/sessions/" + session;
        String student = "/api/v1/students/" + bo.accountId();
        List<String> leaks = new ArrayList<>();
        for (String path : List.of(
                at,
                at + "/review",
                at + "/review?studentId=" + bo.accountId(),
                at + "/attempts/" + ofBo + "/advice",
                at + "/attempts/" + ofBo + "/revisions",
                at + "/attempts/" + ofBo + "/next-shot",
                student + "/progress",
                student + "/attempts.csv",
                student + "/attempts.json",
                student + "/sessions",
                student + "/next-stations",
                student + "/error-sizes",
                student + "/routine",
                student + "/template",
                student + "/selection?drillId=" + Club.DRILL,
                student + "/comparison?drillId=" + Club.DRILL + "&station=0&from=" + session + "&to=" + session,
                "/api/v1/students/" + ana.accountId() + "/sessions",
                "/api/v1/today")) {
            // A problem repeats the address that was asked, which is no news to whoever asked.
            String said = text(read(ana, path)).replace(path.replaceAll("\\?.*", ""), "");
            if (said.contains(SECRET) || said.contains(bo.accountId().toString()) || said.contains(ofBo.toString())) {
                leaks.add(path);
            }
        }
        assertThat(leaks).isEmpty();
    }

    @Test
    void theSessionItselfIsForWhoeverBeganItOrSeesEverybodyInIt() throws Exception {
        String at = "/api/v1/sessions/" + session;
        for (String verb : List.of("/pause", "/go-on", "/close", "/reopen")) {
            assertThat(status(post(ana, "", at + verb))).as(verb).isEqualTo(403);
        }
        assertThat(status(put(ana, Map.of("note", "mine now"), at + "/note"))).isEqualTo(403);
        assertThat(status(post(ana, Map.of("drillId", "two-in-order"), at + "/drills")))
                .isEqualTo(403);
        assertThat(status(post(ana, Map.of("studentId", ana.accountId()), at + "/students")))
                .isEqualTo(403);
        assertThat(status(write(ana, UUID.randomUUID(), of(ana, 2))))
                .as("they record")
                .isEqualTo(200);
    }

    @Test
    void whatACoachRecordedAStudentRemarksOnAndDoesNotChange() throws Exception {
        ObjectNode edit = of(ana, 0).put("revision", 1);
        for (ObjectNode change : List.of(
                edit.deepCopy().put("deleted", true),
                edit.deepCopy().put("outcome", "MISSED_THIN"),
                edit.deepCopy()
                        .put(
                                "playedAt",
                                java.time.Instant.now().minusSeconds(600).toString()),
                edit.deepCopy().put("foul", true))) {
            ResultActions refused = write(ana, ofAna, change);
            assertThat(status(refused)).as(change.toString()).isEqualTo(403);
            assertThat(text(refused)).contains("Your coach recorded this shot");
        }
        assertThat(status(write(ana, ofAna, edit.deepCopy().put("note", "cloth was wet"))))
                .isEqualTo(200);
        UUID own = UUID.randomUUID();
        write(ana, own, of(ana, 2));
        assertThat(status(write(ana, own, of(ana, 2).put("revision", 1).put("deleted", true))))
                .as("what they recorded themselves they take back themselves")
                .isEqualTo(200);
    }

    @Test
    void aStudentCannotSayThatACoachIsThere() throws Exception {
        JsonNode alone = tree(post(ana, newSession(ana, Club.DRILL), "/api/v1/sessions"));
        assertThat(alone.get("coached").asBoolean()).isFalse();
    }

    @Test
    void todayCountsEachStudentsOwnShots() throws Exception {
        write(club.head(), UUID.randomUUID(), of(bo, 2));
        JsonNode line = tree(read(ana, "/api/v1/today")).at("/students/0/sessions/0");
        assertThat(line.get("attempts").asInt()).isEqualTo(1);
        assertThat(tree(read(bo, "/api/v1/today"))
                        .at("/students/0/sessions/0/attempts")
                        .asInt())
                .isEqualTo(2);
    }
}
