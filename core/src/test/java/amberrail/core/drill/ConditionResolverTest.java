package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Demands in anchored words, put on tables and mirrored. */
class ConditionResolverTest {
    private static final TableSpec POOL = TablePresets.POOL_9FT;
    private static final double C = POOL.noseDistanceMillimetres(POOL.balls().cueBall());

    @Test
    void aBandBeginsWhereABallTouchesItsCushion() {
        for (Cushion cushion : Cushion.values()) {
            Zone band = zone(new ZonePlan.BandZone(cushion, 100, 1, 3), POOL, false);
            Point middle = switch (cushion) {
                case S -> new Point(2 * 317.5, C);
                case N -> new Point(2 * 317.5, 1270 - C);
                case W -> new Point(C, 635);
                case E -> new Point(2540 - C, 635);
            };
            assertThat(band.contains(middle)).as(cushion + " touching").isTrue();
            assertThat(band.contains(middle.moved(cushion.inward(), 99.9))).isTrue();
            assertThat(band.contains(middle.moved(cushion.inward(), 100.1))).isFalse();
        }
    }

    @Test
    void asNearAsPossibleRunsTheWholeCushion() {
        Zone near = zone(new ZonePlan.NearCushionZone(Cushion.S, 60), POOL, false);
        assertThat(near.contains(new Point(100, C + 59))).isTrue();
        assertThat(near.contains(new Point(2440, C + 59))).isTrue();
        assertThat(near.contains(new Point(1270, C + 61))).isFalse();
    }

    @Test
    void aCorridorLiesAlongItsLine() {
        ZonePlan plan = new ZonePlan.CorridorZone(new Position.AtSights(2, 1), new Position.AtSights(4, 3), 80);
        Zone corridor = zone(plan, POOL, false);
        Point from = new Point(635, 317.5);
        Point to = new Point(1270, 952.5);
        assertThat(corridor.contains(from)).isTrue();
        assertThat(corridor.contains(to)).isTrue();
        assertThat(corridor.contains(from.moved(from.towards(to), -1))).isFalse();
        Point middle = new Point(952.5, 635);
        assertThat(corridor.contains(middle.moved(from.towards(to).left(), 39))).isTrue();
        assertThat(corridor.contains(middle.moved(from.towards(to).left(), 41))).isFalse();
    }

    @Test
    void sizesInSightsGrowWithTheTable() {
        ZonePlan plan = ZonePlan.CircleZone.of(new Position.AtSights(4, 2), 100);
        Shot shot = shot(List.of(new Demand.Land("cue", plan)));
        double scale = TablePresets.SNOOKER_12FT.lengthMillimetres() / POOL.lengthMillimetres();
        ShotLayout layout = ShotLayout.of(
                shot, TablePlan.of(TablePresets.SNOOKER_12FT), TablePresets.SNOOKER_12FT.balls(), false, scale);
        Circle circle = (Circle) layout.zone().orElseThrow();
        assertThat(circle.radiusMillimetres()).isCloseTo(100 * 3569 / 2540.0, within(1e-9));
        assertThat(circle.centre()).isEqualTo(new Point(3569 / 2.0, 889));
    }

    @Test
    void theMirrorChangesSidesOfEverythingThatHasSides() {
        List<Demand> demands = List.of(
                new Demand.PotBall("1", PocketName.NE, PocketHalf.LEFT, List.of(Cushion.S)),
                new Demand.ReachCushionPoint(Cushion.E, 1, 100),
                new Demand.ReachCushionPoint(Cushion.S, 3, 100),
                new Demand.UseCushions(List.of(Cushion.E, Cushion.N)),
                new Demand.CueBallInto(PocketName.SW),
                new Demand.NotCross(new Position.AtSights(1, 1), new Position.AtSights(2, 1)));
        List<Condition> mirror = layout(demands, POOL, true).conditions();
        assertThat(mirror.get(0)).isEqualTo(new Condition.Pot(0, PocketName.SE, PocketHalf.RIGHT, List.of(Cushion.N)));
        Condition.CushionPoint end = (Condition.CushionPoint) mirror.get(1);
        assertThat(end.cushion()).isEqualTo(Cushion.E);
        assertThat(end.sightsAlong()).isEqualTo(3);
        Condition.CushionPoint side = (Condition.CushionPoint) mirror.get(2);
        assertThat(side.cushion()).isEqualTo(Cushion.N);
        assertThat(side.sightsAlong()).isEqualTo(3);
        assertThat(mirror.get(3)).isEqualTo(new Condition.Cushions(List.of(Cushion.E, Cushion.S)));
        assertThat(mirror.get(4)).isEqualTo(new Condition.CueBallDrops(PocketName.NW));
        assertThat(((Condition.LineUncrossed) mirror.get(5)).from()).isEqualTo(new Point(317.5, 952.5));
    }

    @Test
    void ballWidthsFromAPocketLieBeforeItsMouth() {
        Shot shot = new Shot(
                List.of(new BallPlacement("cue", BallPlacement.Role.CUE, new Position.OffPocket(PocketName.N, 4, 0))),
                List.of(),
                ArrivalLine.AIM);
        Point place = ShotLayout.of(shot, TablePlan.of(POOL), POOL.balls(), false)
                .cueBall()
                .place();
        assertThat(place.xMillimetres()).isCloseTo(1270, within(1e-9));
        assertThat(place.yMillimetres()).isCloseTo(1270 - 4 * 57.15, within(1e-9));
    }

    @Test
    void zonesThatCannotBeAreRefused() {
        assertThatThrownBy(() ->
                        new ZonePlan.PolygonZone(List.of(new Position.AtSights(1, 1), new Position.AtSights(2, 1))))
                .isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new ZonePlan.BandZone(Cushion.S, 50, 3, 3)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new ZonePlan.CircleZone(
                        new Position.AtSights(1, 1), 100, List.of(new ZonePlan.Ring(80, 2), new ZonePlan.Ring(60, 1))))
                .isInstanceOf(InvalidInputException.class);
        ZonePlan crossed = new ZonePlan.PolygonZone(List.of(
                new Position.AtSights(1, 1),
                new Position.AtSights(3, 3),
                new Position.AtSights(3, 1),
                new Position.AtSights(1, 3)));
        assertThatThrownBy(() -> zone(crossed, POOL, false)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    void twoPotsInOneShotAreRefused() {
        assertThatThrownBy(() ->
                        shot(List.of(Demand.PotBall.of("1", PocketName.N), Demand.PotBall.of("1", PocketName.NE))))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("one ball");
    }

    private static Zone zone(ZonePlan plan, TableSpec table, boolean mirrored) {
        return layout(List.of(new Demand.Land("cue", plan)), table, mirrored)
                .zone()
                .orElseThrow();
    }

    private static ShotLayout layout(List<Demand> demands, TableSpec table, boolean mirrored) {
        return ShotLayout.of(shot(demands), TablePlan.of(table), table.balls(), mirrored);
    }

    private static Shot shot(List<Demand> demands) {
        return new Shot(
                List.of(
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(6, 2.5)),
                        new BallPlacement("cue", BallPlacement.Role.CUE, new Position.AtSights(4.5, 1.5))),
                demands,
                ArrivalLine.AIM);
    }
}
