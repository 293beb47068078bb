package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.aiming.NaturalRoll;
import amberrail.core.geometry.Direction;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The checks of physics/model.md section 10 by their names there, against the engine. Pool numbers unless said. */
class ClosedFormChecksTest {
    private static final double R = 0.028575;
    private static final double M = 0.170;
    private static final double G = 9.81;
    private static final double MU_S = 0.20;
    private static final double MU_R = 0.010;
    /** Large, so that no cushion comes into play. */
    private static final ShotTable FIELD = ShotTable.withoutPockets(200, 200, 0.03629);

    private static final Physics SMOOTH =
            new Physics(G, MU_S, MU_R, 10, 0, 0, 1, new Physics.BallFriction(0, 0, 0), 0.98, 0.015, 0.70, 0.17, 0.5);

    @ParameterizedTest
    @CsvSource({"2, 0", "1, -0.4", "3, 0.3", "2.5, -0.5", "4, 0.5"})
    void c1SlidingEndsAtTheWrittenTimeAndSpeed(double v0, double height) {
        ShotRecord record = strike(Physics.POOL, v0, 0, height, 0);
        ShotEvent.StartsRolling rolls = first(record, ShotEvent.StartsRolling.class);
        double slip = v0 * Math.abs(1 - 2.5 * height);
        assertThat(rolls.seconds()).isCloseTo(2 * slip / (7 * MU_S * G), within(1e-9));
        assertThat(rolls.state().vx()).isCloseTo(5.0 / 7 * v0 * (1 + height), within(1e-9));
        if (height == 0) {
            assertThat(rolls.state().x() - 100).isCloseTo(12 * v0 * v0 / (49 * MU_S * G), within(1e-9));
        }
    }

    @Test
    void c2AndC3RollingStopsAfterItsDistanceAndANaturalStrikeRollsAtOnce() {
        ShotRecord record = strike(Physics.POOL, 1.5, 0, 0.4, 0);
        assertThat(record.events()).noneMatch(ShotEvent.StartsRolling.class::isInstance);
        assertThat(record.endSeconds()).isCloseTo(1.5 / (MU_R * G), within(1e-9));
        assertThat(record.track("cue").end().x() - 100).isCloseTo(1.5 * 1.5 / (2 * MU_R * G), within(1e-9));
    }

    @Test
    void c4ADrawnBallIsWithoutSpinAtTheStunPoint() {
        double k = 0.4;
        double v0 = 3;
        ShotRecord record = strike(Physics.POOL, v0, 0, -k, 0);
        BallState stun = record.track("cue").at(k * v0 / (MU_S * G));
        assertThat(stun.x() - 100).isCloseTo(1.467890, within(1e-6));
        assertThat(stun.vx()).isCloseTo(v0 * (1 - k), within(1e-9));
        assertThat(stun.wy()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {10, 28, 45, 70})
    void c5AStunImpactLeavesAtARightAngle(double cut) {
        double v = 1.2;
        ShotRecord record = touching(SMOOTH, new BallState(0, 0, v, 0, 0, 0, 0), cut);
        ShotEvent.BallsMeet meet = first(record, ShotEvent.BallsMeet.class);
        double dot = meet.after().vx() * meet.otherAfter().vx()
                + meet.after().vy() * meet.otherAfter().vy();
        assertThat(dot).isCloseTo(0, within(1e-9));
        assertThat(meet.otherAfter().speedMetresPerSecond()).isCloseTo(v * Math.cos(Math.toRadians(cut)), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {5, 28, 30, 60})
    void c6ARollingCueBallTurnsAsTheNaturalRollLineSays(double cut) {
        double v = 1.2;
        ShotRecord record = impact(SMOOTH, new BallState(0, 0, v, 0, 0, v / R, 0), cut);
        ShotEvent.StartsRolling rolls = record.events().stream()
                .filter(e -> e instanceof ShotEvent.StartsRolling s && s.ball().equals("cue") && s.seconds() > 0)
                .map(ShotEvent.StartsRolling.class::cast)
                .reduce((a, b) -> b)
                .orElseThrow();
        double got = Math.toDegrees(Math.atan2(rolls.state().vy(), rolls.state().vx()));
        BallSet equal = BallSet.ofEqual(new BallSpec(2000 * R, M));
        assertThat(got)
                .isCloseTo(NaturalRoll.after(new Direction(1, 0), cut, 1, equal).degrees(), within(1e-6));
    }

    @Test
    void c7AFullHitOfARollingBall() {
        double e = 0.95;
        Physics physics = new Physics(
                G, MU_S, MU_R, 10, 0, 0, e, new Physics.BallFriction(0, 0, 0), 0.98, 0.015, 0.70, 0.17, 0.5);
        double v = 1;
        ShotRecord record = impact(physics, new BallState(0, 0, v, 0, 0, v / R, 0), 0);
        double atContact = first(record, ShotEvent.BallsMeet.class).before().vx();
        assertThat(lastRolling(record, "cue").vx())
                .isCloseTo((2.0 / 7 + 5.0 / 7 * (1 - e) / 2) * atContact, within(1e-9));
        assertThat(lastRolling(record, "object").vx()).isCloseTo(5.0 / 7 * (1 + e) / 2 * atContact, within(1e-9));
    }

    @Test
    void c8AStopShotStopsAndAStraightDrawComesBackItsDistance() {
        ShotRecord stop = impact(SMOOTH, new BallState(0, 0, 1, 0, 0, 0, 0), 0);
        BallState after = first(stop, ShotEvent.BallsMeet.class).after();
        assertThat(after.speedMetresPerSecond()).isCloseTo(0, within(1e-9));
        double spin = -60;
        ShotRecord draw = impact(SMOOTH, new BallState(0, 0, 2, 0, 0, spin, 0), 0);
        ShotEvent.BallsMeet meet = first(draw, ShotEvent.BallsMeet.class);
        double s = R * Math.abs(meet.after().wy());
        double back = 2 * s * s / (49 * G) * (1 / MU_S + 1 / MU_R);
        assertThat(meet.after().x() - draw.track("cue").end().x()).isCloseTo(back, within(1e-8));
    }

    @ParameterizedTest
    @CsvSource({"0.5, 4.84", "1, 4.15", "3, 1.78"})
    void c9AStunCutOfThirtyDegreesThrowsTheObjectBall(double v, double degrees) {
        Physics physics =
                new Physics(G, MU_S, MU_R, 10, 0, 0, 0.95, Physics.POOL.ballFriction(), 0.98, 0.015, 0.70, 0.17, 0.5);
        ShotRecord record = touching(physics, new BallState(0, 0, v, 0, 0, 0, 0), 30);
        ShotEvent.BallsMeet meet = first(record, ShotEvent.BallsMeet.class);
        double path = Math.toDegrees(
                Math.atan2(meet.otherAfter().vy(), meet.otherAfter().vx()));
        assertThat(30 - path).isCloseTo(degrees, within(0.006));
    }

    @Test
    void c9OutsideSideOfTheRightAmountCancelsTheThrow() {
        double v = 1;
        double gearing = v * Math.sin(Math.toRadians(30)) / R;
        ShotRecord record = touching(Physics.POOL, new BallState(0, 0, v, 0, 0, 0, gearing), 30);
        ShotEvent.BallsMeet meet = first(record, ShotEvent.BallsMeet.class);
        assertThat(Math.toDegrees(
                        Math.atan2(meet.otherAfter().vy(), meet.otherAfter().vx())))
                .isCloseTo(30, within(1e-6));
    }

    @Test
    void c10ARollingBallComesBackFromACushionAtKappaTimesItsSpeed() {
        ShotTable small = ShotTable.withoutPockets(20, 2, 0.03629);
        // Two m/s at the nose, a ball's width and 10 cm of cloth further on.
        double nose = 20 - Math.sqrt(0.03629 * (2 * R - 0.03629));
        double v = Math.sqrt(2 * 2 + 2 * MU_R * G * (nose - 19.9));
        TableBall ball = new TableBall("cue", new BallState(19.9, 1, v, 0, 0, v / R, 0), R, M);
        ShotRecord record = ShotSimulator.release(small, Physics.POOL, List.of(ball));
        ShotEvent.MeetsCushion hit = first(record, ShotEvent.MeetsCushion.class);
        BallState settled = lastRolling(record, "cue");
        assertThat(-settled.vx() / hit.before().vx()).isCloseTo(0.5984, within(5e-4));
        assertThat(hit.sights()).isCloseTo(2, within(1e-9));
        double sin = (0.03629 - R) / R;
        double cos = Math.sqrt(1 - sin * sin);
        assertThat(aboutBothContacts(hit.after(), sin, cos))
                .as("C11: the moment about the line through both contacts stays")
                .isCloseTo(aboutBothContacts(hit.before(), sin, cos), within(1e-9));
    }

    /** For a cushion whose outward normal is +x. */
    private static double aboutBothContacts(BallState s, double sin, double cos) {
        return s.vy() - 0.4 * R * (s.wx() + s.wz() * (1 + sin) / cos);
    }

    @Test
    void c12SpinAboutTheVerticalFallsEvenly() {
        TableBall ball = new TableBall("cue", new BallState(100, 100, 1, 0, 0, 1 / R, 30), R, M);
        ShotRecord record = ShotSimulator.release(FIELD, Physics.POOL, List.of(ball));
        assertThat(record.track("cue").at(1.7).wz()).isCloseTo(30 - 17, within(1e-9));
        assertThat(record.track("cue").at(3.5).wz()).isZero();
    }

    @Test
    void c13ASwervingBallEndsInTheWrittenDirection() {
        CueStrike strike = new CueStrike(2, 0, 0.3, 0, 20, OptionalDouble.of(22));
        BallState launch = strike.launch(100, 100, R, Physics.POOL);
        ShotRecord record = ShotSimulator.play(
                FIELD, Physics.POOL, List.of(new TableBall("cue", BallState.atRest(100, 100), R, M)), "cue", strike);
        BallState rolling = lastRolling(record, "cue");
        double x = 5.0 / 7 * launch.vx() + 2.0 / 7 * R * launch.wy();
        double y = 5.0 / 7 * launch.vy() - 2.0 / 7 * R * launch.wx();
        assertThat(Math.atan2(rolling.vy(), rolling.vx())).isCloseTo(Math.atan2(y, x), within(1e-9));
        assertThat(launch.vy()).as("right side goes left at first").isPositive();
        assertThat(rolling.vy()).as("and is bent back to the right").isLessThan(launch.vy());
    }

    @Test
    void c14SquirtAtTheMiscueLimit() {
        assertThat(new CueStrike(1, 0, 0.5, 0, 0, OptionalDouble.of(22)).squirtDegrees())
                .isCloseTo(2.492, within(5e-4));
        CueStrike example = new CueStrike(2, 30, 0.3, -0.2, 10, OptionalDouble.of(22));
        BallState launch = example.launch(0, 0, R, Physics.POOL);
        assertThat(example.launchDegrees()).isCloseTo(31.621427, within(1e-6));
        assertThat(launch.vx()).isCloseTo(1.703062, within(1e-6));
        assertThat(launch.wx()).isCloseTo(26.513192, within(1e-5));
        assertThat(launch.wz()).isCloseTo(52.493438, within(1e-5));
        assertThat(new CueStrike(1, 0, 0.4, 0.4, 0, OptionalDouble.empty()).miscues(Physics.POOL))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"0.02, 0, 30", "0.01, 0.03, 200", "-0.05, 0.02, 0", "0.02, 0, 180", "0.02, 0, 0"})
    void c15ADriftingBallStopsAtTheWrittenPlaceAndTime(double dx, double dy, double degrees) {
        double v = 1.1;
        double vx = v * Math.cos(Math.toRadians(degrees));
        double vy = v * Math.sin(Math.toRadians(degrees));
        Physics physics = Physics.POOL.withDrift(dx, dy);
        TableBall ball = new TableBall("cue", new BallState(100, 100, vx, vy, -vy / R, vx / R, 0), R, M);
        ShotRecord record = ShotSimulator.release(FIELD, physics, List.of(ball));
        double a = Math.hypot(dx, dy);
        double k = MU_R * G / a;
        double p = (vx * dx + vy * dy) / a;
        double q = (-vx * dy + vy * dx) / a;
        assertThat(record.endSeconds()).isCloseTo((k * v + p) / (a * (k * k - 1)), within(1e-6));
        double along = (v * v + 2 * k * v * p + p * p) / (4 * a * (k * k - 1));
        double aside = (p * q + 2 * k * v * q) / (a * (4 * k * k - 1));
        BallState end = record.track("cue").end();
        assertThat(end.x() - 100).isCloseTo((along * dx - aside * dy) / a, within(1e-6));
        assertThat(end.y() - 100).isCloseTo((along * dy + aside * dx) / a, within(1e-6));
    }

    @Test
    void c16UnequalBallsTouchAtTheirGeometricMean() {
        TableBall small = new TableBall("cue", new BallState(99, 100, 2, 0, 0, 0, 0), 0.0238, 0.0982);
        TableBall large = new TableBall("object", BallState.atRest(100, 100), 0.0254, 0.1194);
        ShotRecord record =
                ShotSimulator.release(ShotTable.withoutPockets(200, 200, 0.032), Physics.PUB, List.of(small, large));
        ShotEvent.BallsMeet meet = first(record, ShotEvent.BallsMeet.class);
        assertThat(meet.otherBefore().x() - meet.before().x()).isCloseTo(2 * Math.sqrt(0.0238 * 0.0254), within(1e-9));
    }

    /** Example 2 of section 12: throw and transfer of spin. */
    /** Without ball friction and with perfect restitution a film of an impact could run backwards. */
    @Test
    void aSmoothImpactRunsBackwardsToo() {
        Random random = new Random(21);
        for (int i = 0; i < 500; i++) {
            double massB = 0.1 + 0.1 * random.nextDouble();
            BallState a = new BallState(100, 100, 1 + random.nextDouble(), random.nextGaussian(), 3, -20, 5);
            double phi = Math.atan2(a.vy(), a.vx()) + 1.4 * (random.nextDouble() - 0.5);
            BallState b = new BallState(
                    100 + 2 * R * Math.cos(phi), 100 + 2 * R * Math.sin(phi), -0.3 * random.nextDouble(), 0, 0, 0, 0);
            ShotEvent.BallsMeet there = first(pair(a, b, massB), ShotEvent.BallsMeet.class);
            ShotEvent.BallsMeet back = first(
                    pair(reversed(there.after()), reversed(there.otherAfter()), massB), ShotEvent.BallsMeet.class);
            assertThat(back.after().vx()).as("seed 21, case " + i).isCloseTo(-a.vx(), within(1e-9));
            assertThat(back.after().vy()).isCloseTo(-a.vy(), within(1e-9));
            assertThat(back.otherAfter().vx()).isCloseTo(-b.vx(), within(1e-9));
            assertThat(back.otherAfter().vy()).isCloseTo(-b.vy(), within(1e-9));
        }
    }

    private static ShotRecord pair(BallState a, BallState b, double massB) {
        return ShotSimulator.release(
                FIELD, SMOOTH, List.of(new TableBall("a", a, R, M), new TableBall("b", b, R, massB)));
    }

    private static BallState reversed(BallState s) {
        return new BallState(s.x(), s.y(), -s.vx(), -s.vy(), s.wx(), s.wy(), s.wz());
    }

    @Test
    void theWorkedImpactComesOutToItsLastDigit() {
        ShotRecord record = touching(Physics.POOL, new BallState(0, 0, 1.5, 0, 0, 52.493438, 10), 30);
        ShotEvent.BallsMeet meet = first(record, ShotEvent.BallsMeet.class);
        assertThat(meet.after().vx()).isCloseTo(0.395873, within(1e-6));
        assertThat(meet.after().vy()).isCloseTo(-0.620720, within(1e-6));
        assertThat(meet.otherAfter().wy()).isCloseTo(-3.074957, within(1e-5));
        assertThat(meet.otherAfter().wz()).isCloseTo(1.268932, within(1e-5));
    }

    private static ShotRecord strike(Physics physics, double v0, double side, double height, double elevation) {
        CueStrike strike = new CueStrike(v0, 0, side, height, elevation, OptionalDouble.empty());
        TableBall cue = new TableBall("cue", BallState.atRest(100, 100), R, M);
        return ShotSimulator.play(FIELD, physics, List.of(cue), "cue", strike);
    }

    /** A cue ball one ball's width before contact, the object ball at rest, line of centres at this angle. */
    private static ShotRecord impact(Physics physics, BallState motion, double cutDegrees) {
        return meeting(physics, motion, cutDegrees, 1e-7);
    }

    private static ShotRecord touching(Physics physics, BallState motion, double cutDegrees) {
        return meeting(physics, motion, cutDegrees, 0);
    }

    private static ShotRecord meeting(Physics physics, BallState motion, double cutDegrees, double back) {
        double phi = Math.toRadians(cutDegrees);
        BallState cue = new BallState(100 - back, 100, motion.vx(), motion.vy(), motion.wx(), motion.wy(), motion.wz());
        TableBall object = new TableBall(
                "object", BallState.atRest(100 + 2 * R * Math.cos(phi), 100 + 2 * R * Math.sin(phi)), R, M);
        return ShotSimulator.release(FIELD, physics, List.of(new TableBall("cue", cue, R, M), object));
    }

    private static <T extends ShotEvent> T first(ShotRecord record, Class<T> kind) {
        return record.events().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElseThrow();
    }

    /** The state in which this ball last began to roll. */
    private static BallState lastRolling(ShotRecord record, String ball) {
        return record.events().stream()
                .filter(e -> e instanceof ShotEvent.StartsRolling s && s.ball().equals(ball))
                .map(e -> ((ShotEvent.StartsRolling) e).state())
                .reduce((a, b) -> b)
                .orElseThrow();
    }
}
