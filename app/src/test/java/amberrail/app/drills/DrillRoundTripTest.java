package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.drill.Drill;
import com.fasterxml.jackson.core.JsonProcessingException;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is written is read back the same, for every shipped drill and for made-up ones that use every part of the model. */
class DrillRoundTripTest {
    private static final int MADE_UP = 300;

    @Test
    void everyShippedDrillComesBackTheSame() throws JsonProcessingException {
        for (Drill drill : new ShippedDrills().all()) {
            assertThat(DrillJson.read(DrillJson.write(drill))).isEqualTo(drill);
        }
    }

    @Test
    void soDoMadeUpOnes() throws JsonProcessingException {
        Random random = new Random(31);
        for (int i = 0; i < MADE_UP; i++) {
            Drill drill = MadeUpDrills.drill(random);
            assertThat(DrillJson.read(DrillJson.write(drill)))
                    .as("seed 31, drill " + i)
                    .isEqualTo(drill);
        }
    }
}
