package amberrail.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TablePlanTest {
    /** The construction table of model.md section 7 is printed to 0.1 mm. */
    private static final Offset<Double> PRINTED = within(0.051);

    static List<TableSpec> presets() {
        return TablePresets.all();
    }

    @ParameterizedTest
    @CsvSource({
        // preset, pocket, west jaw or the one on the S rail: V.x, T1.x, J.x, J.y, T2.x, T2.y, E.x, E.y, C.x, C.y
        "pool-9ft, SW, 80.8, 81.9, 81.9, -3.0, 80.0, -0.6, 32.7, -37.6, -31.2, -31.2",
        "snooker-12ft, SW, 61.5, 100.9, 100.9, -95.0, 33.7, -27.8, 16.0, -45.5, -37.1, -37.1",
        "pub-7ft, SW, 60.1, 85.0, 85.0, -60.0, 42.5, -17.6, 24.9, -35.3, -25.1, -25.1",
        "pool-9ft, S, 1333.5, 1335.8, 1335.8, -3.0, 1332.9, -2.3, 1322.0, -45.9, 1270.0, -64.8",
        "snooker-12ft, S, 1834.5, 1872.3, 1872.3, -45.0, 1827.9, -37.2, 1823.6, -61.8, 1784.5, -89.0",
        "pub-7ft, S, 961.0, 990.4, 990.4, -35.0, 955.9, -28.9, 951.6, -53.5, 914.5, -77.0"
    })
    void jawsStandWhereTheModelPrintsThem(
            String preset,
            PocketName name,
            double vx,
            double t1x,
            double jx,
            double jy,
            double t2x,
            double t2y,
            double ex,
            double ey,
            double cx,
            double cy) {
        Pocket pocket = TablePlan.of(TablePresets.byId(preset)).pocket(name);
        // Looking out of the SW or S pocket's mouth, the jaw on the south rail to the east is on the left.
        Jaw jaw = pocket.leftJaw();
        assertThat(jaw.virtualPoint().xMillimetres()).isCloseTo(vx, PRINTED);
        assertThat(jaw.virtualPoint().yMillimetres()).isCloseTo(0, PRINTED);
        assertThat(jaw.noseEnd().xMillimetres()).isCloseTo(t1x, PRINTED);
        assertThat(jaw.arcCentre().xMillimetres()).isCloseTo(jx, PRINTED);
        assertThat(jaw.arcCentre().yMillimetres()).isCloseTo(jy, PRINTED);
        assertThat(jaw.arcEnd().xMillimetres()).isCloseTo(t2x, PRINTED);
        assertThat(jaw.arcEnd().yMillimetres()).isCloseTo(t2y, PRINTED);
        assertThat(jaw.facingEnd().xMillimetres()).isCloseTo(ex, PRINTED);
        assertThat(jaw.facingEnd().yMillimetres()).isCloseTo(ey, PRINTED);
        assertThat(pocket.captureCentre().xMillimetres()).isCloseTo(cx, PRINTED);
        assertThat(pocket.captureCentre().yMillimetres()).isCloseTo(cy, PRINTED);
    }

    @ParameterizedTest
    @MethodSource("presets")
    void everyPresetIsSymmetricInBothAxes(TableSpec spec) {
        TablePlan plan = TablePlan.of(spec);
        for (PocketName name : PocketName.values()) {
            Point centre = plan.pocket(name).captureCentre();
            Point image = plan.pocket(name.mirrored()).captureCentre();
            assertThat(image.xMillimetres()).isCloseTo(centre.xMillimetres(), within(1e-9));
            assertThat(image.yMillimetres()).isCloseTo(spec.widthMillimetres() - centre.yMillimetres(), within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("presets")
    void noseSegmentsRunRoundTheTableBetweenJawsOfOneCushion(TableSpec spec) {
        TablePlan plan = TablePlan.of(spec);
        assertThat(plan.noseSegments())
                .extracting(NoseSegment::cushion)
                .containsExactly(Cushion.S, Cushion.S, Cushion.E, Cushion.N, Cushion.N, Cushion.W);
        for (NoseSegment segment : plan.noseSegments()) {
            assertThat(segment.endJaw().cushion()).isEqualTo(segment.cushion());
            assertThat(segment.cushion().distanceMillimetres(segment.start(), spec))
                    .isCloseTo(0, within(1e-9));
            assertThat(segment.cushion().distanceMillimetres(segment.end(), spec))
                    .isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void aPocketThatABallCouldLeaveIsRefused() {
        TableSpec good = TablePresets.POOL_9FT;
        PocketShape shortFacing = new PocketShape(114.3, 38, 3, 1, 41.3, 60);
        TableSpec open = new TableSpec(
                "open",
                good.kind(),
                good.lengthMillimetres(),
                good.widthMillimetres(),
                good.noseHeightMillimetres(),
                shortFacing,
                good.side(),
                good.balls());
        assertThatThrownBy(() -> TablePlan.of(open))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("pockets.SW");
    }

    @Test
    void aBallIsHeldBetweenTheNosesAndNotInAPocket() {
        TablePlan plan = TablePlan.of(TablePresets.POOL_9FT);
        BallSpec ball = TablePresets.POOL_9FT.balls().cueBall();
        double c = TablePresets.POOL_9FT.noseDistanceMillimetres(ball);
        assertThat(plan.holds(new Point(1270, 635), ball)).isTrue();
        assertThat(plan.holds(new Point(c, 635), ball)).as("touching").isTrue();
        assertThat(plan.holds(new Point(c - 0.1, 635), ball)).isFalse();
        assertThat(plan.holds(new Point(2541, 635), ball)).isFalse();
        assertThat(plan.holds(new Point(-10, -10), ball)).isFalse();
    }

    @Test
    void anUnknownTableIsNamedWithTheKnownOnes() {
        assertThatThrownBy(() -> TablePresets.byId("pool-10ft"))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("pool-10ft")
                .hasMessageContaining("snooker-12ft");
    }
}
