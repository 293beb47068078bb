package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A coach's own drills: made, changed, shared, put away; what was played stays readable. */
class OwnDrillsTest extends AppTest {

    private JsonNode save(SignedIn who, String id, int revision, JsonNode drill) throws Exception {
        return tree(put(who, Map.of("revision", revision, "drill", drill), "/api/v1/drills/{id}", id)
                .andExpect(status().isOk()));
    }

    private String play(SignedIn coach, SignedIn student, String drillId) throws Exception {
        var body = newSession(student, drillId);
        return tree(post(coach, body, "/api/v1/sessions").andExpect(status().isCreated()))
                .get("id")
                .asText();
    }

    @Test
    void aCopyIsPrivateAndCanBeChangedInPlaceWhileNobodyHasPlayedIt() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        assertThat(drill.get("title").asText()).isEqualTo("Roll on to the ring (copy)");
        JsonNode saved = save(coach, id, 0, drill.put("title", "Mine"));
        assertThat(saved.get("version").asInt()).isEqualTo(1);
        assertThat(saved.get("revision").asInt()).isEqualTo(1);
        assertThat(document(coach, id).get("title").asText()).isEqualTo("Mine");
    }

    @Test
    void aChangeAfterItWasPlayedIsANewVersionAndTheOldResultsReadAsBefore() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String id = ownDrillOf(coach);
        String session = play(coach, student, id);
        put(coach, Club.potted(0, 1000, 500), "/api/v1/sessions/{s}/attempts/{a}", session, UUID.randomUUID())
                .andExpect(status().isOk());
        String before = read(coach, "/api/v1/sessions/{s}/review", session)
                .andReturn()
                .getResponse()
                .getContentAsString();

        ObjectNode drill = document(coach, id).put("title", "Harder");
        ((ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone")).put("radiusMillimetres", 60);
        assertThat(save(coach, id, 0, drill).get("version").asInt()).isEqualTo(2);

        String after = read(coach, "/api/v1/sessions/{s}/review", session)
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(after)
                .as("the same, and a word that there is a newer version")
                .isEqualTo(before.replace("\"newerVersion\":false", "\"newerVersion\":true"))
                .contains("Roll on to the ring (copy)");
        JsonNode now = tree(read(coach, "/api/v1/sessions/{s}", play(coach, student, id)));
        assertThat(now.at("/session/drills/0/title").asText()).isEqualTo("Harder");
        assertThat(now.at("/drills/0/drill/version").asInt()).isEqualTo(2);
        // The second version is played now too, so that the next change is the third; one more change to that stays in
        // it.
        int revision = save(coach, id, 1, drill.put("title", "Harder still"))
                .get("revision")
                .asInt();
        assertThat(save(coach, id, revision, drill.put("title", "Hardest"))
                        .get("version")
                        .asInt())
                .isEqualTo(3);
    }

    /** The same landings on a ring that was made smaller: fewer of them succeed, and nobody has become worse. */
    @Test
    void aSmallerRingMakesNobodyWorse() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        String wide = play(coach, student, id);
        landings(coach, wide);
        ((ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone")).put("radiusMillimetres", 60);
        save(coach, id, 0, drill);
        String narrow = play(coach, student, id);
        landings(coach, narrow);
        JsonNode compared = compared(coach, student, id, wide, narrow);
        assertThat(compared.at("/changed/0").asText()).isEqualTo("TARGET_SIZE");
        assertThat(compared.has("success")).isFalse();
        assertThat(compared.at("/closer/verdict").asText()).isEqualTo("NO_CLEAR_CHANGE_YET");
        assertThat(compared.at("/closer/ratio").asDouble()).isEqualTo(1);
        assertThat(compared.at("/potting/verdict").asText()).isEqualTo("NO_CLEAR_CHANGE_YET");
        // Thrown together as one period they would be neither.
        read(
                        coach,
                        "/api/v1/students/{s}/comparison?drillId={d}&station=0&from={a}&from={c}&to={b}",
                        student.accountId(),
                        id,
                        wide,
                        narrow,
                        narrow)
                .andExpect(status().isBadRequest());
    }

    /** The ring moved and twice as large, everything twice as far from its middle: in shares of the radius nothing has changed. */
    @Test
    void aMovedRingIsComparedInSharesOfItsRadius() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        String before = play(coach, student, id);
        landings(coach, before);
        ObjectNode zone = (ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone");
        ((ObjectNode) zone.get("centre")).put("along", 4.5);
        zone.put("radiusMillimetres", 2 * zone.get("radiusMillimetres").asDouble());
        save(coach, id, 0, drill);
        String after = play(coach, student, id);
        landings(coach, after, 4.5 * 317.5, 2);
        JsonNode compared = compared(coach, student, id, before, after);
        assertThat(compared.at("/changed/0").asText()).isEqualTo("TARGET_PLACE");
        assertThat(compared.has("success")).isFalse();
        assertThat(compared.get("closerInRadii").asBoolean()).isTrue();
        assertThat(compared.at("/closer/ratio").asDouble()).isCloseTo(1, within(1e-9));
        assertThat(compared.at("/closer/verdict").asText()).isEqualTo("NO_CLEAR_CHANGE_YET");
    }

    private JsonNode compared(SignedIn coach, SignedIn student, String drill, String from, String to) throws Exception {
        return tree(read(
                        coach,
                        "/api/v1/students/{s}/comparison?drillId={d}&station=0&from={a}&to={b}",
                        student.accountId(),
                        drill,
                        from,
                        to)
                .andExpect(status().isOk()));
    }

    private void landings(SignedIn coach, String session) throws Exception {
        landings(coach, session, 5.5 * 317.5, 1);
    }

    private void landings(SignedIn coach, String session, double ringXMillimetres, int scale) throws Exception {
        for (int i = 0; i < 24; i++) {
            put(
                            coach,
                            Club.potted(i, ringXMillimetres + scale * 12 * (i % 9), 1016 - scale * 11 * (i % 7)),
                            "/api/v1/sessions/{s}/attempts/{a}",
                            session,
                            UUID.randomUUID())
                    .andExpect(status().isOk());
        }
    }

    @Test
    void twoWindowsNoticeEachOtherAndNothingIsLost() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        save(coach, id, 0, drill.deepCopy().put("title", "From the tablet"));
        put(coach, Map.of("revision", 0, "drill", drill.put("title", "From the laptop")), "/api/v1/drills/{id}", id)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("REVISION_CONFLICT"))
                .andExpect(jsonPath("$.current.drill.title").value("From the tablet"))
                .andExpect(jsonPath("$.current.revision").value(1));
        // The same content again, as after an answer that got lost, is no conflict.
        save(coach, id, 0, drill.put("title", "From the tablet"));
    }

    @Test
    void sharedWithTheClubOthersMayUseAndCopyButNotChangeIt() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn other = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        put(coach, Map.of("shared", true), "/api/v1/drills/{id}/sharing", id).andExpect(status().isNoContent());
        put(other, Map.of("revision", 0, "drill", drill), "/api/v1/drills/{id}", id)
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail")
                        .value("Only whoever made a drill can change it. Make a copy of your own."));
        play(other, club.newStudentOf(other), id);
        post(other, Map.of(), "/api/v1/drills/{id}/copy", id).andExpect(status().isCreated());
        JsonNode entry = entry(other, id);
        assertThat(entry.get("origin").asText()).isEqualTo("CLUB");
        assertThat(entry.get("madeBy").asText()).isEqualTo("Coach");
    }

    @Test
    void putAwayItLeavesTheLibraryAndComesBack() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        delete(coach, "/api/v1/drills/{id}", id).andExpect(status().isNoContent());
        assertThat(entry(coach, id)).isNull();
        read(coach, "/api/v1/drills/{id}", id).andExpect(status().isNotFound());
        post(coach, Map.of(), "/api/v1/drills/{id}/bring-back", id).andExpect(status().isNoContent());
        assertThat(entry(coach, id)).isNotNull();
    }

    @Test
    void whatCannotBeSetUpIsKeptButNotPlayed() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        JsonNode object = drill.at("/stations/0/shots/0/balls/0/position");
        ((ObjectNode) drill.at("/stations/0/shots/0/balls/1")).set("position", object);
        save(coach, id, 0, drill);
        assertThat(entry(coach, id).has("firstShot")).isFalse();
        var body = newSession(club.newStudentOf(coach), id);
        post(coach, body, "/api/v1/sessions")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.code").value("BALLS_OVERLAP"))
                .andExpect(jsonPath("$.field").value(org.hamcrest.Matchers.startsWith("stations[0].shots[0].balls.")));
    }

    @Test
    void aBrokenDrillIsRefusedWithThePlaceAndTheStoredOneStays() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        ((ObjectNode) drill.at("/stations/0/rule")).put("capTries", 1);
        put(coach, Map.of("revision", 0, "drill", drill), "/api/v1/drills/{id}", id)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("drill.stations[0].rule.capTries"));
        ((ObjectNode) drill.at("/stations/0")).remove("rule");
        put(coach, Map.of("revision", 0, "drill", drill), "/api/v1/drills/{id}", id)
                .andExpect(status().isBadRequest());
        assertThat(document(coach, id).at("/stations/0/rule/capTries").asInt()).isGreaterThan(1);
    }

    @Test
    void favouritesAndFoldersAreEachPersonsOwn() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String folder = folderOf(coach, "Tuesdays");
        for (int twice = 0; twice < 2; twice++) {
            put(coach, Map.of(), "/api/v1/folders/{f}/drills/{d}", folder, Club.DRILL)
                    .andExpect(status().isNoContent());
            put(coach, Map.of(), "/api/v1/drills/{d}/favourite", Club.DRILL).andExpect(status().isNoContent());
        }
        JsonNode entry = entry(coach, Club.DRILL);
        assertThat(entry.get("favourite").asBoolean()).isTrue();
        assertThat(entry.at("/folders/0").asText()).isEqualTo(folder);
        assertThat(entry(student, Club.DRILL).get("favourite").asBoolean()).isFalse();
        assertThat(entry(student, Club.DRILL).get("folders")).isEmpty();
        post(coach, Map.of("name", " tuesdays "), "/api/v1/folders")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.code").value("DUPLICATE_ID"));
        delete(coach, "/api/v1/folders/{f}", folder).andExpect(status().isNoContent());
        assertThat(entry(coach, Club.DRILL).get("folders")).isEmpty();
        assertThat(entry(coach, Club.DRILL).get("favourite").asBoolean()).isTrue();
    }

    /** Sessions are begun while the drill is being saved: whatever a session was begun with reads the same for ever. */
    @Test
    void aSaveAndTheStartOfASessionDoNotCross() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        List<String> sessions = new CopyOnWriteArrayList<>();
        List<String> titles = new CopyOnWriteArrayList<>();
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            Future<?> playing = threads.submit(() -> {
                for (int i = 0; i < 12; i++) {
                    String session = play(coach, student, id);
                    sessions.add(session);
                    titles.add(title(coach, session));
                }
                return null;
            });
            Future<?> saving = threads.submit(() -> {
                int revision = 0;
                for (int i = 0; i < 24; i++) {
                    JsonNode saved = save(coach, id, revision, drill.deepCopy().put("title", "Save " + i));
                    revision = saved.get("revision").asInt();
                }
                return null;
            });
            playing.get(60, TimeUnit.SECONDS);
            saving.get(60, TimeUnit.SECONDS);
        } finally {
            threads.shutdownNow();
        }
        for (int i = 0; i < sessions.size(); i++) {
            assertThat(title(coach, sessions.get(i))).as("session " + i).isEqualTo(titles.get(i));
        }
    }

    private String title(SignedIn who, String session) throws Exception {
        return tree(read(who, "/api/v1/sessions/{s}", session))
                .at("/session/drills/0/title")
                .asText();
    }

    /** Two windows save at the same moment: one is told of the other, and one content stays. */
    @Test
    void ofTwoSavesAtOnceOneWins() throws Exception {
        SignedIn coach = club.newCoach();
        String id = ownDrillOf(coach);
        ObjectNode drill = document(coach, id);
        ExecutorService threads = Executors.newFixedThreadPool(2);
        List<Future<Integer>> answers = new ArrayList<>();
        try {
            for (String title : List.of("One", "Other")) {
                ObjectNode mine = drill.deepCopy().put("title", title);
                answers.add(
                        threads.submit(() -> put(coach, Map.of("revision", 0, "drill", mine), "/api/v1/drills/{id}", id)
                                .andReturn()
                                .getResponse()
                                .getStatus()));
            }
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> answer : answers) {
                statuses.add(answer.get(30, TimeUnit.SECONDS));
            }
            assertThat(statuses).containsExactlyInAnyOrder(200, 409);
        } finally {
            threads.shutdownNow();
        }
    }

    /** The library's entry of a drill, null if it is not there. */
    private JsonNode entry(SignedIn who, String id) throws Exception {
        for (JsonNode entry : tree(read(who, "/api/v1/drills")).get("drills")) {
            if (entry.at("/drill/id").asText().equals(id)) {
                return entry;
            }
        }
        return null;
    }
}
