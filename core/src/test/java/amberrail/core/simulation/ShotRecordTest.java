package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Segment;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What others read of a shot: continuous tracks, sampled paths, refused input. */
class ShotRecordTest {
    private static final double R = 0.028575;
    private static final double M = 0.170;
    private static final ShotTable TABLE = ShotTable.of(TablePlan.of(TablePresets.POOL_9FT));

    @Test
    void aTrackIsContinuousAndEndsWhereItsBallLies() {
        ShotRecord record = play(2.4, 35, 0.2, -0.3);
        for (BallTrack track : record.tracks()) {
            for (int i = 1; i < track.segments().size(); i++) {
                PathSegment before = track.segments().get(i - 1);
                PathSegment after = track.segments().get(i);
                assertThat(after.fromSeconds()).isEqualTo(before.toSeconds());
                BallState end = before.at(before.toSeconds());
                double jump = Math.hypot(
                        end.x() - after.start().x(), end.y() - after.start().y());
                assertThat(jump).as(track.ball() + " segment " + i).isLessThan(2e-6);
            }
            assertThat(track.at(record.endSeconds() + 5)).isEqualTo(track.end());
        }
        assertThat(record.track("cue").at(-1).x()).isEqualTo(0.5);
        assertThatThrownBy(() -> record.track("seven")).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void aSampledPathStraysFromTheRealOneByLessThanAMillimetre() {
        ShotRecord record = play(3, 20, 0.35, -0.2);
        int curved = 0;
        for (PathSegment segment : record.track("cue").segments()) {
            List<Point> points = PathSampler.points(segment);
            curved += points.size() > 2 ? 1 : 0;
            for (int i = 0; i <= 50; i++) {
                double t = segment.fromSeconds() + (segment.toSeconds() - segment.fromSeconds()) * i / 50;
                BallState state = segment.at(t);
                Point real = new Point(1000 * state.x(), 1000 * state.y());
                assertThat(distance(points, real)).isLessThan(1);
            }
        }
        assertThat(curved).as("the swerve is drawn as a curve").isPositive();
    }

    @ParameterizedTest
    @CsvSource({
        "NaN, 0, NOT_FINITE",
        "-1, 0, INVALID_PARAMETER",
        "40, 0, INVALID_PARAMETER",
        "2, 0.6, INVALID_PARAMETER"
    })
    void strokesThatNobodyCanPlayAreRefused(double speed, double height, ProblemCode code) {
        assertThatThrownBy(() -> play(speed, 0, 0, height))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(code));
    }

    @Test
    void setUpsThatCannotLieAreRefusedByName() {
        TableBall cue = ball("cue", 0.5, 0.5);
        refused(ProblemCode.BALLS_OVERLAP, List.of(cue, ball("one", 0.5 + R, 0.5)));
        refused(ProblemCode.OFF_THE_TABLE, List.of(cue, ball("one", 0.01, 0.5)));
        refused(ProblemCode.DUPLICATE_ID, List.of(cue, ball("cue", 1, 0.5)));
        refused(ProblemCode.UNKNOWN_ID, List.of(ball("one", 1, 0.5)));
        assertThatThrownBy(() -> Physics.POOL.withDrift(0.2, 0))
                .as("a drift that starts balls")
                .isInstanceOf(InvalidInputException.class);
    }

    @Test
    void cushionPointsAreCountedInSights() {
        ShotRecord record = play(1.5, 90, 0, 0.4);
        ShotEvent.MeetsCushion hit = record.events().stream()
                .filter(ShotEvent.MeetsCushion.class::isInstance)
                .map(ShotEvent.MeetsCushion.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(hit.sights()).isCloseTo(0.5 / 2.54 * 8, within(1e-9));
        assertThat(hit.noseY()).isCloseTo(1.27, within(1e-9));
    }

    private static void refused(ProblemCode code, List<TableBall> balls) {
        CueStrike strike = new CueStrike(1, 0, 0, 0, 0, OptionalDouble.empty());
        assertThatThrownBy(() -> ShotSimulator.play(TABLE, Physics.POOL, balls, "cue", strike))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(code));
    }

    private static ShotRecord play(double speed, double azimuth, double side, double height) {
        CueStrike strike = new CueStrike(speed, azimuth, side, height, 8, OptionalDouble.of(22));
        return ShotSimulator.play(
                TABLE, Physics.POOL, List.of(ball("cue", 0.5, 0.5), ball("object", 1.2, 0.95)), "cue", strike);
    }

    private static TableBall ball(String id, double x, double y) {
        return new TableBall(id, BallState.atRest(x, y), R, M);
    }

    private static double distance(List<Point> polyline, Point point) {
        double nearest = Double.MAX_VALUE;
        for (int i = 1; i < polyline.size(); i++) {
            var chord = new Segment(polyline.get(i - 1), polyline.get(i));
            nearest = Math.min(nearest, chord.distanceMillimetres(point));
        }
        return nearest;
    }
}
