package amberrail.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * No hole and no endless shot: thousands of made-up shots, 1 to 16 balls on every table, level and not, balls frozen to each other and to
 * cushions, strokes up to the limits. {@code -Damber.soakShots=1000000} plays as many; {@code ./amber bench} does.
 */
class EngineSoakTest {
    private static final int SHOTS = Integer.getInteger("amber.soakShots", 20_000);
    private static final long SEED = Long.getLong("amber.soakSeed", 20_261_127L);
    private static final int A_SLICE = 500;

    @Test
    @Timeout(value = 2, unit = TimeUnit.HOURS)
    void everyBallEndsOnTheBedOrInAPocket() {
        List<String> wrong = IntStream.range(0, (SHOTS + A_SLICE - 1) / A_SLICE)
                .parallel()
                .mapToObj(EngineSoakTest::slice)
                .flatMap(List::stream)
                .toList();
        assertThat(wrong)
                .as(wrong.size() + " of " + SHOTS + " shots, seed " + SEED)
                .isEmpty();
    }

    private static List<String> slice(int slice) {
        List<String> wrong = new ArrayList<>();
        Random random = new Random(SEED + slice);
        for (int shot = 0; shot < A_SLICE; shot++) {
            SoakScene scene = SoakScene.random(random);
            String which = "slice " + slice + ", shot " + shot;
            try {
                scene.problem(scene.play()).ifPresent(problem -> wrong.add(which + ": " + problem + " " + scene));
            } catch (RuntimeException e) {
                wrong.add(which + ": " + e + " " + scene);
            }
        }
        return wrong;
    }
}
