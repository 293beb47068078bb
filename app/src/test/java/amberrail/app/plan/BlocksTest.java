package amberrail.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Blocks of weeks: what they are for, the plans that are made for them, and the test that repeats their beginning. */
class BlocksTest extends AppTest {
    private static final String NEW_SHOT = "down-the-hall";

    private final LocalDate begins = LocalDate.now(ZoneOffset.UTC).plusDays(1);
    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void somebodyToPlanFor() {
        coach = club.newCoach();
        student = club.newStudentOf(coach);
    }

    private ObjectNode block() {
        ObjectNode block = json.createObjectNode().put("title", "Stun block").put("weeks", 3);
        block.put("studentId", student.accountId().toString()).put("beginsOn", begins.toString());
        block.put("minutes", 60).put("mixed", true).put("newShot", NEW_SHOT).put("newMinutes", 6);
        block.put("revision", 0);
        block.putArray("focus").add("STUN");
        block.putArray("weekdays").add("MONDAY").add("WEDNESDAY").add("FRIDAY");
        return block;
    }

    private String kept() throws Exception {
        return tree(post(coach, block(), "/api/v1/blocks").andExpect(status().isCreated()))
                .get("id")
                .asText();
    }

    private JsonNode planned(String id, int week) throws Exception {
        return tree(
                post(coach, "", "/api/v1/blocks/{id}/weeks/{week}", id, week).andExpect(status().isOk()));
    }

    private List<JsonNode> plansOf(JsonNode block, int week) throws Exception {
        List<JsonNode> plans = new ArrayList<>();
        for (JsonNode one : block.at("/weeks/" + (week - 1) + "/plans")) {
            plans.add(tree(read(coach, "/api/v1/plans/{id}", one.get("planId").asText())));
        }
        return plans;
    }

    private static Set<String> stations(JsonNode plan) {
        Set<String> stations = new HashSet<>();
        plan.get("items").forEach(line -> {
            if (!line.at("/item/role").asText().equals("WARM_UP")) {
                stations.add(line.at("/item/drillId").asText() + " "
                        + line.at("/item/places/0/station").asText());
            }
        });
        return stations;
    }

    @Test
    void theWeeksSayWhatTheyAreForBeforeAnythingIsKept() throws Exception {
        JsonNode preview = tree(post(coach, block(), "/api/v1/block-previews").andExpect(status().isOk()));
        assertThat(preview.has("id")).isFalse();
        assertThat(preview.get("weeks").findValuesAsText("phase")).containsExactly("LEARN", "BUILD", "TEST");
        assertThat(preview.at("/weeks/2/minutesPerSession").asInt()).isEqualTo(36);
        int minutes = 0;
        for (JsonNode one : preview.at("/weeks/0/skillMinutes")) {
            minutes += one.asInt();
        }
        assertThat(minutes).isEqualTo(180);
        assertThat(preview.at("/weeks/0/skillMinutes/STUN").asInt())
                .isGreaterThan(2 * preview.at("/weeks/0/skillMinutes/DRAW").asInt());
        assertThat(tree(read(coach, "/api/v1/blocks"))).isEmpty();
    }

    @Test
    void aWeekGetsAPlanForEachDayWithTheNewShotAFewMinutesEveryTime() throws Exception {
        JsonNode block = planned(kept(), 1);
        List<JsonNode> plans = plansOf(block, 1);
        assertThat(plans).hasSize(3);
        Set<String> all = new HashSet<>();
        int lines = 0;
        for (JsonNode plan : plans) {
            LocalDate day = LocalDate.parse(plan.get("onDay").asText());
            assertThat(day).isBetween(begins, begins.plusDays(6));
            assertThat(plan.get("mixed").asBoolean()).isTrue();
            double minutes = 0;
            for (JsonNode line : plan.get("items")) {
                minutes += line.at("/item/minutes").asDouble();
                if (line.at("/item/drillId").asText().equals(NEW_SHOT)) {
                    assertThat(line.at("/item/minutes").asDouble()).isEqualTo(6);
                    assertThat(line.at("/item/places")).isNotEmpty();
                } else {
                    all.add(line.at("/item/drillId").asText());
                    lines++;
                }
            }
            assertThat(minutes).isBetween(40.0, 60.0);
            assertThat(plan.get("items").findValuesAsText("drillId")).contains(NEW_SHOT);
        }
        // What stands on Monday is not due on Wednesday, so the days are not all alike.
        assertThat(all.size()).isGreaterThan(lines / 2);
    }

    @Test
    void theTestWeekRepeatsTheFirstAtTheSameStations() throws Exception {
        String id = kept();
        planned(id, 1);
        JsonNode block = planned(id, 3);
        List<JsonNode> first = plansOf(block, 1);
        List<JsonNode> last = plansOf(block, 3);
        assertThat(last).hasSameSizeAs(first);
        for (int i = 0; i < first.size(); i++) {
            assertThat(stations(last.get(i))).containsAll(stations(first.get(i)));
            double minutes = 0;
            for (JsonNode line : last.get(i).get("items")) {
                minutes += line.at("/item/minutes").asDouble();
            }
            assertThat(minutes).isLessThanOrEqualTo(36);
            assertThat(last.get(i).get("items").findValuesAsText("role")).contains("TEST");
        }
    }

    @Test
    void aWeekIsPlannedOnceWhoeverPressesTheKey() throws Exception {
        String id = kept();
        ExecutorService both = Executors.newFixedThreadPool(2);
        CountDownLatch ready = new CountDownLatch(2);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            answers.add(both.submit(() -> {
                ready.countDown();
                ready.await();
                return post(coach, "", "/api/v1/blocks/{id}/weeks/1", id)
                        .andReturn()
                        .getResponse()
                        .getStatus();
            }));
        }
        List<Integer> codes = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            codes.add(answer.get());
        }
        both.shutdown();
        assertThat(codes).containsExactlyInAnyOrder(200, 409);
        assertThat(tree(read(coach, "/api/v1/blocks/{id}", id)).at("/weeks/0/plans"))
                .hasSize(3);
    }

    @Test
    void theComingWeekOfEverybodyIsPlannedWithOneKey() throws Exception {
        String id = kept();
        SignedIn other = club.newStudentOf(coach);
        ObjectNode second = block().put("studentId", other.accountId().toString());
        post(coach, second, "/api/v1/blocks").andExpect(status().isCreated());
        assertThat(tree(post(coach, Map.of("from", begins), "/api/v1/plan-weeks"))
                        .get("blocks")
                        .asInt())
                .isEqualTo(2);
        assertThat(tree(post(coach, Map.of("from", begins), "/api/v1/plan-weeks"))
                        .get("blocks")
                        .asInt())
                .isZero();
        assertThat(tree(read(coach, "/api/v1/blocks/{id}", id)).at("/weeks/0/plans"))
                .hasSize(3);
        post(student, Map.of("from", begins), "/api/v1/plan-weeks").andExpect(status().isForbidden());
    }

    @Test
    void ofTwoWhoChangeOneBlockTheSecondIsToldAndStrangersFindNothing() throws Exception {
        String id = kept();
        put(coach, block().put("minutes", 45), "/api/v1/blocks/{id}", id).andExpect(status().isOk());
        put(coach, block().put("minutes", 90), "/api/v1/blocks/{id}", id)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.minutes").value(45));
        read(student, "/api/v1/blocks/{id}", id).andExpect(jsonPath("$.mine").value(false));
        put(student, block().put("revision", 1), "/api/v1/blocks/{id}", id).andExpect(status().isForbidden());
        SignedIn stranger = club.newCoach();
        read(stranger, "/api/v1/blocks/{id}", id).andExpect(status().isNotFound());
        post(stranger, "", "/api/v1/blocks/{id}/weeks/1", id).andExpect(status().isNotFound());
        post(stranger, block(), "/api/v1/blocks").andExpect(status().isNotFound());
        post(coach, "", "/api/v1/blocks/{id}/archive", id).andExpect(status().isNoContent());
        read(coach, "/api/v1/blocks/{id}", id).andExpect(status().isNotFound());
    }

    @Test
    void whatCannotBeIsRefusedWithItsField() throws Exception {
        post(coach, block().put("beginsOn", "2020-01-01"), "/api/v1/blocks")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("beginsOn"));
        post(coach, block().put("weeks", 5), "/api/v1/blocks")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("weeks"));
        post(coach, block().put("newShot", "no-such-drill"), "/api/v1/blocks").andExpect(status().isNotFound());
        ObjectNode noDays = block();
        noDays.putArray("weekdays");
        post(coach, noDays, "/api/v1/blocks").andExpect(jsonPath("$.field").value("weekdays"));
        post(coach, "", "/api/v1/blocks/{id}/weeks/9", kept())
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("week"));
    }
}
