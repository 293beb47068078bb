package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The shot read in place says what the record says, shot after shot on the same runner. */
class PlayedShotTest {
    private static final ShotTable TABLE = ShotTable.of(TablePlan.of(TablePresets.POOL_9FT));
    private static final List<TableBall> BALLS =
            List.of(ball("cue", 0.6, 0.5), ball("one", 1.4, 0.7), ball("two", 1.9, 0.9));
    private static final int SHOTS = 400;

    @Test
    void bothReadingsHaveTheSameEventsAndEnds() {
        ShotRunner runner = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        for (CueStrike strike : strokes(3)) {
            runner.play(strike, strike.launchDegrees());
            PlayedShot played = runner.result();
            ShotRecord record = ShotSimulator.play(TABLE, Physics.POOL, BALLS, "cue", strike);
            // The record also says that the cue struck.
            assertThat(played.events()).isEqualTo(record.events().size() - 1);
            for (int e = 0; e < played.events(); e++) {
                same(played, e, record.events().get(e + 1));
            }
            for (int i = 0; i < BALLS.size(); i++) {
                BallTrack track = record.track(BALLS.get(i).id());
                assertThat(played.xMetres(i)).isEqualTo(track.end().x());
                assertThat(played.isPotted(i)).isEqualTo(track.pocket().isPresent());
            }
            assertThat(played.endSeconds()).isEqualTo(record.endSeconds());
        }
    }

    private static void same(PlayedShot played, int e, ShotEvent event) {
        assertThat(played.seconds(e)).isEqualTo(event.seconds());
        if (event instanceof ShotEvent.BallsMeet meet) {
            assertThat(played.kind(e)).isEqualTo(PlayedShot.Kind.BALLS_MEET);
            assertThat(BALLS.get(played.ball(e)).id()).isEqualTo(meet.ball());
            assertThat(BALLS.get(played.other(e)).id()).isEqualTo(meet.other());
            BallState s = meet.before();
            double squared = s.vx() * s.vx() + s.vy() * s.vy();
            double share = squared == 0 ? 0 : 0.028575 * (s.wy() * s.vx() - s.wx() * s.vy()) / squared;
            assertThat(played.rollingShareBefore(e, played.ball(e))).isCloseTo(share, within(1e-12));
        } else if (event instanceof ShotEvent.MeetsCushion meet) {
            assertThat(played.kind(e)).isEqualTo(PlayedShot.Kind.MEETS_CUSHION);
            assertThat(played.cushion(e)).isEqualTo(meet.cushion());
            assertThat(played.sights(e)).isCloseTo(meet.sights(), within(1e-9));
        } else if (event instanceof ShotEvent.Potted potted) {
            assertThat(played.dropsInto(e, potted.pocket())).isTrue();
        }
    }

    @Test
    void aLineIsCrossedWhereADenseLookAlongThePathSeesIt() {
        ShotRunner runner = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        Random random = new Random(9);
        int crossed = 0;
        for (CueStrike strike : strokes(4)) {
            runner.play(strike, strike.launchDegrees());
            double x1 = 2540 * random.nextDouble();
            double y1 = 1270 * random.nextDouble();
            double x2 = 2540 * random.nextDouble();
            double y2 = 1270 * random.nextDouble();
            boolean exact = PlayedPath.crosses(runner.result(), 0, x1, y1, x2, y2);
            boolean seen = densely(ShotSimulator.play(TABLE, Physics.POOL, BALLS, "cue", strike), x1, y1, x2, y2);
            // The chords of the dense look may cut a corner that the path does not; what they see clearly must agree.
            if (exact != seen) {
                assertThat(nearAnEnd(runner.result(), x1, y1, x2, y2))
                        .as(strike + " line " + x1 + " " + y1 + " " + x2 + " " + y2)
                        .isTrue();
            }
            crossed += exact ? 1 : 0;
        }
        assertThat(crossed).isBetween(SHOTS / 5, 4 * SHOTS / 5);
    }

    private static boolean densely(ShotRecord record, double x1, double y1, double x2, double y2) {
        BallTrack track = record.track("cue");
        double last = 0;
        double lastShare = 0;
        for (int i = 0; i <= 20_000; i++) {
            BallState s = track.at(record.endSeconds() * i / 20_000);
            double side = (1000 * s.y() - y1) * (x2 - x1) - (1000 * s.x() - x1) * (y2 - y1);
            double share = ((1000 * s.x() - x1) * (x2 - x1) + (1000 * s.y() - y1) * (y2 - y1))
                    / (Math.pow(x2 - x1, 2) + Math.pow(y2 - y1, 2));
            if (i > 0 && side * last < 0 && between(share) && between(lastShare)) {
                return true;
            }
            last = side;
            lastShare = share;
        }
        return false;
    }

    private static boolean between(double share) {
        return share > 0 && share < 1;
    }

    private static boolean nearAnEnd(PlayedShot shot, double x1, double y1, double x2, double y2) {
        return PlayedPath.nearest(shot, 0, x1, y1, 0).distanceMillimetres() < 3
                || PlayedPath.nearest(shot, 0, x2, y2, 0).distanceMillimetres() < 3;
    }

    @Test
    void theNearestPassAndTheWayTravelledAreThoseOfADenseLook() {
        ShotRunner runner = new ShotRunner(TABLE, Physics.POOL, BALLS, 0);
        for (CueStrike strike : strokes(5).subList(0, 60)) {
            runner.play(strike, strike.launchDegrees());
            ShotRecord record = ShotSimulator.play(TABLE, Physics.POOL, BALLS, "cue", strike);
            double least = Double.POSITIVE_INFINITY;
            double way = 0;
            BallState last = record.track("cue").at(0);
            for (int i = 1; i <= 40_000; i++) {
                BallState s = record.track("cue").at(record.endSeconds() * i / 40_000);
                least = Math.min(least, 1000 * Math.hypot(s.x() - 1.7, s.y() - 0.4));
                way += 1000 * Math.hypot(s.x() - last.x(), s.y() - last.y());
                last = s;
            }
            assertThat(PlayedPath.nearest(runner.result(), 0, 1700, 400, 0).distanceMillimetres())
                    .isCloseTo(least, within(0.5));
            assertThat(PlayedPath.travelledMillimetres(runner.result(), 0, 0)).isCloseTo(way, within(2.0));
        }
    }

    @Test
    void theErrorsOfABandAreThePrintedOnes() {
        ExecutionErrors amber = ExecutionErrors.ofAbility(3);
        assertThat(amber.aimMilliradians()).isCloseTo(0.78, within(0.005));
        assertThat(amber.paceFraction()).isCloseTo(0.025, within(0.0005));
        ExecutionErrors chalk = ExecutionErrors.ofAbility(-3);
        assertThat(chalk.aimMilliradians()).isCloseTo(5.1, within(0.05));
        assertThat(chalk.tipHeightMillimetres()).isCloseTo(5.1, within(0.05));
        assertThat(chalk.tipSideMillimetres()).isCloseTo(3.6, within(0.05));
        assertThat(ExecutionErrors.ofAbility(0)).isEqualTo(ExecutionErrors.REFERENCE);
    }

    private static List<CueStrike> strokes(long seed) {
        Random random = new Random(seed);
        List<CueStrike> strokes = new ArrayList<>();
        for (int i = 0; i < SHOTS; i++) {
            strokes.add(new CueStrike(
                    0.5 + 4 * random.nextDouble(),
                    60 * random.nextDouble() - 20,
                    0.4 * random.nextDouble() - 0.2,
                    0.7 * random.nextDouble() - 0.35,
                    3,
                    OptionalDouble.of(22)));
        }
        return strokes;
    }

    private static TableBall ball(String id, double x, double y) {
        return new TableBall(id, BallState.atRest(x, y), 0.028575, 0.170);
    }
}
