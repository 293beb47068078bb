package amberrail.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Eight students whose truth is known, twelve weeks of practice on the simulator: what the screens say is held against the truth. */
@Tag("simulation")
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles({"test", "demo"})
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DemoTruthTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private PeopleService people;

    /** By sign-in name. */
    private final Map<String, SignedIn> students = new HashMap<>();

    private final Map<String, JsonNode> inGroup = new HashMap<>();

    @BeforeAll
    void readTheGroups() throws Exception {
        Map<String, String> names = new HashMap<>();
        DemoStudents.ALL.forEach(one -> names.put(one.name(), one.signInName()));
        for (String coach : List.of("iris", "tomas")) {
            SignedIn who = people.signIn(coach, DemoClub.PASSWORD).orElseThrow();
            for (PersonView student : people.studentsOf(who)) {
                if (names.containsKey(student.name())) {
                    students.put(
                            names.get(student.name()),
                            people.signIn(names.get(student.name()), DemoClub.PASSWORD)
                                    .orElseThrow());
                }
            }
            for (JsonNode student : read(who, "/api/v1/group-progress").get("students")) {
                String name = student.get("name").asText();
                if (names.containsKey(name)) {
                    inGroup.put(names.get(name), student);
                }
            }
        }
    }

    private JsonNode read(SignedIn who, String path) throws Exception {
        return json.readTree(mvc.perform(MockMvcRequestBuilders.get(path).with(Club.as(who)))
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static double meanGrade(JsonNode student) {
        double sum = 0;
        for (JsonNode skill : student.get("skills")) {
            sum += skill.get("grade").asDouble();
        }
        return sum / student.get("skills").size();
    }

    @Test
    void theAbilitiesComeInTheRightOrder() {
        List<String> truth = DemoStudents.ALL.stream()
                .sorted(Comparator.comparing(DemoStudents.DemoStudent::abilityLast))
                .map(DemoStudents.DemoStudent::signInName)
                .toList();
        List<String> found = new ArrayList<>(inGroup.keySet());
        found.sort(Comparator.comparing(name -> meanGrade(inGroup.get(name))));
        assertThat(inGroup).hasSize(DemoStudents.ALL.size());
        assertThat(found).isEqualTo(truth);
    }

    @Test
    void whoDidNotImproveIsNotCalledBetterAndSomeWhoDidAre() {
        int better = 0;
        for (Map.Entry<String, JsonNode> student : inGroup.entrySet()) {
            for (JsonNode skill : student.getValue().get("skills")) {
                if (student.getKey().equals("sabela")) {
                    assertThat(skill.get("verdict").asText()).isNotEqualTo("BETTER");
                } else if (skill.get("verdict").asText().equals("BETTER")) {
                    better++;
                }
                assertThat(skill.get("verdict").asText()).as(student.getKey()).isNotEqualTo("WORSE");
            }
        }
        assertThat(better).isGreaterThan(0);
    }

    @Test
    void theErrorSizesHoldTheTruthInTheirIntervals() throws Exception {
        int inside = 0;
        int all = 0;
        for (DemoStudents.DemoStudent student : DemoStudents.ALL) {
            SignedIn who = students.get(student.signInName());
            JsonNode sizes = read(who, "/api/v1/students/" + who.accountId() + "/error-sizes");
            // Of the newest 300 attempts: about the last five weeks.
            var first = student.errors(DemoStudents.WEEKS - 6);
            var last = student.errors(DemoStudents.WEEKS - 1);
            double[][] truth = {
                {last.aimMilliradians(), first.aimMilliradians()},
                {100 * last.paceFraction(), 100 * first.paceFraction()},
                {last.tipHeightMillimetres(), first.tipHeightMillimetres()}
            };
            for (int cause = 0; cause < truth.length; cause++) {
                JsonNode size = sizes.get("sizes").get(cause);
                if (!size.get("told").asBoolean()) {
                    continue;
                }
                boolean holds = size.get("upper").asDouble() >= truth[cause][0]
                        && size.get("lower").asDouble() <= truth[cause][1];
                inside += holds ? 1 : 0;
                all++;
            }
        }
        assertThat(all).as("sizes told, of " + 3 * DemoStudents.ALL.size()).isGreaterThanOrEqualTo(15);
        double leastShare = 0.9 - 2.6 * Math.sqrt(0.9 * 0.1 / all);
        assertThat((double) inside / all).as(inside + " of " + all).isGreaterThanOrEqualTo(leastShare);
        System.out.println("demo students: " + inside + " of " + all + " sizes hold the truth");
    }

    /** At the draw ladder half the error of the tip's height gains several times what half of aim or of pace does; the review says so, of told sizes. */
    @Test
    void theReviewOfADrawDrillNamesTheTipsHeight() throws Exception {
        SignedIn tamsin = students.get("tamsin");
        String of = "/api/v1/students/" + tamsin.accountId();
        JsonNode height = read(tamsin, of + "/error-sizes").at("/sizes/2");
        assertThat(height.get("told").asBoolean()).isTrue();
        JsonNode helps =
                read(tamsin, of + "/selection?drillId=draw-ladder&station=0").at("/findings/helpsMost");
        assertThat(helps.path("cause").asText()).isEqualTo("HEIGHT");
        double gain = helps.get("then").asDouble() - helps.get("now").asDouble();
        assertThat(gain).isGreaterThan(0.1);
        assertThat(helps.at("/gain/lower").asDouble()).isBetween(0.0, gain);
        assertThat(helps.at("/gain/upper").asDouble()).isBetween(gain, 1.0);
    }

    @Test
    void theNextStationsAreOnesThatTheStudentMakesMoreOftenThanNot() throws Exception {
        SignedIn wren = students.get("wren");
        JsonNode next = read(wren, "/api/v1/students/" + wren.accountId() + "/next-stations");
        assertThat(next.get("stations")).isNotEmpty();
        for (JsonNode one : next.get("stations")) {
            if (one.get("inBand").asBoolean()) {
                assertThat(one.get("p").asDouble()).isBetween(0.6, 0.75);
            }
            assertThat(one.get("lower").asDouble()).isLessThan(one.get("p").asDouble());
        }
    }

    @Test
    void aStudentsProgressIsThere() throws Exception {
        SignedIn tamsin = students.get("tamsin");
        JsonNode progress = read(tamsin, "/api/v1/students/" + tamsin.accountId() + "/progress");
        assertThat(progress.get("weeks")).hasSizeBetween(DemoStudents.WEEKS, DemoStudents.WEEKS + 1);
        assertThat(progress.get("minutes").asDouble()).isGreaterThan(100);
        assertThat(progress.get("skills")).hasSizeGreaterThanOrEqualTo(4);
        assertThat(progress.get("spreads")).isNotEmpty();
        assertThat(progress.get("milestones")).isNotEmpty();
    }
}
