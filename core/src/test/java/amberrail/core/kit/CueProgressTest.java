package amberrail.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A coach who makes the strokes that the cue's check asks for, until it asks for nothing more. */
class CueProgressTest {
    private static final double RATIO = 30;
    private static final double ELEVATION = 2;
    private static final int PATIENCE = 60;

    private final CheckedTable table = CheckedTable.of(TablePresets.POOL_9FT);
    private final TableEstimate.Posterior cloth = TableFigures.preset(table).asPrior(table);
    private final Random random = new Random(20_261_128);

    private SideReading reading(CueProgress.Stroke stroke, CheckPlaces.Place place) {
        double radius = table.radiusMetres();
        double tip = stroke.tipSideMillimetres() + random.nextGaussian();
        double aim = Math.toDegrees(0.0015 * random.nextGaussian());
        CueStrike strike = new CueStrike(
                stroke.firm() ? 3.5 : 1.4, aim, tip / 1000 / radius, 0, ELEVATION, OptionalDouble.of(RATIO));
        double x = place.xMetres(table.spec());
        double y = place.yMetres(table.spec());
        LoneBall ball = table.newBall();
        ball.releaseToCushion(strike.launch(x, y, radius, Physics.POOL), Physics.POOL);
        return new SideReading(
                x,
                y,
                0,
                stroke.tipSideMillimetres(),
                ball.cushionSeconds() + 0.03 * random.nextGaussian(),
                1000 * (ball.cushionY() - y) + 8 * random.nextGaussian());
    }

    @Test
    void whoMakesTheStrokesThatAreAskedComesToAnEndAndKnowsTheCue() {
        List<SideReading> readings = new ArrayList<>();
        CueEstimate found = CueCheck.of(table, cloth, 22, readings, ReadingNoise.USUAL);
        CueProgress progress = CueProgress.of(table, found, readings);
        assertThat(progress.told()).isFalse();
        while (progress.next().isPresent() && readings.size() < PATIENCE) {
            CheckPlaces.Place place = CheckPlaces.of(CheckPlaces.Kind.SIDE).get(readings.size() % 2);
            readings.add(reading(progress.next().orElseThrow(), place));
            found = CueCheck.of(table, cloth, 22, readings, ReadingNoise.USUAL);
            progress = CueProgress.of(table, found, readings);
        }
        assertThat(progress.goodEnough())
                .as("%d strokes were not enough", readings.size())
                .isTrue();
        assertThat(readings.size()).isBetween(5, 40);
        assertThat(found.endMassRatio().interval().contains(RATIO)).isTrue();
        assertThat(found.elevationDegrees().value()).isCloseTo(ELEVATION, within(2.0));
    }

    @Test
    void eachStrokeIsAskedForInTurn() {
        List<SideReading> readings = new ArrayList<>();
        List<CueProgress.Stroke> asked = new ArrayList<>();
        int all = CueProgress.strokes(table.ball()).size();
        for (int i = 0; i < all; i++) {
            CueEstimate found = CueCheck.of(table, cloth, 22, List.of(), ReadingNoise.USUAL);
            CueProgress.Stroke next =
                    CueProgress.of(table, found, readings).next().orElseThrow();
            asked.add(next);
            readings.add(reading(next, CheckPlaces.of(CheckPlaces.Kind.SIDE).get(0)));
        }
        assertThat(asked)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(CueProgress.strokes(table.ball()));
    }
}
