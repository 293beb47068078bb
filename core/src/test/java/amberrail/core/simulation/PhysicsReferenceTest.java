package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Angles;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketShape;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import amberrail.core.testing.CaseFile;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every shot of the reference file, made by an independent brute-force integration: launch, the complete event sequence with states,
 * finals, end. Another file: {@code -Damber.physicsCases=FILE}. The geometry cases are in {@code PotGeometryReferenceTest}.
 */
class PhysicsReferenceTest {
    private static final double SLOW_METRES_PER_SECOND = 0.02;
    /** Section 11: a cluster's duration may differ by so much. */
    private static final double DURATION_SECONDS = 2e-4;

    static Stream<Arguments> cases() {
        JsonNode file = CaseFile.read("amber.physicsCases", "/physics/reference-cases.json");
        return StreamSupport.stream(file.get("cases").spliterator(), false)
                .map(one -> Arguments.of(one.get("name").asText(), one));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void agreesWithTheReference(String name, JsonNode one) {
        Physics physics = physics(one.get("params"));
        JsonNode strike = one.path("strike");
        JsonNode expect = one.get("expect");
        if (expect.get("outcome").asText().equals("miscue")) {
            assertThat(strike(strike).miscues(physics)).isTrue();
            return;
        }
        List<TableBall> balls = balls(one.get("balls"));
        ShotTable table = table(one.get("table"), balls);
        Tolerance tolerance = new Tolerance(one.get("tolerance"));
        ShotRecord record;
        if (strike.isObject()) {
            record =
                    ShotSimulator.play(table, physics, balls, strike.get("ball").asText(), strike(strike));
            if (expect.path("launch").isObject()) {
                ShotEvent.Struck struck = (ShotEvent.Struck) record.events().get(0);
                tolerance.motion("launch", struck.after(), expect.get("launch"));
            }
        } else {
            record = ShotSimulator.release(table, physics, balls);
        }
        compareEvents(record, expect.get("events"), tolerance);
        expect.get("final").properties().forEach(entry -> {
            BallTrack track = record.track(entry.getKey());
            JsonNode end = entry.getValue();
            if (end.get("pocket").isNull()) {
                assertThat(track.pocket()).as(entry.getKey()).isEmpty();
                double off = Math.hypot(
                        track.end().x() - end.get("x").asDouble(),
                        track.end().y() - end.get("y").asDouble());
                assertThat(off).as("final place of " + entry.getKey()).isLessThanOrEqualTo(tolerance.of("position"));
            } else {
                assertThat(track.pocket().map(Enum::name))
                        .hasValue(end.get("pocket").asText());
            }
        });
        tolerance.number("endTime", record.endSeconds(), expect.get("endTime").asDouble(), "time");
    }

    private static void compareEvents(ShotRecord record, JsonNode expected, Tolerance tolerance) {
        List<ShotEvent> got = record.events().stream()
                .filter(event -> !(event instanceof ShotEvent.Struck
                        || event instanceof ShotEvent.StartsRolling
                        || event instanceof ShotEvent.Stops
                        || event instanceof ShotEvent.BallsMeet meet && meet.inGroup()))
                .toList();
        List<String> gotNames = got.stream().map(PhysicsReferenceTest::type).toList();
        List<String> wanted = new ArrayList<>();
        expected.forEach(event -> wanted.add(event.get("type").asText()));
        assertThat(gotNames).as("event sequence").isEqualTo(wanted);
        for (int i = 0; i < got.size(); i++) {
            JsonNode want = expected.get(i);
            String where = "event " + i + " " + gotNames.get(i);
            tolerance.number(
                    where + " time", got.get(i).seconds(), want.get("time").asDouble(), "time");
            compareEvent(where, got.get(i), want, tolerance);
        }
    }

    private static void compareEvent(String where, ShotEvent event, JsonNode want, Tolerance tolerance) {
        JsonNode before = want.path("before");
        JsonNode after = want.path("after");
        if (event instanceof ShotEvent.BallsMeet meet) {
            boolean sameOrder = want.get("balls").get(0).asText().equals(meet.ball());
            double line = meet.centresLineDegrees() + (sameOrder ? 0 : 180);
            tolerance.angle(
                    where + " line of centres", line, want.get("centresLineDeg").asDouble());
            tolerance.state(where, meet.before(), before.get(meet.ball()));
            tolerance.state(where, meet.after(), after.get(meet.ball()));
            tolerance.state(where, meet.otherBefore(), before.get(meet.other()));
            tolerance.state(where, meet.otherAfter(), after.get(meet.other()));
            departure(where, meet.ball(), meet.after(), want, tolerance);
            departure(where, meet.other(), meet.otherAfter(), want, tolerance);
        } else if (event instanceof ShotEvent.BallsPress press) {
            compareGroup(where, press, want, tolerance);
        } else if (event instanceof ShotEvent.MeetsCushion meet) {
            assertThat(meet.cushion().name())
                    .as(where)
                    .isEqualTo(want.get("rail").asText());
            nose(where, meet.noseX(), meet.noseY(), want, tolerance);
            tolerance.state(where + " before", meet.before(), before.get(meet.ball()));
            tolerance.state(where + " after", meet.after(), after.get(meet.ball()));
        } else if (event instanceof ShotEvent.MeetsJaw meet) {
            assertThat(meet.pocket().name())
                    .as(where)
                    .isEqualTo(want.get("pocket").asText());
            assertThat(meet.part().name())
                    .as(where)
                    .isEqualToIgnoringCase(want.get("part").asText());
            nose(where, meet.noseX(), meet.noseY(), want, tolerance);
            tolerance.state(where + " before", meet.before(), before.get(meet.ball()));
            tolerance.state(where + " after", meet.after(), after.get(meet.ball()));
        } else if (event instanceof ShotEvent.Potted potted) {
            assertThat(potted.pocket().name())
                    .as(where)
                    .isEqualTo(want.get("pocket").asText());
            tolerance.state(where + " before", potted.before(), before.get(potted.ball()));
        }
    }

    private static void compareGroup(String where, ShotEvent.BallsPress press, JsonNode want, Tolerance tolerance) {
        assertThat(press.durationSeconds())
                .as(where + " duration")
                .isCloseTo(want.get("duration").asDouble(), within(DURATION_SECONDS));
        List<String> wanted = new ArrayList<>();
        want.get("balls").forEach(ball -> wanted.add(ball.asText()));
        assertThat(press.balls().stream().map(ShotEvent.Pressed::ball))
                .as(where)
                .containsExactlyInAnyOrderElementsOf(wanted);
        for (ShotEvent.Pressed one : press.balls()) {
            tolerance.state(where + " before", one.before(), want.get("before").get(one.ball()));
            tolerance.state(where + " after", one.after(), want.get("after").get(one.ball()));
            departure(where, one.ball(), one.after(), want, tolerance);
        }
    }

    private static void nose(String where, double x, double y, JsonNode want, Tolerance tolerance) {
        tolerance.number(where + " noseX", x, want.get("noseX").asDouble(), "position");
        tolerance.number(where + " noseY", y, want.get("noseY").asDouble(), "position");
    }

    private static void departure(String where, String ball, BallState after, JsonNode want, Tolerance tolerance) {
        JsonNode degrees = want.path("departureDeg").path(ball);
        if (degrees.isNumber() && after.speedMetresPerSecond() > SLOW_METRES_PER_SECOND) {
            double got = Math.toDegrees(Math.atan2(after.vy(), after.vx()));
            tolerance.angle(where + " departure of " + ball, got, degrees.asDouble());
        }
    }

    private record Tolerance(JsonNode node) {
        double of(String kind) {
            return node.get(kind).asDouble();
        }

        void number(String what, double got, double want, String kind) {
            assertThat(got).as(what).isCloseTo(want, within(of(kind)));
        }

        void angle(String what, double got, double want) {
            assertThat(Angles.normalDegrees(got - want)).as(what).isCloseTo(0, within(of("angleDeg")));
        }

        void motion(String what, BallState got, JsonNode want) {
            number(what + " vx", got.vx(), want.get("vx").asDouble(), "velocity");
            number(what + " vy", got.vy(), want.get("vy").asDouble(), "velocity");
            number(what + " wx", got.wx(), want.get("wx").asDouble(), "spin");
            number(what + " wy", got.wy(), want.get("wy").asDouble(), "spin");
            number(what + " wz", got.wz(), want.get("wz").asDouble(), "spin");
        }

        void state(String what, BallState got, JsonNode want) {
            number(what + " x", got.x(), want.get("x").asDouble(), "position");
            number(what + " y", got.y(), want.get("y").asDouble(), "position");
            motion(what, got, want);
        }
    }

    private static String type(ShotEvent event) {
        if (event instanceof ShotEvent.BallsMeet) {
            return "ball-ball";
        }
        if (event instanceof ShotEvent.BallsPress) {
            return "cluster";
        }
        if (event instanceof ShotEvent.MeetsCushion) {
            return "cushion";
        }
        return event instanceof ShotEvent.MeetsJaw ? "jaw" : "pocket";
    }

    private static Physics physics(JsonNode p) {
        JsonNode friction = p.get("ballFriction");
        return new Physics(
                p.get("g").asDouble(),
                p.get("muSlide").asDouble(),
                p.get("muRoll").asDouble(),
                p.get("spinDecel").asDouble(),
                p.get("driftX").asDouble(),
                p.get("driftY").asDouble(),
                p.get("ballRestitution").asDouble(),
                new Physics.BallFriction(
                        friction.get("a").asDouble(),
                        friction.get("b").asDouble(),
                        friction.get("c").asDouble()),
                p.get("cushionRestitution").asDouble(),
                p.get("cushionRestitutionSlope").asDouble(),
                p.get("cushionRestitutionFloor").asDouble(),
                p.get("cushionFriction").asDouble(),
                p.get("miscueLimit").asDouble());
    }

    private static CueStrike strike(JsonNode s) {
        return new CueStrike(
                s.get("speed").asDouble(),
                s.get("azimuthDeg").asDouble(),
                s.get("side").asDouble(),
                s.get("height").asDouble(),
                s.get("elevationDeg").asDouble(),
                s.path("endMassRatio").isNumber()
                        ? OptionalDouble.of(s.get("endMassRatio").asDouble())
                        : OptionalDouble.empty());
    }

    private static List<TableBall> balls(JsonNode nodes) {
        List<TableBall> balls = new ArrayList<>();
        for (JsonNode b : nodes) {
            BallState state = new BallState(
                    b.get("x").asDouble(),
                    b.get("y").asDouble(),
                    b.get("vx").asDouble(),
                    b.get("vy").asDouble(),
                    b.get("wx").asDouble(),
                    b.get("wy").asDouble(),
                    b.get("wz").asDouble());
            balls.add(new TableBall(
                    b.get("id").asText(),
                    state,
                    b.get("radius").asDouble(),
                    b.get("mass").asDouble()));
        }
        return balls;
    }

    private static ShotTable table(JsonNode t, List<TableBall> balls) {
        double length = t.get("length").asDouble();
        double width = t.get("width").asDouble();
        double nose = t.get("cushionNoseHeight").asDouble();
        if (t.get("pockets").isNull()) {
            return ShotTable.withoutPockets(length, width, nose);
        }
        // The table must be closed for every ball that is played on it, the smallest and the greatest.
        double smallest =
                balls.stream().mapToDouble(TableBall::radiusMetres).min().orElseThrow();
        double greatest =
                balls.stream().mapToDouble(TableBall::radiusMetres).max().orElseThrow();
        TableSpec spec = new TableSpec(
                "case",
                TableKind.POOL,
                1000 * length,
                1000 * width,
                1000 * nose,
                shape(t.at("/pockets/corner")),
                shape(t.at("/pockets/side")),
                new BallSet(new BallSpec(2000 * smallest, 0.1), new BallSpec(2000 * greatest, 0.1)));
        return ShotTable.of(TablePlan.of(spec));
    }

    private static PocketShape shape(JsonNode p) {
        return new PocketShape(
                1000 * p.get("mouth").asDouble(),
                p.get("facingTurnDeg").asDouble(),
                1000 * p.get("jawRadius").asDouble(),
                1000 * p.get("facingLength").asDouble(),
                1000 * p.get("shelf").asDouble(),
                1000 * p.get("captureRadius").asDouble());
    }
}
