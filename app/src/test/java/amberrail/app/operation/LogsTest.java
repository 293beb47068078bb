package amberrail.app.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;

/** The log names nobody: neither what goes well nor what is refused or fails puts anybody's words into it. */
@ExtendWith(OutputCaptureExtension.class)
class LogsTest extends AppTest {
    @Autowired
    PeopleService people;

    @Test
    void nothingThatSomebodyTypedIsInIt(CapturedOutput log) throws Exception {
        String name = "Ottoline Greatrex";
        String note = "flinches at the loud table";
        String signInName = "ottoline-" + UUID.randomUUID();
        SignedIn coach = club.newCoach();
        String token = people.addStudent(coach, name).token();
        SignedIn student = people.accept(token, signInName, Club.PASSWORD);
        String session = beginSession(coach, student);
        ObjectNode attempt = json.valueToTree(Club.potted(0, 1000, 500));
        attempt.put("note", note);
        String path = "/api/v1/sessions/{s}/attempts/{id}";
        put(coach, attempt, path, session, UUID.randomUUID()).andExpect(status().isOk());
        // Refused in each way there is.
        attempt.put("outcome", name);
        put(coach, attempt, path, session, UUID.randomUUID()).andExpect(status().isBadRequest());
        put(coach, "{\"note\":\"" + note + "\"", path, session, UUID.randomUUID())
                .andExpect(status().isBadRequest());
        post(null, Map.of("signInName", signInName, "password", note), "/api/v1/sign-in")
                .andExpect(status().isUnauthorized());
        post(null, Map.of("signInName", signInName, "password", note), "/api/v1/invitations/{t}", token)
                .andExpect(status().isNotFound());
        put(coach, Map.of("name", name + "\u0000"), "/api/v1/people/{id}/name", student.accountId())
                .andExpect(status().isBadRequest());
        read(coach, "/api/v1/students/{id}/selection?drillId=" + name, student.accountId())
                .andExpect(status().is4xxClientError());
        post(
                        student,
                        Map.of("way", "ERASE", "now", true, "password", Club.PASSWORD),
                        "/api/v1/people/{id}/erasure",
                        student.accountId())
                .andExpect(status().isNoContent());
        assertThat(log.getAll()).doesNotContain("Ottoline", "Greatrex", note, signInName, token, Club.PASSWORD);
    }
}
