package amberrail.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class GoalsTest extends AppTest {
    private static final String NEXT_YEAR = LocalDate.now().plusYears(1).toString();
    private SignedIn student;

    @BeforeEach
    void somebody() {
        student = club.newStudentOf(club.head());
    }

    private JsonNode keep(List<Map<String, Object>> skills) throws Exception {
        return tree(put(club.head(), Map.of("skills", skills), "/api/v1/students/{id}/goals", student.accountId())
                .andExpect(status().isOk()));
    }

    private JsonNode refused(String field, List<Map<String, Object>> skills) throws Exception {
        JsonNode problem =
                tree(put(club.head(), Map.of("skills", skills), "/api/v1/students/{id}/goals", student.accountId())
                        .andExpect(status().isBadRequest()));
        assertThat(problem.get("field").asText()).contains(field);
        return problem;
    }

    @Test
    void aGoalIsKeptAndNotJudgedWithoutResults() throws Exception {
        JsonNode kept = keep(List.of(Map.of("skill", "DRAW", "weight", 2, "grade", 600, "byDay", NEXT_YEAR)));
        assertThat(kept.get("skills")).hasSize(7);
        JsonNode draw = kept.get("skills").get(2);
        assertThat(draw.get("skill").asText()).isEqualTo("DRAW");
        assertThat(draw.get("outlook").asText()).isEqualTo("UNKNOWN");
        assertThat(draw.has("grade")).isFalse();
        assertThat(tree(read(student, "/api/v1/students/{id}/goals", student.accountId())))
                .isEqualTo(kept);
        assertThat(keep(List.of(Map.of("skill", "DRAW", "weight", 2, "grade", 600, "byDay", NEXT_YEAR))))
                .as("the same once more")
                .isEqualTo(kept);
        JsonNode later = keep(List.of(Map.of("skill", "DRAW", "weight", 1, "grade", 650, "byDay", NEXT_YEAR)));
        assertThat(later.get("skills").get(2).get("goalGrade").asInt()).isEqualTo(650);
        assertThat(tree(read(student, "/api/v1/students/{id}/goals", student.accountId())))
                .isEqualTo(later);
        // All at once: what is not named goes back to the usual.
        assertThat(keep(List.of()).get("skills").get(2).has("goalGrade")).isFalse();
    }

    /** What has a weight of nothing is not planned, and what is far from its goal comes first. */
    @Test
    void plansFollowTheGoals() throws Exception {
        keep(List.of(
                Map.of("skill", "SAFETY", "weight", 5, "grade", 900, "byDay", NEXT_YEAR),
                Map.of("skill", "POTTING", "weight", 0)));
        var body = Map.of(
                "studentIds", List.of(student.accountId()), "minutes", 60, "withTest", false, "items", List.of());
        JsonNode found = tree(post(club.head(), body, "/api/v1/plan-proposals"));
        JsonNode first = found.get("items").get(1);
        assertThat(first.at("/why/need").asDouble()).isEqualTo(1);
        Map<String, String> skills = new java.util.HashMap<>();
        found.get("possible")
                .forEach(one -> skills.put(
                        one.at("/item/drillId").asText(), one.get("skill").asText()));
        assertThat(skills.get(first.get("drillId").asText())).isEqualTo("SAFETY");
        found.get("items")
                .forEach(item ->
                        assertThat(skills.get(item.get("drillId").asText())).isNotEqualTo("POTTING"));
    }

    @Test
    void withNoSkillThatCountsThePlanSaysSo() throws Exception {
        keep(List.of(
                Map.of("skill", "POTTING", "weight", 0),
                Map.of("skill", "STUN", "weight", 0),
                Map.of("skill", "DRAW", "weight", 0),
                Map.of("skill", "FOLLOW", "weight", 0),
                Map.of("skill", "POSITION", "weight", 0),
                Map.of("skill", "SIDE", "weight", 0),
                Map.of("skill", "SAFETY", "weight", 0)));
        var body = Map.of(
                "studentIds", List.of(student.accountId()), "minutes", 60, "withTest", false, "items", List.of());
        assertThat(tree(post(club.head(), body, "/api/v1/plan-proposals"))
                        .get("remark")
                        .asText())
                .isEqualTo("NOTHING_COUNTS");
    }

    @Test
    void oddGoalsAreRefusedWithTheField() throws Exception {
        assertThat(refused("byDay", List.of(Map.of("skill", "DRAW", "weight", 1, "grade", 600)))
                        .get("detail")
                        .asText())
                .isEqualTo("A goal needs a day, too: choose by when.");
        assertThat(refused("grade", List.of(Map.of("skill", "DRAW", "weight", 1, "byDay", NEXT_YEAR)))
                        .get("detail")
                        .asText())
                .isEqualTo("A day alone is no goal: choose a grade, too.");
        refused("byDay", List.of(Map.of("skill", "DRAW", "weight", 1, "grade", 600, "byDay", "2020-01-01")));
        refused("grade", List.of(Map.of("skill", "DRAW", "weight", 1, "grade", 1001, "byDay", NEXT_YEAR)));
        refused("weight", List.of(Map.of("skill", "DRAW", "weight", -1)));
        refused("skills", List.of(Map.of("skill", "DRAW", "weight", 1), Map.of("skill", "DRAW", "weight", 2)));
    }
}
