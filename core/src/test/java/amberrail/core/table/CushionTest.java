package amberrail.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cushions, pockets and their drawn outline, on every table. */
class CushionTest {
    static List<TableSpec> presets() {
        return TablePresets.all();
    }

    @Test
    void distancesAreMeasuredFromTheNoseInwards() {
        Point place = new Point(300, 200);
        assertThat(Cushion.W.distanceMillimetres(place, TablePresets.POOL_9FT)).isEqualTo(300);
        assertThat(Cushion.E.distanceMillimetres(place, TablePresets.POOL_9FT)).isEqualTo(2240);
        assertThat(Cushion.S.distanceMillimetres(place, TablePresets.POOL_9FT)).isEqualTo(200);
        assertThat(Cushion.N.distanceMillimetres(place, TablePresets.POOL_9FT)).isEqualTo(1070);
        assertThat(Cushion.W.distanceMillimetres(new Point(-5, 200), TablePresets.POOL_9FT))
                .as("behind the nose")
                .isEqualTo(-5);
    }

    @ParameterizedTest
    @MethodSource("presets")
    void aNosePointLiesOnItsOwnNoseAndMovesInwardsOverTheCloth(TableSpec table) {
        for (Cushion cushion : Cushion.values()) {
            Point nose = cushion.nosePoint(1.5, table);
            assertThat(cushion.distanceMillimetres(nose, table)).isCloseTo(0, within(1e-9));
            assertThat(cushion.distanceMillimetres(nose.moved(cushion.inward(), 80), table))
                    .isCloseTo(80, within(1e-9));
        }
        assertThat(Cushion.S.nosePoint(8, table)).isEqualTo(new Point(table.lengthMillimetres(), 0));
        assertThat(Cushion.E.nosePoint(4, table))
                .isEqualTo(new Point(table.lengthMillimetres(), table.widthMillimetres()));
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theMirrorTakesEveryCushionAndPocketToItsImage(TableSpec table) {
        for (Cushion cushion : Cushion.values()) {
            assertThat(cushion.mirrored().mirrored()).isEqualTo(cushion);
            assertThat(cushion.mirrored().isLong()).isEqualTo(cushion.isLong());
            Point place = new Point(310, 170);
            assertThat(cushion.mirrored().distanceMillimetres(image(place, table), table))
                    .as(cushion + "")
                    .isCloseTo(cushion.distanceMillimetres(place, table), within(1e-9));
        }
        TablePlan plan = TablePlan.of(table);
        for (PocketName name : PocketName.values()) {
            assertThat(name.mirrored().mirrored()).isEqualTo(name);
            assertThat(name.mirrored().isSide()).isEqualTo(name.isSide());
            Point image = image(plan.pocket(name).captureCentre(), table);
            assertThat(plan.pocket(name.mirrored()).captureCentre().distanceMillimetres(image))
                    .as(name + "")
                    .isCloseTo(0, within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("presets")
    void theDrawnEdgeFollowsNoseJawsAndFacings(TableSpec table) {
        for (NoseSegment segment : TablePlan.of(table).noseSegments()) {
            List<Point> outline = CushionOutline.of(segment);
            assertThat(outline).hasSizeGreaterThan(8);
            assertThat(outline).anyMatch(point -> isAt(point, segment.start()));
            assertThat(outline).anyMatch(point -> isAt(point, segment.end()));
            assertThat(outline).anyMatch(point -> isAt(point, segment.startJaw().facingEnd()));
            assertThat(outline).anyMatch(point -> isAt(point, segment.endJaw().facingEnd()));
            for (Point point : outline) {
                assertThat(segment.cushion().distanceMillimetres(point, table))
                        .as("no part of a cushion is drawn over the cloth")
                        .isLessThan(1e-9);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("presets")
    void aDrawnJawIsNeverFarFromItsArc(TableSpec table) {
        for (NoseSegment segment : TablePlan.of(table).noseSegments()) {
            Jaw jaw = segment.endJaw();
            List<Point> outline = CushionOutline.of(segment);
            int from = indexOf(outline, jaw.noseEnd());
            int to = indexOf(outline, jaw.arcEnd());
            assertThat(to).isGreaterThan(from);
            for (int i = from; i < to; i++) {
                Point one = outline.get(i);
                Point next = outline.get(i + 1);
                Point middle = new Point(
                        (one.xMillimetres() + next.xMillimetres()) / 2, (one.yMillimetres() + next.yMillimetres()) / 2);
                assertThat(middle.distanceMillimetres(jaw.arcCentre()))
                        .isCloseTo(jaw.arcRadiusMillimetres(), within(0.15));
            }
        }
    }

    private static int indexOf(List<Point> outline, Point wanted) {
        for (int i = outline.size() - 1; i >= 0; i--) {
            if (isAt(outline.get(i), wanted)) {
                return i;
            }
        }
        throw new AssertionError(wanted + " is not in " + outline);
    }

    private static boolean isAt(Point point, Point wanted) {
        return point.distanceMillimetres(wanted) < 1e-6;
    }

    private static Point image(Point point, TableSpec table) {
        return new Point(point.xMillimetres(), table.widthMillimetres() - point.yMillimetres());
    }
}
