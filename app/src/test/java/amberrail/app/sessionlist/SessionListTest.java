package amberrail.app.sessionlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** All sessions that somebody may see: in order, page by page, filtered, and nobody else's. */
class SessionListTest extends AppTest {
    private static final String LIST = "/api/v1/sessions";

    private SignedIn coach;
    private SignedIn tamsin;
    private SignedIn jory;

    @BeforeEach
    void aCoachWithTwoStudents() {
        coach = club.newCoach();
        tamsin = club.newStudentOf(coach);
        jory = club.newStudentOf(coach);
    }

    private String session(String drill, SignedIn... students) throws Exception {
        return tree(post(
                        coach,
                        Map.of(
                                "studentIds",
                                        List.of(students).stream()
                                                .map(SignedIn::accountId)
                                                .toList(),
                                "drillIds", List.of(drill),
                                "tableId", club.table(),
                                "coached", true),
                        LIST))
                .get("id")
                .asText();
    }

    private static List<String> ids(JsonNode page) {
        List<String> ids = new ArrayList<>();
        page.get("sessions").forEach(one -> ids.add(one.at("/session/id").asText()));
        return ids;
    }

    @Test
    void pagesFollowOnFromEachOtherWithoutAGapOrARepeat() throws Exception {
        List<String> begun = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            begun.add(0, session(Club.DRILL, i % 2 == 0 ? tamsin : jory));
        }
        List<String> read = new ArrayList<>();
        Optional<String> next = Optional.of("");
        int pages = 0;
        while (next.isPresent()) {
            String after = next.get().isEmpty() ? "" : "&after=" + next.get();
            JsonNode page = tree(read(coach, LIST + "?limit=3" + after));
            read.addAll(ids(page));
            next = Optional.ofNullable(page.get("next")).map(JsonNode::asText);
            pages++;
        }
        assertThat(pages).isEqualTo(3);
        // Those begun within one millisecond stand in the order of their ids.
        assertThat(read).containsExactlyInAnyOrderElementsOf(begun);
    }

    @Test
    void filtersNarrowItAndOthersAreNotToldOf() throws Exception {
        String stop = session("stop-and-slide", tamsin);
        String both = session(Club.DRILL, tamsin, jory);
        String of = LIST + "?studentId={s}";
        assertThat(ids(tree(read(coach, of, jory.accountId())))).containsExactly(both);
        assertThat(ids(tree(read(coach, LIST + "?drillId=stop-and-slide")))).containsExactly(stop);
        assertThat(ids(tree(read(coach, LIST + "?tableId={t}", UUID.randomUUID()))))
                .isEmpty();
        assertThat(ids(tree(read(coach, LIST + "?until=2020-01-01T00:00:00Z")))).isEmpty();
        assertThat(ids(tree(read(coach, LIST + "?from=2020-01-01T00:00:00Z")))).containsExactlyInAnyOrder(stop, both);
        assertThat(ids(tree(read(club.newCoach(), LIST)))).isEmpty();
        read(club.newCoach(), of, jory.accountId()).andExpect(status().isNotFound());
        assertThat(ids(tree(read(jory, LIST)))).containsExactly(both);
    }

    /** Each with their own count; a student does not learn who else took part. */
    @Test
    void eachStudentHasTheirOwnTally() throws Exception {
        String both = session(Club.DRILL, tamsin, jory);
        for (int i = 0; i < 3; i++) {
            ObjectNode body = json.valueToTree(Club.potted(i, 1700, 1000));
            body.put("studentId", (i == 0 ? tamsin : jory).accountId().toString());
            put(coach, body, "/api/v1/sessions/{s}/attempts/{a}", both, UUID.randomUUID())
                    .andExpect(status().isOk());
        }
        JsonNode students = tree(read(coach, LIST)).at("/sessions/0/students");
        assertThat(students).hasSize(2);
        students.forEach(one -> assertThat(one.get("attempts").asInt())
                .isEqualTo(
                        one.get("studentId").asText().equals(tamsin.accountId().toString()) ? 1 : 2));
        JsonNode own = tree(read(jory, LIST)).at("/sessions/0/students");
        assertThat(own).hasSize(1);
        assertThat(own.at("/0/potted").asInt()).isEqualTo(2);
    }

    @Test
    void whatWasNeverHandedOutIsRefusedInWords() throws Exception {
        for (String after : List.of("x", "12_", "_", "92233720368547758070_" + UUID.randomUUID(), "12_nothing")) {
            read(coach, LIST + "?after=" + after).andExpect(status().isBadRequest());
        }
        read(coach, LIST + "?limit=0").andExpect(status().isBadRequest());
        read(coach, LIST + "?limit=101").andExpect(status().isBadRequest());
        read(coach, LIST + "?from=yesterday").andExpect(status().isBadRequest());
        read(coach, LIST + "?studentId=nobody").andExpect(status().isBadRequest());
    }
}
