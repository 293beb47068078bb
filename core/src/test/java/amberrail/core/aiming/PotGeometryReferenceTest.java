package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketName;
import amberrail.core.table.PocketShape;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import amberrail.core.testing.CaseFile;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The geometry cases of the physics file; lengths there are metres. Another file: {@code -Damber.physicsCases=FILE}. */
class PotGeometryReferenceTest {
    private static final double METRE = 1000;
    private static final double ANY_MASS_KILOGRAMS = 0.17;

    static Stream<Arguments> cases() {
        JsonNode file = CaseFile.read("amber.physicsCases", "/physics/reference-cases.json");
        return StreamSupport.stream(file.get("geometryCases").spliterator(), false)
                .map(one -> Arguments.of(one.get("name").asText(), one));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void agreesWithTheReference(String name, JsonNode one) {
        JsonNode expect = one.get("expect");
        if (!expect.get("possible").asBoolean()) {
            assertThatThrownBy(() -> pot(one)).isInstanceOf(InvalidInputException.class);
            return;
        }
        PotLine pot = pot(one);
        Expected expected = new Expected(expect, one.get("tolerance"));
        assertThat(pot.window().isClean() ? "clean" : "mouth")
                .isEqualTo(expect.get("windowKind").asText());
        expected.angle("objectDirectionDeg", pot.objectDirection().degrees());
        expected.window("objectWindowDeg", pot.window().used());
        expected.window("mouthWindowDeg", pot.window().mouth());
        expected.plain("objectWindowWidthDeg", pot.window().used().widthDegrees(), "angleDeg");
        expected.point("ghostBall", pot.ghostBall());
        expected.point("contactPoint", pot.contactPoint());
        expected.angle("aimDeg", pot.aim().degrees());
        expected.angle("cutAngleDeg", pot.cutDegrees());
        expected.plain("fraction", pot.fraction(), "ratio");
        expected.plain("cueDistance", pot.cueDistanceMillimetres() / METRE, "position");
        expected.window("aimWindowDeg", pot.aimWindow());
        expected.plain("aimWindowWidthDeg", pot.aimWindow().widthDegrees(), "angleDeg");
        expected.relative("sensitivity", pot.sensitivity());
        expected.angle("approachAngleDeg", pot.window().approachDegrees());
        expected.plain("cleanOpening", pot.window().cleanOpeningMillimetres() / METRE, "position");
        expected.plain("mouthOpening", pot.window().mouthOpeningMillimetres() / METRE, "position");
    }

    private record Expected(JsonNode expect, JsonNode tolerance) {
        void plain(String field, double got, String kind) {
            assertThat(got)
                    .as(field)
                    .isCloseTo(
                            expect.get(field).asDouble(),
                            within(tolerance.get(kind).asDouble()));
        }

        void relative(String field, double got) {
            double wanted = expect.get(field).asDouble();
            assertThat(got)
                    .as(field)
                    .isCloseTo(
                            wanted,
                            within(Math.abs(wanted) * tolerance.get("ratio").asDouble()));
        }

        void angle(String field, double got) {
            angle(field, expect.get(field).asDouble(), got);
        }

        private void angle(String field, double wanted, double got) {
            assertThat(Angles.normalDegrees(got - wanted))
                    .as(field + " wanted " + wanted + " got " + got)
                    .isCloseTo(0, within(tolerance.get("angleDeg").asDouble()));
        }

        void window(String field, DirectionWindow got) {
            angle(field, expect.get(field).get(0).asDouble(), got.lowerDegrees());
            angle(field, expect.get(field).get(1).asDouble(), got.upperDegrees());
        }

        void point(String field, Point got) {
            double room = tolerance.get("position").asDouble();
            assertThat(got.xMillimetres() / METRE)
                    .as(field)
                    .isCloseTo(expect.at("/" + field + "/x").asDouble(), within(room));
            assertThat(got.yMillimetres() / METRE)
                    .as(field)
                    .isCloseTo(expect.at("/" + field + "/y").asDouble(), within(room));
        }
    }

    private static PotLine pot(JsonNode one) {
        JsonNode table = one.get("table");
        BallSet balls = new BallSet(ball(one.get("cue")), ball(one.get("object")));
        TableSpec spec = new TableSpec(
                "case",
                TableKind.POOL,
                millimetres(table, "length"),
                millimetres(table, "width"),
                millimetres(table, "cushionNoseHeight"),
                shape(table.at("/pockets/corner")),
                shape(table.at("/pockets/side")),
                balls);
        TablePlan plan = TablePlan.of(spec);
        PocketName pocket = PocketName.valueOf(one.get("pocket").asText());
        return PotLine.of(plan, balls, place(one.get("cue")), place(one.get("object")), plan.pocket(pocket));
    }

    private static BallSpec ball(JsonNode ball) {
        return new BallSpec(2 * millimetres(ball, "radius"), ANY_MASS_KILOGRAMS);
    }

    private static Point place(JsonNode ball) {
        return new Point(millimetres(ball, "x"), millimetres(ball, "y"));
    }

    private static PocketShape shape(JsonNode p) {
        return new PocketShape(
                millimetres(p, "mouth"),
                p.get("facingTurnDeg").asDouble(),
                millimetres(p, "jawRadius"),
                millimetres(p, "facingLength"),
                millimetres(p, "shelf"),
                millimetres(p, "captureRadius"));
    }

    private static double millimetres(JsonNode node, String field) {
        return node.get(field).asDouble() * METRE;
    }
}
