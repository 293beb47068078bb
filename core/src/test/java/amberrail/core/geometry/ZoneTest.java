package amberrail.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ZoneTest {
    private static final long SEED = 7;
    private static final double TABLE_WIDTH_MILLIMETRES = 1270;

    private static final List<Zone> ONE_OF_EACH = List.of(
            new Circle(new Point(900, 450), 60),
            new Ellipse(new Point(900, 450), 90, 40, 25),
            new Rectangle(new Point(900, 450), 150, 60, 30),
            new Polygon(List.of(new Point(850, 400), new Point(960, 410), new Point(950, 520), new Point(900, 440))));

    @Test
    void theEdgeBelongsToTheZone() {
        assertThat(new Circle(new Point(0, 0), 60).contains(new Point(60, 0))).isTrue();
        assertThat(new Circle(new Point(0, 0), 60).contains(new Point(60.001, 0)))
                .isFalse();
        assertThat(new Ellipse(new Point(0, 0), 60, 20, 90).contains(new Point(0, 60)))
                .isTrue();
        assertThat(new Ellipse(new Point(0, 0), 60, 20, 90).contains(new Point(60, 0)))
                .isFalse();
        assertThat(new Rectangle(new Point(0, 0), 100, 40, 0).contains(new Point(50, 20)))
                .isTrue();
        assertThat(new Rectangle(new Point(0, 0), 100, 40, 0).contains(new Point(50, 20.001)))
                .isFalse();
    }

    @Test
    void aLandingIsInTheMirroredZoneExactlyWhenItsImageIsInTheOriginal() {
        Random random = new Random(SEED);
        for (Zone zone : ONE_OF_EACH) {
            int inside = 0;
            for (int i = 0; i < 2000; i++) {
                Point point = new Point(780 + 240 * random.nextDouble(), 330 + 240 * random.nextDouble());
                Point image = new Point(point.xMillimetres(), TABLE_WIDTH_MILLIMETRES - point.yMillimetres());
                assertThat(zone.mirrored(TABLE_WIDTH_MILLIMETRES).contains(image))
                        .as(zone + " " + point + " seed " + SEED)
                        .isEqualTo(zone.contains(point));
                inside += zone.contains(point) ? 1 : 0;
            }
            assertThat(inside).as("the sample reaches both sides of %s", zone).isBetween(50, 1950);
        }
    }

    @Test
    void aConcavePolygonWithoutItsCentroidTakesTheNearestPointOfItsOutline() {
        Polygon arrow = new Polygon(List.of(new Point(0, 0), new Point(100, 50), new Point(0, 100), new Point(90, 50)));
        Point target = arrow.targetPoint();
        assertThat(arrow.contains(target)).isTrue();
        Polygon square = new Polygon(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10)));
        assertThat(square.targetPoint().distanceMillimetres(new Point(5, 5))).isCloseTo(0, within(1e-9));
    }

    @Test
    void zonesWithoutAnAreaAreRefused() {
        List<Point> line = List.of(new Point(0, 0), new Point(10, 0), new Point(20, 0));
        assertThatThrownBy(() -> new Polygon(line))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(ProblemCode.INVALID_ZONE));
        assertThatThrownBy(() -> new Circle(new Point(0, 0), 0))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        e -> assertThat(e.code()).isEqualTo(ProblemCode.INVALID_PARAMETER));
        assertThatThrownBy(() -> new Rectangle(new Point(0, 0), 10, Double.NaN, 0))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.code()).isEqualTo(ProblemCode.NOT_FINITE));
    }

    @Test
    void anglesStayInTheirWrittenRange() {
        assertThat(Angles.normalDegrees(180)).isEqualTo(180);
        assertThat(Angles.normalDegrees(-180)).isEqualTo(180);
        assertThat(Angles.normalDegrees(540.5)).isEqualTo(-179.5);
        assertThat(Direction.ofDegrees(200).degrees()).isCloseTo(-160, within(1e-9));
    }
}
