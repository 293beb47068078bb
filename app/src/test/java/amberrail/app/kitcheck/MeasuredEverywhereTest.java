package amberrail.app.kitcheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.kit.ClubTables;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.kit.Estimated;
import amberrail.core.kit.TableFigures;
import amberrail.core.statistics.Interval;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A table that was measured is what every screen predicts with: here a fast cloth that draws a slow ball across. */
@Tag("simulation")
class MeasuredEverywhereTest extends AppTest {
    private static final double DRIFT = 0.004;

    @Autowired
    private ClubTables tables;

    private SignedIn coach;
    private String measured;
    private String usual;

    @BeforeEach
    void aMeasuredTable() throws Exception {
        coach = club.newCoach();
        measured = table();
        usual = table();
        tables.takeCheck(coach, UUID.fromString(measured), 1, UUID.randomUUID(), fast());
    }

    private String table() throws Exception {
        Map<String, Object> body = Map.of("name", "Table " + UUID.randomUUID(), "presetId", "pool-9ft");
        return tree(post(coach, body, "/api/v1/kit/tables")).get("id").asText();
    }

    private static TableFigures fast() {
        return new TableFigures(
                about(0.008, 0.0003), about(0.2, 0.02), about(0.97, 0.02), about(0, 0.0005), about(DRIFT, 0.0005));
    }

    private static Estimated about(double value, double half) {
        return new Estimated(value, Interval.around(value, half));
    }

    private JsonNode moved(String table, boolean mirrored) throws Exception {
        return tree(
                read(coach, "/api/v1/drills/{id}/moved-landing?tableId={t}&mirrored={m}", Club.DRILL, table, mirrored)
                        .andExpect(status().isOk()));
    }

    @Test
    void theDrillsPageSaysHowFarTheLandingMoves() throws Exception {
        assertThat(moved(usual, false).get("measured").asBoolean()).isFalse();
        JsonNode here = moved(measured, false);
        assertThat(here.get("measured").asBoolean()).isTrue();
        assertThat(here.get("longMillimetres").asDouble()).isGreaterThan(50);
        // Without a slope the mirror's landing moves as far to the other side, and the two add up to nothing. The slope
        // draws both the same way
        // across the table: what is left of the sum is twice what it does.
        double left = here.get("leftMillimetres").asDouble();
        double mirrored = moved(measured, true).get("leftMillimetres").asDouble();
        assertThat(Math.abs(left + mirrored)).isGreaterThan(10);
        String level = table();
        TableFigures flat = new TableFigures(
                fast().rollingFriction(),
                fast().slidingFriction(),
                fast().cushionRestitution(),
                about(0, 0.0005),
                about(0, 0.0005));
        tables.takeCheck(coach, UUID.fromString(level), 1, UUID.randomUUID(), flat);
        double there = moved(level, false).get("leftMillimetres").asDouble();
        assertThat(there + moved(level, true).get("leftMillimetres").asDouble()).isCloseTo(0, within(0.5));
    }

    @Test
    void theSwitchShowsTheShotAsOnAUsualTable() throws Exception {
        String way = "/api/v1/drills/{id}/usual-way?tableId={t}&preset={p}";
        String asUsual = read(coach, way, Club.DRILL, usual, false)
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(read(coach, way, Club.DRILL, measured, true)
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .isEqualTo(asUsual);
        assertThat(read(coach, way, Club.DRILL, measured, false)
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .isNotEqualTo(asUsual);
        JsonNode there = tree(post(coach, shot(measured, false), "/api/v1/shots/simulate"));
        JsonNode onUsual = tree(post(coach, shot(measured, true), "/api/v1/shots/simulate"));
        assertThat(onUsual).isEqualTo(tree(post(coach, shot(usual, false), "/api/v1/shots/simulate")));
        assertThat(there).isNotEqualTo(onUsual);
    }

    private static Map<String, Object> shot(String table, boolean preset) {
        return Map.of(
                "tableId",
                table,
                "preset",
                preset,
                "balls",
                List.of(Map.of("label", "cue", "cueBall", true, "xMillimetres", 300, "yMillimetres", 500)),
                "stroke",
                Map.of(
                        "paceMetresPerSecond", 0.7,
                        "tipHeightMillimetres", 0,
                        "tipSideMillimetres", 0,
                        "elevationDegrees", 0,
                        "launchDegrees", 0));
    }

    @Test
    void everyDrawingOfItShowsWhichWayItSlopes() throws Exception {
        read(coach, "/api/v1/tables/{id}", measured)
                .andExpect(jsonPath("$.drawing.drift.degrees").value(90.0));
        read(coach, "/api/v1/tables/{id}", usual)
                .andExpect(jsonPath("$.drawing.drift").doesNotExist());
        String card = read(coach, "/api/v1/drills/{id}/diagram.svg?tableId={t}", Club.DRILL, measured)
                .andReturn()
                .getResponse()
                .getContentAsString();
        String level = read(coach, "/api/v1/drills/{id}/diagram.svg?tableId={t}", Club.DRILL, usual)
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(card.length()).isGreaterThan(level.length());
    }

    @Test
    void theLabAsksTheTableAndTheCueThatAreChosen() throws Exception {
        String drag = "/api/v1/lab/drag?kind=POOL&distanceMillimetres=2000&arrivalMetresPerSecond=0.5";
        assertThat(tree(read(coach, drag + "&tableId=" + usual))).isEqualTo(tree(read(coach, drag)));
        double slow = tree(read(coach, drag)).at("/rows/0/paceMetresPerSecond").asDouble();
        double fast = tree(read(coach, drag + "&tableId=" + measured))
                .at("/rows/0/paceMetresPerSecond")
                .asDouble();
        assertThat(fast).isLessThan(slow);
        String side = "/api/v1/lab/side?kind=POOL&distanceMillimetres=1000&cutDegrees=20&sideMillimetres=6";
        double usualSquirt = tree(read(coach, side)).at("/rows/7/squirtDegrees").asDouble();
        double heavy = tree(read(coach, side + "&cueId=" + cue(12)))
                .at("/rows/7/squirtDegrees")
                .asDouble();
        assertThat(Math.abs(heavy)).isGreaterThan(1.3 * Math.abs(usualSquirt));
        read(coach, "/api/v1/lab/drag?kind=BAGATELLE&distanceMillimetres=2000&arrivalMetresPerSecond=0.5")
                .andExpect(status().isBadRequest());
    }

    private String cue(double ratio) throws Exception {
        Map<String, Object> cue = new HashMap<>(Map.of("version", 1, "name", "Cue " + UUID.randomUUID()));
        cue.putAll(Map.of("tipDiameterMillimetres", 12.5, "endMassRatio", ratio, "elevationDegrees", 3));
        cue.put("newTip", false);
        return tree(post(coach, cue, "/api/v1/kit/cues")).get("id").asText();
    }

    /** One tip is that of the cue that a session is played with. */
    @Test
    void aSessionReadsTipsByItsCue() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        Map<String, Object> session = new HashMap<>(newSession(student, Club.DRILL));
        Map<String, Object> thin = new HashMap<>(Map.of("version", 1, "name", "Cue " + UUID.randomUUID()));
        thin.putAll(Map.of("tipDiameterMillimetres", 11, "endMassRatio", 22, "elevationDegrees", 3));
        thin.put("newTip", false);
        session.put(
                "cueId", tree(post(coach, thin, "/api/v1/kit/cues")).get("id").asText());
        String id = tree(post(coach, session, "/api/v1/sessions")).get("id").asText();
        assertThat(tree(read(coach, "/api/v1/sessions/{id}", id))
                        .findPath("strike")
                        .get("tipDiameterMillimetres")
                        .asDouble())
                .isEqualTo(11);
    }

    @Test
    void theAimTableFollowsTheCueAndIsWiderTheLessIsKnown() throws Exception {
        JsonNode heavy = aims(cue(12));
        JsonNode light = aims(cue(35));
        JsonNode a = heavy.at("/rows/3/cells/6");
        JsonNode b = light.at("/rows/3/cells/6");
        // Side on the right sends the ball to the left: aimed to the right, so negative.
        assertThat(a.get("leftMillimetres").asDouble())
                .isLessThan(b.get("leftMillimetres").asDouble());
        assertThat(b.get("leftMillimetres").asDouble()).isNegative();
        assertThat(a.get("lowerMillimetres").asDouble())
                .isLessThan(a.get("leftMillimetres").asDouble());
        assertThat(heavy.get("rows").size()).isEqualTo(5);
        SignedIn stranger = club.newStudentOf(club.newCoach());
        read(stranger, "/api/v1/kit/aim-table?tableId={t}&cueId={c}", usual, UUID.randomUUID())
                .andExpect(status().isNotFound());
    }

    private JsonNode aims(String cue) throws Exception {
        return tree(read(coach, "/api/v1/kit/aim-table?tableId={t}&cueId={c}", usual, cue)
                .andExpect(status().isOk()));
    }

    @Test
    void theStudentsThreeMarksArePredictedForThisTableAndReadAsTipOrPace() throws Exception {
        SignedIn student = club.newStudentOf(coach);
        JsonNode template = predicted(student);
        assertThat(template.get("predicted").size()).isEqualTo(3);
        JsonNode high = null;
        for (JsonNode mark : template.get("predicted")) {
            double x = mark.at("/place/xMillimetres").asDouble();
            if (mark.get("tip").asText().equals("HIGH")) {
                high = mark;
                x -= 0.5 * (mark.at("/upper/xMillimetres").asDouble() - x);
            }
            for (int i = 0; i < 12; i++) {
                post(
                                coach,
                                Map.of(
                                        "tableId",
                                        usual,
                                        "tip",
                                        mark.get("tip").asText(),
                                        "xMillimetres",
                                        x + (i % 3 - 1) * 5,
                                        "yMillimetres",
                                        mark.at("/place/yMillimetres").asDouble()),
                                "/api/v1/students/{id}/template/marks",
                                student.accountId())
                        .andExpect(status().isOk());
            }
        }
        JsonNode reading = predicted(student).at("/days/0/reading");
        assertThat(high).isNotNull();
        for (JsonNode tip : reading.get("tips")) {
            boolean isHigh = tip.get("tip").asText().equals("HIGH");
            assertThat(tip.get("clear").asBoolean()).as(tip.toString()).isEqualTo(isHigh);
            if (isHigh) {
                assertThat(tip.get("higherMillimetres").asDouble()).isNegative();
            } else {
                assertThat(tip.get("higherMillimetres").asDouble()).isCloseTo(0, within(0.6));
            }
        }
    }

    /** The drill's stroke may have to be worked out first. */
    private JsonNode predicted(SignedIn student) throws Exception {
        for (int i = 0; i < 1_500; i++) {
            JsonNode template =
                    tree(read(coach, "/api/v1/students/{id}/template?tableId={t}", student.accountId(), usual)
                            .andExpect(status().isOk()));
            if (template.get("predicted").size() == 3) {
                return template;
            }
            Thread.sleep(200);
        }
        throw new AssertionError("the marks are not predicted");
    }
}
