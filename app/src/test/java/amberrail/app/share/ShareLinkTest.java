package amberrail.app.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;

/** One report by a link. */
class ShareLinkTest extends AppTest {
    @Autowired
    JdbcClient sql;

    @Autowired
    EndedLinks ended;

    private SignedIn coach;
    private SignedIn student;
    private String path;

    @BeforeEach
    void aStudent() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
        path = "/api/v1/students/" + student.accountId() + "/report-links";
    }

    private JsonNode made(String note) throws Exception {
        return tree(post(coach, Map.of("note", note, "paper", "A4", "days", 14), path)
                .andExpect(status().isOk()));
    }

    private ResultActions opened(String token) throws Exception {
        return mvc.perform(get("/api/v1/shared-reports/{t}", token));
    }

    private static String token(JsonNode made) {
        return made.get("path").asText().replace("/shared/", "");
    }

    @Test
    void whoeverHasTheLinkReadsThatReportAndNothingThatCameAfter() throws Exception {
        String token = token(made("Well practised"));
        made("Another one");
        var answer = opened(token)
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", containsString("no-store")))
                .andExpect(header().string("X-Robots-Tag", "noindex"))
                .andReturn()
                .getResponse();
        try (var document = Loader.loadPDF(answer.getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Well practised")
                    .doesNotContain("Another");
        }
        JsonNode listed = tree(read(student, path));
        assertThat(listed).hasSize(2);
        assertThat(listed.get(1).get("opened").asInt()).isEqualTo(1);
        assertThat(listed.toString()).doesNotContain(token);
    }

    @Test
    void itEndsByItselfAndByHandAndTheReportGoesWithIt() throws Exception {
        JsonNode byHand = made("");
        String late = token(made(""));
        delete(student, path + "/" + byHand.get("id").asText()).andExpect(status().isNoContent());
        opened(token(byHand)).andExpect(status().isNotFound());
        sql.sql("update share_link set expires_at = ? where student_id = ?")
                .params(OffsetDateTime.now().minusMinutes(1), student.accountId())
                .update();
        opened(late)
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value(containsString("ended")));
        assertThat(tree(read(coach, path))).isEmpty();
        ended.drop();
        assertThat(sql.sql("select count(*) from share_link where student_id = ?")
                        .param(student.accountId())
                        .query(Integer.class)
                        .single())
                .isZero();
        opened("anything").andExpect(status().isNotFound());
    }

    @Test
    void ofAMinorNobodySharesWithoutConsent() throws Exception {
        String person = "/api/v1/people/" + student.accountId();
        sql.sql("update account set minor = true where id = ?")
                .param(student.accountId())
                .update();
        Map<String, Object> body = Map.of("note", "", "paper", "A4", "days", 14);
        post(coach, body, path)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("CONSENT_NEEDED"));
        post(coach, Map.of("kind", "SHARING", "givenBy", "Mo Vale", "givenOn", "2026-11-01"), person + "/consents")
                .andExpect(status().isOk());
        post(coach, body, path).andExpect(status().isOk());
    }

    @Test
    void forHowLongIsLimited() throws Exception {
        for (int days : new int[] {0, 91}) {
            post(coach, Map.of("note", "", "paper", "A4", "days", days), path).andExpect(status().isBadRequest());
        }
    }
}
