package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StationTest {
    private static BallPlacement ball(String label, BallPlacement.Role role, double along) {
        return new BallPlacement(label, role, new Position.AtSights(along, 2));
    }

    private static Shot shot(String potted, String... objects) {
        List<BallPlacement> balls = new ArrayList<>(List.of(ball("cue", BallPlacement.Role.CUE, 1)));
        for (int i = 0; i < objects.length; i++) {
            balls.add(ball(objects[i], BallPlacement.Role.OBJECT, 3 + i));
        }
        List<Demand> demands = potted == null ? List.of() : List.of(Demand.PotBall.of(potted, PocketName.NE));
        return new Shot(balls, demands, ArrivalLine.NATURAL_ROLL);
    }

    private static Station station(Shot... shots) {
        return new Station("one", List.of(shots), new AdvancingRule.InARow(3, 20), Optional.empty());
    }

    @Test
    void aPatternGoesOnWithTheBallsThatAreLeft() {
        Station pattern = station(shot("1", "1", "2"), shot("2", "2"));
        assertThat(pattern.goesOnAt(0)).isFalse();
        assertThat(pattern.goesOnAt(1)).isTrue();
    }

    @Test
    void whereThePottedBallLiesThereAgainEverythingIsSetUpAnew() {
        Station answers = station(shot("1", "1"), shot("1", "1"), shot("1", "1"));
        assertThat(answers.goesOnAt(1)).isFalse();
        assertThat(answers.goesOnAt(2)).isFalse();
    }

    @Test
    void aSafetyTakesNoBallAway() {
        assertThat(station(shot(null, "1"), shot("1", "1")).goesOnAt(1)).isTrue();
    }
}
