package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.testing.AppTest;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.ResultActions;

class SeenTextTest extends AppTest {
    private ResultActions student(String name) throws Exception {
        return post(club.newCoach(), Map.of("name", name), "/api/v1/students");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "\u200b",
                "\u2063\u200d",
                "\u00ad",
                "\ufeff",
                "\u3164",
                "\u00a0",
                "\u2800",
                "\u200e \u200f"
            })
    void aNameThatIsDrawnAsNothingIsNone(String name) throws Exception {
        assertThat(SeenText.isSeen(name)).isFalse();
        student(name)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("name"));
    }

    /** Joiners and marks belong to names in many scripts. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Zo\u00eb",
                "O\u2019Neill",
                "\u0645\u06cc\u200c\u062e",
                "\u0915\u094d\u200d\u0937",
                "\u200f\u05e9\u05e8\u05d4",
                "\ud83d\udc69\u200d\ud83c\udfeb"
            })
    void namesOfAnyScriptAreKeptAsTheyAre(String name) throws Exception {
        assertThat(tree(student(name).andExpect(status().isCreated()))
                        .get("name")
                        .asText())
                .isEqualTo(name);
    }

    @Test
    void whatTurnsTheReadingDirectionIsRefusedAtItsField() throws Exception {
        for (int sign : new int[] {0x202A, 0x202B, 0x202C, 0x202D, 0x202E, 0x2066, 0x2067, 0x2068, 0x2069}) {
            student("Nela" + Character.toString(sign) + "x")
                    .andExpect(status().isBadRequest())
                    .andExpect(jsonPath("$.field").value("name"));
        }
        assertThat(SeenText.turnsDirection("\u200f\u200e\u2029\u2065\u206a")).isFalse();
    }
}
