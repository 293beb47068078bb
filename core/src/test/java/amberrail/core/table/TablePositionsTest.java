package amberrail.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Sights, mm and cushion distances, converted both ways. */
class TablePositionsTest {
    private static final long SEED = 20261124;

    @Test
    void sightsCountFromTheSouthWestCorner() {
        Point footSpot = new SightPosition(6, 2).onTable(TablePresets.POOL_9FT);
        assertThat(footSpot)
                .isEqualTo(Markings.of(TablePresets.POOL_9FT).spot("foot").place());
        assertThat(new SightPosition(0.5, 3).onTable(TablePresets.SNOOKER_12FT))
                .isEqualTo(new Point(3569 / 16.0, 1333.5));
    }

    @Test
    void aTapeMeasuresFromTheTwoNearestCushions() {
        CushionDistances distances = CushionDistances.of(new Point(2300, 1000), TablePresets.POOL_9FT);
        assertThat(distances).isEqualTo(new CushionDistances(Cushion.E, 240, Cushion.N, 270));
        CushionDistances middle = CushionDistances.of(new Point(1270, 635), TablePresets.POOL_9FT);
        assertThat(middle).isEqualTo(new CushionDistances(Cushion.W, 1270, Cushion.S, 635));
    }

    @Test
    void everyPlaceComesBackFromSightsAndFromTheTape() {
        Random random = new Random(SEED);
        for (TableSpec table : TablePresets.all()) {
            for (int i = 0; i < 500; i++) {
                Point place = new Point(
                        random.nextDouble() * table.lengthMillimetres(),
                        random.nextDouble() * table.widthMillimetres());
                Point bySights = SightPosition.of(place, table).onTable(table);
                Point byTape = CushionDistances.of(place, table).onTable(table);
                assertThat(bySights.distanceMillimetres(place))
                        .as("seed " + SEED)
                        .isCloseTo(0, within(1e-9));
                assertThat(byTape.distanceMillimetres(place)).as("seed " + SEED).isCloseTo(0, within(1e-9));
            }
        }
    }

    @Test
    void placesOffTheBedAreRefused() {
        assertThatThrownBy(() -> SightPosition.of(new Point(-1, 10), TablePresets.PUB_7FT))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        e -> assertThat(e.code()).isEqualTo(ProblemCode.INVALID_PARAMETER));
        assertThatThrownBy(() -> CushionDistances.of(new Point(10, 915), TablePresets.PUB_7FT))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.field()).isEqualTo("fromLongMillimetres"));
        assertThatThrownBy(() -> new CushionDistances(Cushion.S, 1, Cushion.N, 1))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("shortCushion");
    }

    @Test
    void markingsAreThoseOfTheGame() {
        assertThat(Markings.of(TablePresets.POOL_9FT).sights()).hasSize(18);
        assertThat(Markings.of(TablePresets.SNOOKER_12FT).sights()).isEmpty();
        assertThat(Markings.of(TablePresets.SNOOKER_12FT).spot("black").place()).isEqualTo(new Point(3245, 889));
        assertThat(Markings.of(TablePresets.PUB_7FT).d()).isPresent();
        assertThatThrownBy(() -> Markings.of(TablePresets.POOL_8FT).spot("pink"))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("foot");
    }
}
