package amberrail.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URI;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** From a proposal to a plan that ticks itself off, and everything that may go wrong on the way. */
class PlansTest extends AppTest {
    private SignedIn coach;
    private SignedIn student;

    @BeforeEach
    void somebodyToPlanFor() {
        coach = club.head();
        student = club.newStudentOf(coach);
    }

    private static LocalDate today() {
        return LocalDate.now(ZoneOffset.UTC);
    }

    private ObjectNode question(double minutes, SignedIn... students) {
        ObjectNode asked = json.createObjectNode().put("minutes", minutes).put("withTest", false);
        ArrayNode ids = asked.putArray("studentIds");
        for (SignedIn one : students) {
            ids.add(one.accountId().toString());
        }
        asked.putArray("items");
        return asked;
    }

    private JsonNode proposal(double minutes, SignedIn... students) throws Exception {
        return tree(post(coach, question(minutes, students), "/api/v1/plan-proposals")
                .andExpect(status().isOk()));
    }

    private ObjectNode plan(JsonNode proposal, SignedIn... students) {
        ObjectNode plan = json.createObjectNode();
        plan.put("title", "Tuesday").put("pattern", false).put("minutes", 60).put("mixed", false);
        plan.put("withTest", false).put("revision", 0).put("onDay", today().toString());
        plan.set("bandLow", proposal.get("bandLow"));
        plan.set("bandHigh", proposal.get("bandHigh"));
        plan.set("items", proposal.get("items"));
        ArrayNode ids = plan.putArray("studentIds");
        for (SignedIn one : students) {
            ids.add(one.accountId().toString());
        }
        return plan;
    }

    private JsonNode kept(ObjectNode plan) throws Exception {
        return tree(post(coach, plan, "/api/v1/plans").andExpect(status().isCreated()));
    }

    @Test
    void aProposalFitsItsTimeAndSaysWhy() throws Exception {
        JsonNode found = proposal(60, student);
        assertThat(found.at("/remark").asText()).isEqualTo("NONE");
        double minutes = 0;
        for (JsonNode item : found.get("items")) {
            minutes += item.get("minutes").asDouble();
            assertThat(item.at("/why/chance").asDouble()).isBetween(0.0, 1.0);
            assertThat(item.at("/places/0/studentId").asText())
                    .isEqualTo(student.accountId().toString());
        }
        assertThat(minutes + found.get("unusedMinutes").asDouble()).isEqualTo(60);
        assertThat(found.at("/items/0/role").asText()).isEqualTo("WARM_UP");
        assertThat(found.get("possible")).hasSizeGreaterThan(30);
    }

    @Test
    void forAPatternNothingIsProposedAndEverythingMayBeTaken() throws Exception {
        JsonNode found = proposal(60);
        assertThat(found.get("items")).isEmpty();
        assertThat(found.get("remark").asText()).isEqualTo("NONE");
        assertThat(found.get("possible")).hasSizeGreaterThan(30);
        JsonNode one = found.at("/possible/0/item");
        assertThat(one.get("minutes").asDouble()).isPositive();
        assertThat(one.get("places")).isEmpty();
        assertThat(one.has("why")).isFalse();
    }

    @Test
    void whatIsLockedStaysWhenTheRestIsPlannedAgain() throws Exception {
        ObjectNode asked = question(60, student);
        ObjectNode mine = proposal(60, student).get("items").get(2).deepCopy();
        mine.put("locked", true).put("minutes", 17.0).put("tries", 33);
        asked.withArray("items").add(mine);
        JsonNode again = tree(post(coach, asked, "/api/v1/plan-proposals"));
        assertThat(again.get("items").get(0)).isEqualTo(mine);
        assertThat(new HashSet<>(again.get("items").findValuesAsText("drillId")))
                .hasSameSizeAs(again.get("items"));
    }

    @Test
    void aGroupSharesDrillsAndEachHasAStationOfTheirOwn() throws Exception {
        SignedIn other = club.newStudentOf(coach);
        JsonNode found = proposal(90, student, other);
        for (JsonNode item : found.get("items")) {
            assertThat(item.get("places").findValuesAsText("studentId"))
                    .containsExactly(
                            student.accountId().toString(), other.accountId().toString());
        }
    }

    @Test
    void whatIsRecordedTicksALineOffAlsoWithoutThePlan() throws Exception {
        JsonNode found = proposal(30, student);
        ObjectNode plan = plan(found, student);
        ObjectNode line = found.get("items").get(0).deepCopy();
        line.put("drillId", Club.DRILL).put("tries", 2);
        plan.withArray("items").removeAll().add(line);
        JsonNode before = kept(plan);
        assertThat(before.at("/items/0/ticked").asBoolean()).isFalse();
        playedAPotAndAMiss(student, Club.potted(0, 1746.25, 1016));
        JsonNode after =
                tree(read(student, "/api/v1/plans/{id}", before.get("id").asText()));
        assertThat(after.at("/items/0/done/0/tries").asInt()).isEqualTo(2);
        assertThat(after.at("/items/0/ticked").asBoolean()).isTrue();
        assertThat(after.get("done").asBoolean()).isTrue();
        plan.put("onDay", today().plusDays(3).toString()).put("revision", 0);
        JsonNode moved =
                tree(put(coach, plan, "/api/v1/plans/{id}", before.get("id").asText()));
        assertThat(moved.at("/items/0/ticked").asBoolean()).isFalse();
    }

    @Test
    void ofTwoWhoChangeOnePlanTheSecondIsToldAndNothingIsLost() throws Exception {
        ObjectNode plan = plan(proposal(30, student), student);
        String id = kept(plan).get("id").asText();
        ExecutorService two = Executors.newFixedThreadPool(2);
        CountDownLatch together = new CountDownLatch(1);
        List<Future<Integer>> answers = new ArrayList<>();
        for (String title : List.of("One", "Other")) {
            ObjectNode body = plan.deepCopy().put("title", title);
            answers.add(two.submit(() -> {
                together.await();
                return put(coach, body, "/api/v1/plans/{id}", id)
                        .andReturn()
                        .getResponse()
                        .getStatus();
            }));
        }
        together.countDown();
        List<Integer> statuses = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            statuses.add(answer.get());
        }
        two.shutdown();
        assertThat(statuses).containsExactlyInAnyOrder(200, 409);
        assertThat(tree(read(coach, "/api/v1/plans/{id}", id)).get("revision").asInt())
                .isEqualTo(1);
        JsonNode refused = tree(put(coach, plan.put("title", "Third"), "/api/v1/plans/{id}", id));
        assertThat(refused.get("code").asText()).isEqualTo("PLAN_CHANGED");
        assertThat(refused.at("/current/title").asText()).isIn("One", "Other");
    }

    @Test
    void aCoachOfOneOfTwoSeesThatOneAndChangesNothing() throws Exception {
        SignedIn otherCoach = club.newCoach();
        SignedIn theirs = club.newStudentOf(otherCoach);
        SignedIn both = club.newStudentOf(coach);
        // The head coach coaches both; the other coach only one of them.
        put(coach, "{}", "/api/v1/students/{id}/coaches/{coach}", theirs.accountId(), coach.accountId())
                .andExpect(status().isNoContent());
        String id =
                kept(plan(proposal(60, theirs, both), theirs, both)).get("id").asText();
        JsonNode seen = tree(read(otherCoach, "/api/v1/plans/{id}", id));
        assertThat(seen.get("students").findValuesAsText("studentId"))
                .containsExactly(theirs.accountId().toString());
        assertThat(seen.toString()).doesNotContain(both.accountId().toString());
        assertThat(seen.get("mine").asBoolean()).isFalse();
        // Why a line is there may be the other's chance.
        seen.get("items")
                .forEach(item -> assertThat(item.get("item").has("why")).isFalse());
        post(otherCoach, "{}", "/api/v1/plans/{id}/archive", id).andExpect(status().isForbidden());
    }

    @Test
    void aPatternIsItsOwnersAloneAndForNobody() throws Exception {
        ObjectNode plan = plan(proposal(30, student), student);
        plan.put("pattern", true).remove("onDay");
        post(coach, plan, "/api/v1/plans").andExpect(status().isBadRequest());
        plan.putArray("studentIds");
        plan.withArray("items").forEach(item -> ((ObjectNode) item).putArray("places"));
        String id = kept(plan).get("id").asText();
        assertThat(tree(read(coach, "/api/v1/plan-patterns")).findValuesAsText("id"))
                .contains(id);
        SignedIn otherCoach = club.newCoach();
        assertThat(tree(read(otherCoach, "/api/v1/plan-patterns")).findValuesAsText("id"))
                .doesNotContain(id);
        read(otherCoach, "/api/v1/plans/{id}", id).andExpect(status().isNotFound());
    }

    @Test
    void oddPlansAreRefusedWithTheField() throws Exception {
        ObjectNode good = plan(proposal(30, student), student);
        refused(good.deepCopy().put("onDay", "2020-01-01"), "onDay");
        refused(good.deepCopy().put("minutes", 2), "minutes");
        refused(good.deepCopy().put("title", " "), "title");
        refused(good.deepCopy().put("bandLow", 0.9), "bandLow");
        ObjectNode stranger = good.deepCopy();
        ((ObjectNode) stranger.at("/items/0/places/0"))
                .put("studentId", UUID.randomUUID().toString());
        refused(stranger, "items.places.studentId");
        ObjectNode unknown = good.deepCopy();
        ((ObjectNode) unknown.get("items").get(0)).put("drillId", "no-such-drill");
        post(coach, unknown, "/api/v1/plans").andExpect(status().isNotFound());
        ObjectNode asked = question(4, student);
        post(coach, asked, "/api/v1/plan-proposals").andExpect(status().isBadRequest());
        post(coach, question(60, student).put("bandLow", 0.5), "/api/v1/plan-proposals")
                .andExpect(status().isBadRequest());
    }

    private void refused(ObjectNode plan, String field) throws Exception {
        var answer = post(coach, plan, "/api/v1/plans").andExpect(status().isBadRequest());
        assertThat(tree(answer).get("field").asText()).isEqualTo(field);
    }

    /** A drill that has gone stays as a line without a title, and the rest of the plan can be changed. */
    @Test
    void aDrillThatIsArchivedUnderAPlanMayStay() throws Exception {
        JsonNode copy = tree(post(coach, "{}", "/api/v1/drills/{id}/copy", Club.DRILL));
        String drill = copy.at("/drill/id").asText(copy.path("id").asText());
        ObjectNode plan = plan(proposal(30, student), student);
        ((ObjectNode) plan.get("items").get(0)).put("drillId", drill);
        String id = kept(plan).get("id").asText();
        // Another coach of theirs does not have the first one's own drills.
        SignedIn other = club.newCoach();
        put(coach, "{}", "/api/v1/students/{id}/coaches/{coach}", student.accountId(), other.accountId())
                .andExpect(status().isNoContent());
        assertThat(tree(read(other, "/api/v1/plans/{id}", id)).at("/items/0").has("title"))
                .isFalse();
        put(other, plan.put("title", "Changed"), "/api/v1/plans/{id}", id).andExpect(status().isOk());
    }

    @Test
    void aPlanWithoutADayIsForTodayOnceItIsStarted() throws Exception {
        ObjectNode plan = plan(proposal(30, student), student);
        plan.remove("onDay");
        String id = kept(plan).get("id").asText();
        assertThat(tree(read(student, "/api/v1/plans/{id}", id)).has("onDay")).isFalse();
        JsonNode begun = tree(post(student, "{}", "/api/v1/plans/{id}/start", id));
        assertThat(begun.get("onDay").asText()).isEqualTo(today().toString());
        assertThat(tree(post(student, "{}", "/api/v1/plans/{id}/start", id))).isEqualTo(begun);
        // What a coach has made is not the student's to change.
        put(student, plan.put("revision", 1), "/api/v1/plans/{id}", id).andExpect(status().isForbidden());
        post(student, plan, "/api/v1/plans").andExpect(status().isCreated());
    }

    /** With forty lines, too. */
    @Test
    void aPlanOnPaperIsOnePageWithABoxForEveryTry() throws Exception {
        JsonNode found = proposal(60, student);
        ObjectNode plan = plan(found, student);
        for (String paper : List.of("A4", "LETTER")) {
            String id = kept(plan).get("id").asText();
            byte[] pdf = read(student, "/api/v1/plans/{id}/sheet.pdf?paper=" + paper, id)
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(new PDFTextStripper().getText(document))
                        .contains("Tuesday", "tries", "tick it when it succeeds");
            }
            ArrayNode many = plan.putArray("items");
            found.get("possible").forEach(one -> {
                if (many.size() < 40) {
                    many.add(one.get("item"));
                }
            });
        }
    }

    @Test
    void whatIsArchivedIsGoneFromTheList() throws Exception {
        String id = kept(plan(proposal(30, student), student)).get("id").asText();
        String list = "/api/v1/plans?studentId=" + student.accountId() + "&from=" + today().minusDays(1) + "&to="
                + today().plusDays(1);
        assertThat(tree(read(student, list)).findValuesAsText("id")).containsExactly(id);
        post(coach, "{}", "/api/v1/plans/{id}/archive", id).andExpect(status().isNoContent());
        assertThat(tree(read(student, list))).isEmpty();
        read(coach, "/api/v1/plans/{id}", id).andExpect(status().isNotFound());
        for (String days : List.of(
                "from=2026-01-01&to=2029-01-01",
                "from=2026-02-01&to=2026-01-01",
                "from=%2B999999999-01-01&to=%2B999999999-02-01",
                "from=tomorrow&to=2026-01-01",
                "from=2026-01-01&to=2026-01-02&zone=Nowhere")) {
            assertThat(mvc.perform(MockMvcRequestBuilders.get(URI.create("/api/v1/plans?" + days))
                                    .with(Club.as(coach)))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .as(days)
                    .isEqualTo(400);
        }
    }
}
