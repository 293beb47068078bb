package amberrail.app.lab;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;

/** The lab's panels against worked figures and against each other. */
class LabTest extends AppTest {

    private JsonNode ask(String question) throws Exception {
        return tree(read(club.head(), "/api/v1/lab/" + question).andExpect(status().isOk()));
    }

    @Test
    void aStopThatIsAskedForHasNoSpinWhereItArrives() throws Exception {
        JsonNode rows = ask("stop?kind=POOL&distanceMillimetres=1000").get("rows");
        double last = Double.POSITIVE_INFINITY;
        for (JsonNode row : rows) {
            double pace = row.get("paceMetresPerSecond").asDouble();
            assertThat(pace).as("lower is softer").isLessThan(last);
            last = pace;
            JsonNode path = ask("path?kind=POOL&paceMetresPerSecond=" + pace + "&tipHeightMillimetres="
                    + row.get("tipHeightMillimetres").asDouble());
            // The path's cue is raised by 3 degrees, which the stop formula leaves out.
            assertThat(path.get("stunPointMillimetres").asDouble()).isCloseTo(1000, within(5.0));
        }
        assertThat(rows).hasSizeGreaterThan(1);
    }

    /** Two schools: low and soft, and the one that stops most often; a better player stops more often with either. */
    @Test
    void aStopNamesBothSchoolsWithTheirChances() throws Exception {
        JsonNode table = ask("stop?kind=POOL&distanceMillimetres=1500&grade=400");
        JsonNode better = ask("stop?kind=POOL&distanceMillimetres=1500&grade=800");
        double best = 0;
        double softest = Double.POSITIVE_INFINITY;
        for (JsonNode row : table.get("rows")) {
            best = Math.max(best, row.get("chance").asDouble());
            softest = Math.min(softest, row.get("paceMetresPerSecond").asDouble());
        }
        assertThat(table.at("/mostForgiving/chance").asDouble()).isEqualTo(best).isBetween(0.05, 0.95);
        assertThat(table.at("/softest/paceMetresPerSecond").asDouble()).isEqualTo(softest);
        assertThat(better.at("/mostForgiving/chance").asDouble()).isGreaterThan(best);
        assertThat(table.get("curves"))
                .as("the asked distance among the usual ones")
                .hasSize(4);
    }

    /** What rolls all the way is longer on its way, and a table off level draws it further aside. */
    @Test
    void aDragIsLessDrawnAsideThanARoll() throws Exception {
        JsonNode rows = ask("drag?kind=SNOOKER&distanceMillimetres=2000&arrivalMetresPerSecond=0.5")
                .get("rows");
        JsonNode rolled = rows.get(0);
        JsonNode lowest = rows.get(rows.size() - 1);
        assertThat(rolled.get("rolled").asBoolean()).isTrue();
        assertThat(lowest.get("asideMillimetres").asDouble())
                .isLessThan(rolled.get("asideMillimetres").asDouble());
        assertThat(lowest.get("secondsOnTheWay").asDouble())
                .isLessThan(rolled.get("secondsOnTheWay").asDouble());
    }

    @Test
    void thePartsOfASideCorrectionAddUpAndAreNamed() throws Exception {
        JsonNode table = ask("side?kind=POOL&distanceMillimetres=1000&cutDegrees=0&sideMillimetres=6");
        for (JsonNode row : table.get("rows")) {
            if (row.has("aimMillimetresAtGhost")) {
                double sum = row.get("forSquirtMillimetres").asDouble()
                        + row.get("forSwerveMillimetres").asDouble()
                        + row.get("forThrowMillimetres").asDouble();
                assertThat(row.get("aimMillimetresAtGhost").asDouble()).isCloseTo(sum, within(0.05));
            }
        }
        assertThat(table.at("/firm/largest").asText()).isEqualTo("SQUIRT");
        assertThat(table.at("/soft/paceMetresPerSecond").asDouble())
                .isLessThan(table.at("/firm/paceMetresPerSecond").asDouble());
    }

    @Test
    void aPathSlidesThenRollsAndStops() throws Exception {
        JsonNode path = ask("path?kind=SNOOKER&paceMetresPerSecond=2&tipHeightMillimetres=-6");
        assertThat(path.at("/rows/0/phase").asText()).isEqualTo("BACKSPIN");
        assertThat(path.at("/rows/" + (path.get("rows").size() - 1) + "/phase").asText())
                .isEqualTo("ROLL");
        assertThat(path.get("stunPointMillimetres").asDouble())
                .isLessThan(path.get("rollsFromMillimetres").asDouble());
    }

    @Test
    void aDragIsPlayedFirmerTheLowerItIsStruck() throws Exception {
        JsonNode rows = ask("drag?kind=POOL&distanceMillimetres=2000&arrivalMetresPerSecond=0.5")
                .get("rows");
        double last = 0;
        for (JsonNode row : rows) {
            if (row.has("paceMetresPerSecond")) {
                assertThat(row.get("paceMetresPerSecond").asDouble()).isGreaterThan(last);
                last = row.get("paceMetresPerSecond").asDouble();
            }
        }
    }

    @Test
    void aLongerRunThroughIsStruckHigher() throws Exception {
        JsonNode rows = ask("run-through?kind=POOL&distanceMillimetres=600&paceMetresPerSecond=2.5")
                .get("rows");
        double last = Double.NEGATIVE_INFINITY;
        int found = 0;
        for (JsonNode row : rows) {
            if (row.has("tipHeightMillimetres")) {
                assertThat(row.get("tipHeightMillimetres").asDouble()).isGreaterThan(last);
                last = row.get("tipHeightMillimetres").asDouble();
                found++;
            }
        }
        assertThat(found).isGreaterThan(4);
    }

    @Test
    void firmAndSoftNeedOppositeCorrectionsWithSide() throws Exception {
        JsonNode rows = ask("side?kind=POOL&distanceMillimetres=2000&cutDegrees=0&sideMillimetres=8")
                .get("rows");
        JsonNode firm = rows.get(rows.size() - 1);
        // Right side squirts to the left of the cue's line and swerves back to the right, the more the softer.
        assertThat(firm.get("squirtDegrees").asDouble()).isPositive();
        assertThat(firm.get("swerveDegrees").asDouble()).isNegative();
        JsonNode softer = rows.get(rows.size() - 3);
        assertThat(softer.get("swerveDegrees").asDouble())
                .isLessThan(firm.get("swerveDegrees").asDouble());
    }

    @Test
    void sideSqueezesAStraightPotAsFarToEitherHand() throws Exception {
        JsonNode straight =
                ask("squeeze?kind=POOL&distanceMillimetres=300&cutDegrees=0&paceMetresPerSecond=1.2&toPocketMillimetres=800")
                        .get("rows");
        int last = straight.size() - 1;
        double turned = straight.get(last).get("turnedDegrees").asDouble();
        // Right side turns the object ball left, and left side right by as much.
        assertThat(turned).isBetween(0.5, 6.0);
        assertThat(straight.at("/0/turnedDegrees").asDouble()).isCloseTo(-turned, within(1e-6));
        assertThat(straight.get(last).get("besideMillimetres").asDouble())
                .isCloseTo(800 * Math.tan(Math.toRadians(turned)), within(1e-6));
        JsonNode firm =
                ask("squeeze?kind=POOL&distanceMillimetres=300&cutDegrees=0&paceMetresPerSecond=5&toPocketMillimetres=800")
                        .get("rows");
        assertThat(firm.get(last).get("turnedDegrees").asDouble())
                .as("soft strokes throw more")
                .isLessThan(turned);
    }

    @Test
    void cutsAndFractionsAreTheTextbooks() throws Exception {
        JsonNode rows = ask("cut?kind=POOL&cutDegrees=30").get("rows");
        assertThat(rows.at("/0/coveredFraction").asDouble()).isCloseTo(0.5, within(1e-9));
        assertThat(rows.at("/0/aimOffsetMillimetres").asDouble()).isCloseTo(57.15 / 2, within(1e-9));
    }

    @Test
    void threeWaysWithABallBeforeThePocketEndInThreePlaces() throws Exception {
        JsonNode strokes = ask("near-pocket?kind=POOL&fromPocketMillimetres=150&paceMetresPerSecond=1.5")
                .get("strokes");
        assertThat(strokes).hasSize(3);
        double[] travels = new double[3];
        for (int i = 0; i < 3; i++) {
            assertThat(strokes.get(i).has("path")).as("stroke " + i + " pots").isTrue();
            travels[i] = strokes.get(i).path("travelMillimetres").asDouble(0);
        }
        assertThat(Math.abs(travels[0] - travels[2])).isGreaterThan(100);
    }

    @Test
    void powerWithLittleAngleIsSteeredByTheHeight() throws Exception {
        JsonNode strokes =
                ask("power?kind=POOL&cutDegrees=8&paceMetresPerSecond=3.5").get("strokes");
        long places = 0;
        double last = Double.NaN;
        for (JsonNode stroke : strokes) {
            if (stroke.has("travelMillimetres")) {
                double travel = stroke.get("travelMillimetres").asDouble();
                places += Double.isNaN(last) || Math.abs(travel - last) > 20 ? 1 : 0;
                last = travel;
            }
        }
        assertThat(places).isGreaterThan(3);
    }

    @Test
    void ballsCloseTogetherMakeShortMoves() throws Exception {
        JsonNode soft =
                ask("close?kind=POOL&gapMillimetres=60&paceMetresPerSecond=0.8").get("strokes");
        JsonNode firm =
                ask("close?kind=POOL&gapMillimetres=60&paceMetresPerSecond=1.6").get("strokes");
        // Struck high it goes on further than struck at the centre, and firm further than soft.
        assertThat(soft.at("/0/travelMillimetres").asDouble())
                .isGreaterThan(soft.at("/2/travelMillimetres").asDouble());
        assertThat(firm.at("/0/travelMillimetres").asDouble())
                .isGreaterThan(soft.at("/0/travelMillimetres").asDouble());
    }

    @Test
    void whatIsOutOfBoundsIsSaidByItsField() throws Exception {
        read(club.head(), "/api/v1/lab/stop?kind=POOL&distanceMillimetres=1")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("distanceMillimetres"));
        read(club.head(), "/api/v1/lab/cut?kind=POOL&cutDegrees=NaN")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.code").value("NOT_FINITE"));
    }
}
