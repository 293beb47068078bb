package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.AppTest;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.table.TablePresets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class ShippedDrillsTest extends AppTest {
    @Autowired
    DrillCatalogue catalogue;

    @Test
    void theLineOfArrivalPassesThroughTheRing() {
        Drill drill = catalogue.byId("roll-on-to-the-ring");
        for (int station = 0; station < drill.stations().size(); station++) {
            ShotLayout layout = catalogue.layout(drill, station, 0, false, TablePresets.POOL_9FT);
            double aside = layout.target()
                    .minus(layout.potLine().orElseThrow().ghostBall())
                    .leftOf(layout.arrival());
            assertThat(Math.abs(aside)).as("mm beside the target").isLessThan(20);
        }
    }

    @Test
    void itsWordsAreThere() throws Exception {
        String answer =
                read(club.head(), "/api/v1/drills").andReturn().getResponse().getContentAsString();
        assertThat(answer).contains("Roll on to the ring").contains("\"POSITION\"");
    }
}
