package amberrail.app.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Marks go to the nearest cushion; mean and spread come with what is known of them. */
class TemplateTest extends AppTest {
    private static final String MARKS = "/api/v1/students/{id}/template/marks";

    private JsonNode mark(SignedIn student, String tip, double x, double y) throws Exception {
        return tree(post(
                student,
                Map.of("tableId", club.table(), "tip", tip, "xMillimetres", x, "yMillimetres", y),
                MARKS,
                student.accountId()));
    }

    @Test
    void threeMarksHaveAMeanAndASpreadAndOneHasNone() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        mark(student, "STUN", 1000, 1265);
        mark(student, "STUN", 1040, 1280);
        mark(student, "STUN", 1020, 1200);
        JsonNode template = mark(student, "HIGH", 2545, 700);
        JsonNode stun = template.at("/days/0/tips/0");
        assertThat(stun.get("cushion").asText()).isEqualTo("N");
        assertThat(stun.at("/mean/xMillimetres").asDouble()).isCloseTo(1020, within(1e-9));
        assertThat(stun.get("sdMillimetres").asDouble()).isCloseTo(20, within(1e-9));
        assertThat(stun.has("sdUpper"))
                .as("how sure a spread is, from five marks on")
                .isFalse();
        JsonNode high = template.at("/days/0/tips/1");
        assertThat(high.get("cushion").asText()).isEqualTo("E");
        assertThat(high.has("sdMillimetres")).isFalse();
        assertThat(high.get("reason").asText()).isEqualTo("TOO_FEW");
        delete(
                        student,
                        MARKS + "/{mark}",
                        student.accountId(),
                        high.at("/all/0/id").asText())
                .andExpect(status().isNoContent());
        assertThat(tree(read(student, "/api/v1/students/{id}/template", student.accountId()))
                        .at("/days/0/tips"))
                .hasSize(1);
    }

    @Test
    void fiveMarksSayHowSureTheirSpreadIs() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        JsonNode template = null;
        for (int x : new int[] {1000, 1040, 1020, 1010, 1030}) {
            template = mark(student, "STUN", x, 1265);
        }
        JsonNode stun = template.at("/days/0/tips/0");
        double sd = stun.get("sdMillimetres").asDouble();
        assertThat(sd).isCloseTo(Math.sqrt(250), within(1e-9));
        assertThat(stun.get("sdLower").asDouble()).isBetween(0.3 * sd, sd);
        assertThat(stun.get("sdUpper").asDouble()).isBetween(1.3 * sd, 4 * sd);
    }

    @Test
    void aTapInTheMiddleOfTheTableIsNoMark() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        JsonNode refused = mark(student, "LOW", 1270, 635);
        assertThat(refused.get("detail").asText()).contains("at a cushion");
        assertThat(tree(read(student, "/api/v1/students/{id}/template", student.accountId()))
                        .get("days"))
                .isEmpty();
    }
}
