package amberrail.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the browser is given to draw is to scale and closed, on every table. */
class TableDrawingTest {
    static List<TableSpec> presets() {
        return TablePresets.all();
    }

    @ParameterizedTest
    @MethodSource("presets")
    void sixCushionsAndSixPocketsLieRoundTheBed(TableSpec spec) {
        TableDrawing drawing = TableDrawing.of(spec);
        assertThat(drawing.cushions()).hasSize(6);
        assertThat(drawing.pockets()).hasSize(6);
        for (List<PointView> outline : drawing.cushions()) {
            assertThat(outline).hasSizeGreaterThan(6);
            boolean touchesABedEdge = outline.stream()
                    .anyMatch(p -> Math.abs(p.xMillimetres()) < 1e-6
                            || Math.abs(p.yMillimetres()) < 1e-6
                            || Math.abs(p.xMillimetres() - spec.lengthMillimetres()) < 1e-6
                            || Math.abs(p.yMillimetres() - spec.widthMillimetres()) < 1e-6);
            assertThat(touchesABedEdge).isTrue();
            assertThat(outline)
                    .allSatisfy(p -> assertThat(p.xMillimetres()).isBetween(-100.0, spec.lengthMillimetres() + 100))
                    .noneMatch(p -> p.xMillimetres() > 1
                            && p.xMillimetres() < spec.lengthMillimetres() - 1
                            && p.yMillimetres() > 1
                            && p.yMillimetres() < spec.widthMillimetres() - 1);
        }
        assertThat(drawing.headLine().get(1).yMillimetres()).isCloseTo(spec.widthMillimetres(), within(1e-9));
        assertThat(drawing.sights().isEmpty()).isEqualTo(!spec.kind().inlaidSights());
    }
}
