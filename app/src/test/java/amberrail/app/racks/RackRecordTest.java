package amberrail.app.racks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is kept of racks: by the rules whatever was tapped, once however often it was sent, and told in a file that its schema describes. */
class RackRecordTest extends RackSetUp {
    private static final int AT_ONCE = 6;

    private static final List<Map<String, Object>> GROUP =
            List.of(ball("1", 500, 300), ball("2", 700, 300), ball("8", 2000, 300), ball("12", 2000, 900));

    @Test
    void theLastBallTooEarlyLosesTheRack() throws Exception {
        String id = begun(layout("groupThenLast-low", GROUP));
        JsonNode early = tree(played(id, shot(1, "8", "POTTED", List.of("8"))));
        assertThat(early.at("/row/end").asText()).isEqualTo("WRONG_BALL");
        played(id, shot(2, "1", "POTTED", List.of("1"))).andExpect(status().isBadRequest());
    }

    @Test
    void aBallThatDropsBesideTheOneThatMissedGoesOnWhereAnyBallCounts() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        JsonNode lucky = tree(played(id, shot(1, "1", "MISSED_THIN", List.of("2"))));
        assertThat(lucky.at("/row/end").isMissingNode()).isTrue();
        assertThat(lucky.at("/row/potted").asInt()).isEqualTo(1);
    }

    @Test
    void aLineUpScoresAndItsColoursComeBack() throws Exception {
        table = tableOf("snooker-12ft");
        Map<String, Object> asked = Map.of(
                "tableId", table, "studentId", student.accountId(), "rules", RULES, "game", "lineUp-6", "seed", 1);
        JsonNode spots = tree(post(student, asked, "/api/v1/racks/made-up"));
        assertThat(spots.get("balls")).hasSize(12);
        String id = UUID.randomUUID().toString();
        Map<String, Object> body = new HashMap<>(rack(Map.of(), List.of()));
        body.put("layout", spots);
        body.put("origin", "STANDARD");
        put(student, body, "/api/v1/racks/{id}", id).andExpect(status().isOk());
        played(id, shot(1, "red 1", "POTTED", List.of("red 1"))).andExpect(status().isOk());
        JsonNode black = tree(played(id, shot(2, "black", "POTTED", List.of("black"))));
        assertThat(black.at("/row/points").asInt()).isEqualTo(8);
        assertThat(black.at("/now/balls")).hasSize(11);
        assertThat(black.at("/now/stage").asText()).isEqualTo("red");
        JsonNode review = tree(read(coach, "/api/v1/racks/review?studentId={s}", student.accountId()));
        assertThat(review.get("racks").asInt()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"-5, 600", "1270, 4000", "700, 400", "1e9, 600"})
    void whereTheCueBallCannotLieIsRefusedAndTheRackStaysAsItWas(double x, double y) throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        Map<String, Object> shot = shot(1, "2", "POTTED", List.of("2"));
        shot.put("landing", place(x, y));
        JsonNode problem = tree(played(id, shot).andExpect(status().isBadRequest()));
        assertThat(problem.get("detail").asText()).isNotBlank();
        assertThat(problem.get("field").asText()).isEqualTo("landing");
        assertThat(seen(id).get("shots")).isEmpty();
    }

    @Test
    void aMovedBallMustHaveRoomAsWell() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        Map<String, Object> shot = shot(1, "2", "POTTED", List.of("2"));
        shot.put("moved", List.of(ball("1", 2010, 300)));
        played(id, shot).andExpect(status().isBadRequest());
        shot.put("moved", List.of(ball("1", 900, 300)));
        JsonNode after = tree(played(id, shot));
        assertThat(after.at("/now/balls/0/place/xMillimetres").asDouble()).isEqualTo(900);
    }

    @Test
    void sentByManyAtOnceItIsKeptOnceAndShotsOfTwoDevicesStandInTheirOrder() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        UUID same = UUID.randomUUID();
        List<Integer> answers = together(
                which -> put(student, shot(1, "2", "POTTED", List.of("2")), "/api/v1/racks/{id}/shots/{s}", id, same)
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(answers).containsOnly(200);
        assertThat(seen(id).get("shots")).hasSize(1);
        UUID rack = UUID.randomUUID();
        List<Integer> begun =
                together(which -> put(student, rack(layout("anyOrder-3", THREE), List.of()), "/api/v1/racks/{id}", rack)
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(begun).containsOnly(200);
    }

    private interface Request {
        int send(int which) throws Exception;
    }

    private static List<Integer> together(Request request) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(AT_ONCE);
        try {
            CyclicBarrier start = new CyclicBarrier(AT_ONCE);
            List<Callable<Integer>> work = new ArrayList<>();
            for (int i = 0; i < AT_ONCE; i++) {
                int which = i;
                work.add(() -> {
                    start.await(30, TimeUnit.SECONDS);
                    return request.send(which);
                });
            }
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> answer : threads.invokeAll(work)) {
                answers.add(answer.get(60, TimeUnit.SECONDS));
            }
            return answers;
        } finally {
            threads.shutdownNow();
        }
    }

    @Test
    void aRackOfAnotherStudentIsNotTakenOverAndAForeignShotIsNotFound() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        JsonNode first = tree(played(id, shot(1, "2", "POTTED", List.of("2"))));
        String shotId = first.at("/shots/0/id").asText();
        SignedIn other = club.newStudentOf(coach);
        Map<String, Object> taken = new HashMap<>(rack(layout("anyOrder-3", THREE), List.of()));
        taken.put("studentId", other.accountId());
        put(coach, taken, "/api/v1/racks/{id}", id).andExpect(status().isConflict());
        put(other, shot(2, "1", "POTTED", List.of("1")), "/api/v1/racks/{id}/shots/{s}", id, UUID.randomUUID())
                .andExpect(status().isNotFound());
        String second = begun(layout("anyOrder-3", THREE));
        put(student, shot(1, "2", "POTTED", List.of("2")), "/api/v1/racks/{id}/shots/{s}", second, shotId)
                .andExpect(status().isNotFound());
        assertThat(seen(id).get("shots")).hasSize(1);
    }

    @Test
    void theFileIsAsItsSchemaSays() throws Exception {
        String id = begun(layout("anyOrder-3", THREE));
        Map<String, Object> shot = shot(1, "2", "POTTED", List.of("2"));
        shot.put("from", place(1500, 600));
        shot.put("planned", Map.of("centre", place(1250, 620), "radiusMillimetres", 150));
        shot.put("next", "3");
        shot.put(
                "stroke",
                Map.of(
                        "paceMetresPerSecond", 2.1,
                        "tipHeightMillimetres", -8,
                        "tipSideMillimetres", 0,
                        "elevationDegrees", 3,
                        "launchDegrees", 41.5));
        played(id, shot).andExpect(status().isOk());
        JsonNode file = tree(read(coach, "/api/v1/racks/export.json?studentId={s}", student.accountId()));
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/formats/racks.schema.json")));
        assertThat(schema.validate(file)).isEmpty();
        JsonNode broken = json.readTree(file.toString().replace("\"POTTED\"", "\"WON\""));
        assertThat(schema.validate(broken)).isNotEmpty();
        post(coach, broken, "/api/v1/racks/import").andExpect(status().isBadRequest());
        Map<String, Object> foreign = Map.of("format", "another", "version", 1, "racks", List.of());
        post(coach, foreign, "/api/v1/racks/import").andExpect(status().isBadRequest());
    }

    @Test
    void oneBrokenRackOfAFileIsNamedAndTheOthersAreKept() throws Exception {
        Map<String, Object> good = Map.of(
                "id", UUID.randomUUID(), "rack", rack(layout("anyOrder-3", THREE), List.of()), "shots", List.of());
        Map<String, Object> bad = Map.of(
                "id",
                UUID.randomUUID(),
                "rack",
                rack(layout("anyOrder-3", List.of(ball("1", 700, 400), ball("2", 705, 400))), List.of()),
                "shots",
                List.of());
        Map<String, Object> file = Map.of("format", "amber-rail-racks", "version", 1, "racks", List.of(bad, good));
        JsonNode read = tree(post(coach, file, "/api/v1/racks/import"));
        assertThat(read.get("racks").asInt()).isEqualTo(1);
        assertThat(read.at("/refused/0/number").asInt()).isEqualTo(1);
        assertThat(read.at("/refused/0/why").asText()).isNotBlank();
    }

    @Test
    void layoutsAreTheClubsAndChangedByWhoKeptThemOrACoach() throws Exception {
        String path = "/api/v1/racks/layouts/" + UUID.randomUUID();
        Map<String, Object> kept =
                Map.of("name", "Three open", "tableId", table, "layout", layout("anyOrder-3", THREE), "madeUp", false);
        put(student, kept, path).andExpect(status().isNoContent());
        SignedIn other = club.newStudentOf(coach);
        assertThat(mayChange(other, path)).isFalse();
        assertThat(mayChange(student, path)).isTrue();
        put(other, kept, path).andExpect(status().isForbidden());
        put(other, Map.of("archived", true), path + "/archived").andExpect(status().isForbidden());
        put(coach, Map.of("archived", true), path + "/archived").andExpect(status().isNoContent());
        assertThat(tree(read(student, "/api/v1/racks/layouts")).findValuesAsText("id"))
                .doesNotContain(path.substring(path.lastIndexOf('/') + 1));
        Map<String, Object> nothing =
                Map.of("name", "Nothing", "tableId", table, "layout", layout("anyOrder-3", List.of()), "madeUp", false);
        put(student, nothing, "/api/v1/racks/layouts/{id}", UUID.randomUUID()).andExpect(status().isBadRequest());
        put(student, Map.of("archived", true), "/api/v1/racks/layouts/{id}/archived", UUID.randomUUID())
                .andExpect(status().isNotFound());
    }

    private boolean mayChange(SignedIn who, String path) throws Exception {
        for (JsonNode one : tree(read(who, "/api/v1/racks/layouts"))) {
            if (path.endsWith(one.get("id").asText())) {
                return one.get("mayChange").asBoolean();
            }
        }
        throw new AssertionError("the layout is not listed");
    }

    @Test
    void aListComesInPagesNewestFirst() throws Exception {
        for (int i = 0; i < 45; i++) {
            Map<String, Object> body = new HashMap<>(rack(layout("anyOrder-3", THREE.subList(0, 1)), List.of()));
            body.put("startedAt", String.format("2026-10-01T10:%02d:00Z", i));
            put(student, body, "/api/v1/racks/{id}", UUID.randomUUID());
        }
        JsonNode first = tree(read(coach, "/api/v1/racks?studentId={s}", student.accountId()));
        assertThat(first.get("racks")).hasSize(40);
        assertThat(first.at("/racks/0/startedAt").asText()).startsWith("2026-10-01T10:44");
        JsonNode second = tree(read(
                coach,
                "/api/v1/racks?studentId={s}&before={b}",
                student.accountId(),
                first.get("next").asText()));
        assertThat(second.get("racks")).hasSize(5);
        assertThat(second.has("next")).isFalse();
    }

    @Test
    void savedLayoutsComeAsAFileThatIsReadBackOnce() throws Exception {
        String name = "Out and in " + UUID.randomUUID();
        put(
                        coach,
                        Map.of("name", name, "tableId", table, "layout", layout("anyOrder-3", THREE), "madeUp", false),
                        "/api/v1/racks/layouts/" + UUID.randomUUID())
                .andExpect(status().isNoContent());
        JsonNode file = tree(read(student, "/api/v1/racks/layouts/export.json"));
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/formats/rack-layouts.schema.json")));
        assertThat(schema.validate(file)).isEmpty();
        assertThat(file.findValuesAsText("name")).contains(name);
        assertThat(tree(post(student, file, "/api/v1/racks/layouts/import?tableId=" + table))
                        .get("read")
                        .asInt())
                .isZero();
        JsonNode renamed = json.readTree(file.toString().replace(name, name + " again"));
        JsonNode read = tree(post(student, renamed, "/api/v1/racks/layouts/import?tableId=" + table));
        assertThat(read.get("read").asInt()).isEqualTo(1);
        assertThat(read.get("already").asInt()).isEqualTo(file.get("layouts").size() - 1);
        assertThat(tree(read(student, "/api/v1/racks/layouts")).findValuesAsText("name"))
                .contains(name, name + " again");
    }

    @Test
    void aLayoutThatCannotLieOnTheTableIsNamedAndAForeignFileRefused() throws Exception {
        Map<String, Object> one = Map.of(
                "name",
                "One in another",
                "layout",
                layout("anyOrder-3", List.of(ball("1", 700, 400), ball("2", 705, 400))),
                "madeUp",
                false);
        String path = "/api/v1/racks/layouts/import?tableId=" + table;
        JsonNode read =
                tree(post(coach, Map.of("format", "amber-rail-layouts", "version", 1, "layouts", List.of(one)), path));
        assertThat(read.get("read").asInt()).isZero();
        assertThat(read.at("/refused/0/name").asText()).isEqualTo("One in another");
        assertThat(read.at("/refused/0/why").asText()).contains("from 1");
        post(coach, Map.of("format", "amber-rail-racks", "version", 1, "layouts", List.of()), path)
                .andExpect(status().isBadRequest());
    }
}
