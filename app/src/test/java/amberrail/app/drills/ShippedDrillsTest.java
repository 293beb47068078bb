package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.setups.SetUps;
import amberrail.app.testing.AppTest;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePresets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class ShippedDrillsTest extends AppTest {
    @Autowired
    ShippedDrills shipped;

    @Autowired
    SetUps setUps;

    @Test
    void theLineOfArrivalPassesThroughTheRing() {
        Drill drill = shipped.find("roll-on-to-the-ring").orElseThrow();
        for (int station = 0; station < drill.stations().size(); station++) {
            ShotLayout layout = setUps.layout(SetUp.of(drill, station, 0, false, TablePresets.POOL_9FT));
            double aside = layout.target()
                    .minus(layout.potLine().orElseThrow().ghostBall())
                    .leftOf(layout.arrival());
            assertThat(Math.abs(aside)).as("mm beside the target").isLessThan(20);
        }
    }

    @Test
    void theLineOfArrivalIsThatOfTheUsualRecipe() {
        // Off the foot rail and the right long rail into the ring: the cue ball gets there on its way back to the head.
        Drill drill = shipped.find("two-walls").orElseThrow();
        ShotLayout original = setUps.layout(SetUp.of(drill, 0, 0, false, TablePresets.POOL_9FT));
        ShotLayout mirror = setUps.layout(SetUp.of(drill, 0, 0, true, TablePresets.POOL_9FT));
        assertThat(original.arrival().x()).isNegative();
        assertThat(original.arrival().y()).isPositive();
        assertThat(mirror.arrival().x()).isCloseTo(original.arrival().x(), within(1e-12));
        assertThat(mirror.arrival().y()).isCloseTo(-original.arrival().y(), within(1e-12));
    }

    /** Geometry of some drills changed with the engine: what was played before goes on being read as it lay then. */
    @Test
    void anEarlierVersionIsKeptForTheSessionsPlayedWithIt() {
        Drill before = shipped.find("long-blue", 1).orElseThrow();
        Drill now = shipped.find("long-blue").orElseThrow();
        assertThat(before.version()).isEqualTo(1);
        assertThat(now.version()).isEqualTo(2);
        assertThat(before.station(0).shots()).isNotEqualTo(now.station(0).shots());
        assertThat(shipped.find("long-blue", 2)).hasValue(now);
        assertThat(shipped.find("long-blue", 9)).as("never shipped").hasValue(now);
        assertThat(shipped.all()).extracting(Drill::id).doesNotHaveDuplicates();
    }

    /** "Blue from the D": its cue ball lies in the D. */
    @Test
    void theBlueFromTheDIsPlayedFromTheD() {
        Drill drill = shipped.find("long-blue").orElseThrow();
        for (int station = 0; station < drill.stations().size(); station++) {
            var cue = setUps.drawn(SetUp.of(drill, station, 0, false, TablePresets.SNOOKER_12FT))
                    .cueBall()
                    .place();
            assertThat(cue.xMillimetres()).as("behind or on the baulk line").isLessThanOrEqualTo(737.5);
            assertThat(Math.hypot(cue.xMillimetres() - 737, cue.yMillimetres() - 889))
                    .as("within the D's radius")
                    .isLessThanOrEqualTo(292);
        }
    }

    @Test
    void itsWordsAreThere() throws Exception {
        String answer =
                read(club.head(), "/api/v1/drills").andReturn().getResponse().getContentAsString();
        assertThat(answer).contains("Roll on to the ring").contains("\"POSITION\"");
    }
}
