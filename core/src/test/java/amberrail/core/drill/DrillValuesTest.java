package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import amberrail.core.drill.BallPlacement.Role;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Drills come from files and from the bench: every odd value is refused with its field, and the last value that counts is taken. */
class DrillValuesTest {
    private static final Position MIDDLE = new Position.AtSights(4, 2);
    private static final BallPlacement CUE = new BallPlacement("cue", Role.CUE, MIDDLE);

    static Stream<Arguments> refused() {
        return Stream.of(
                no("along", () -> new Position.AtSights(8.001, 2)),
                no("across", () -> new Position.AtSights(4, -0.001)),
                no("along", () -> new Position.AtSights(Double.NaN, 2)),
                no("spot", () -> new Position.OnSpot(" ", 0, 0)),
                no("dxMillimetres", () -> new Position.OnSpot("foot", Double.POSITIVE_INFINITY, 0)),
                no("ballWidths", () -> new Position.OffCushion(Cushion.E, -0.1, 2)),
                no("sightsAlong", () -> new Position.OffCushion(Cushion.E, 0, 9)),
                no("ballWidths", () -> new Position.OffPocket(PocketName.NE, 61, 0)),
                no("bearingDegrees", () -> new Position.OffPocket(PocketName.NE, 2, 90)),
                no("ball", () -> new Position.TouchingBall("", 0)),
                no("cutDegrees", () -> new Position.ForPot("1", PocketName.N, 90, 300)),
                no("distanceMillimetres", () -> new Position.ForPot("1", PocketName.N, 0, Double.NaN)),
                no("radiusMillimetres", () -> ZonePlan.CircleZone.of(MIDDLE, 0)),
                no("points", () -> new ZonePlan.Ring(50, 0)),
                no("rings", () -> rings(200, new ZonePlan.Ring(100, 2), new ZonePlan.Ring(100, 1))),
                no("rings", () -> rings(200, new ZonePlan.Ring(201, 2))),
                no("semiMinorMillimetres", () -> new ZonePlan.EllipseZone(MIDDLE, 100, -1, 0)),
                no("angleDegrees", () -> new ZonePlan.EllipseZone(MIDDLE, 100, 50, Double.NaN)),
                no("widthMillimetres", () -> new ZonePlan.RectangleZone(MIDDLE, 100, 0, 0)),
                no("corners", () -> new ZonePlan.PolygonZone(List.of(MIDDLE, MIDDLE))),
                no("corners", () -> new ZonePlan.PolygonZone(Collections.nCopies(41, MIDDLE))),
                no("toSights", () -> new ZonePlan.BandZone(Cushion.S, 100, 3, 3)),
                no("toSights", () -> new ZonePlan.BandZone(Cushion.E, 100, 1, 4.5)),
                no("widthMillimetres", () -> new ZonePlan.CorridorZone(MIDDLE, MIDDLE, -5)),
                no("withinMillimetres", () -> new ZonePlan.NearCushionZone(Cushion.N, 0)),
                no("sightsAlong", () -> new Demand.ReachCushionPoint(Cushion.W, 4.1, 50)),
                no("toleranceMillimetres", () -> new Demand.ReachCushionPoint(Cushion.W, 2, 0)),
                no("cushions", () -> new Demand.UseCushions(List.of())),
                no("cushions", () -> new Demand.UseCushions(Collections.nCopies(7, Cushion.E))),
                no("least", () -> new Demand.CushionsFirst(6)),
                no("balls", () -> new Demand.TouchBalls(List.of(), true)),
                no("balls", () -> new Demand.LeaveAlone(List.of("1", "1"))),
                no("ball", () -> new Demand.HideFrom("x".repeat(21))),
                no("balls", () -> shot(List.of(new BallPlacement("1", Role.OBJECT, MIDDLE)))),
                no("balls", () -> shot(List.of(CUE, new BallPlacement("other", Role.CUE, MIDDLE)))),
                no("balls.label", () -> shot(List.of(CUE, new BallPlacement("cue", Role.OBJECT, MIDDLE)))),
                no("balls", () -> shot(manyBalls(23))),
                no(
                        "demands",
                        () -> shot(
                                List.of(CUE),
                                Demand.PotBall.of("1", PocketName.N),
                                Demand.PotBall.of("2", PocketName.S))),
                no("shots", () -> station(List.of())),
                no("shots", () -> station(Collections.nCopies(17, shot(List.of(CUE))))),
                no(
                        "name",
                        () -> new Station(
                                "", List.of(shot(List.of(CUE))), new AdvancingRule.InARow(3, 20), Optional.empty())),
                no("words", () -> new DrillTags("own", null, true, true, null, Collections.nCopies(21, "word"))),
                no("title", () -> drill("x".repeat(81), "", 10, List.of("pool-9ft"), 1)),
                no("title", () -> drill("bell\u0007", "", 10, List.of("pool-9ft"), 1)),
                no("purpose", () -> drill("Good", "x".repeat(401), 10, List.of("pool-9ft"), 1)),
                no("minutes", () -> drill("Good", "", 0, List.of("pool-9ft"), 1)),
                no("tables", () -> drill("Good", "", 10, List.of(), 1)),
                no("stations", () -> drill("Good", "", 10, List.of("pool-9ft"), 21)));
    }

    @ParameterizedTest(name = "{index}: {0}")
    @MethodSource("refused")
    void anOddValueIsRefusedWithItsField(String field, Executable made) {
        assertThatThrownBy(made::execute).isInstanceOfSatisfying(InvalidInputException.class, e -> {
            assertThat(e.field()).isEqualTo(field);
            assertThat(e.getMessage()).contains("must");
        });
    }

    @Test
    void theLastValueThatCountsIsTaken() throws Throwable {
        new Position.AtSights(8, 4);
        new Position.OffPocket(PocketName.NE, 60, -89);
        new ZonePlan.BandZone(Cushion.E, 100, 0, 4);
        rings(200, new ZonePlan.Ring(100, 100), new ZonePlan.Ring(200, 1));
        shot(manyBalls(22));
        station(Collections.nCopies(16, shot(List.of(CUE))));
        Drill drill = drill("x".repeat(80), "x".repeat(400), 240, List.of("pool-9ft"), 20);
        assertThat(drill.station(19).name()).isEqualTo("Station");
    }

    @Test
    void aDrillMayBeWithoutDemandsWhileItIsDesigned() {
        Shot unfinished = new Shot(List.of(CUE), null, ArrivalLine.AIM);
        assertThat(unfinished.demands()).isEmpty();
        assertThat(unfinished.pot()).isEmpty();
        assertThat(unfinished.landing()).isEmpty();
    }

    @Test
    void aStationThatIsNotThereIsNamed() {
        Drill drill = drill("Two", "", 10, List.of("pool-9ft"), 2);
        for (int index : new int[] {-1, 2, Integer.MAX_VALUE}) {
            assertThatThrownBy(() -> drill.station(index)).isInstanceOfSatisfying(InvalidInputException.class, e -> {
                assertThat(e.code()).isEqualTo(ProblemCode.UNKNOWN_ID);
                assertThat(e.value()).isEqualTo(index);
            });
        }
    }

    @Test
    void anotherNameAndVersionLeaveAllElseAsItWas() {
        Drill drill = drill("One", "why", 25, List.of("pool-9ft", "pool-8ft"), 3);
        Drill copy = drill.as("copy", 7, "Copy");
        assertThat(copy.id()).isEqualTo("copy");
        assertThat(copy.version()).isEqualTo(7);
        assertThat(copy.title()).isEqualTo("Copy");
        assertThat(copy.as(drill.id(), drill.version(), drill.title())).isEqualTo(drill);
    }

    @Test
    void onlyTheCueBallMovesWhenItIsMoved() {
        Shot shot = shot(List.of(CUE, new BallPlacement("1", Role.OBJECT, MIDDLE)));
        Position corner = new Position.AtSights(0.5, 0.5);
        Shot moved = shot.withCueBallAt(corner);
        assertThat(moved.cueBall().position()).isEqualTo(corner);
        assertThat(moved.balls().get(1)).isEqualTo(shot.balls().get(1));
        assertThat(moved.withCueBallAt(MIDDLE)).isEqualTo(shot);
    }

    @Test
    void zonesGrowWithTheTableOnlyWhereTheyCountInSights() {
        assertThat(drill("One", "", 10, List.of("pool-9ft"), 1).zoneScale(3569, 2540))
                .isEqualTo(1);
    }

    private static Arguments no(String field, Executable made) {
        return arguments(field, made);
    }

    private static ZonePlan rings(double radius, ZonePlan.Ring... rings) {
        return new ZonePlan.CircleZone(MIDDLE, radius, List.of(rings));
    }

    private static List<BallPlacement> manyBalls(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> i == 0 ? CUE : new BallPlacement("b" + i, Role.OBJECT, MIDDLE))
                .toList();
    }

    private static Shot shot(List<BallPlacement> balls, Demand... demands) {
        return new Shot(balls, List.of(demands), ArrivalLine.AIM);
    }

    private static Station station(List<Shot> shots) {
        return new Station("Station", shots, new AdvancingRule.InARow(3, 20), Optional.empty());
    }

    private static Drill drill(String title, String purpose, int minutes, List<String> tables, int stations) {
        return new Drill(
                "test",
                1,
                title,
                Skill.POSITION,
                purpose,
                "",
                "",
                minutes,
                tables,
                false,
                false,
                null,
                null,
                null,
                new DrillTags("test", Set.of(), true, true, Set.of(), List.of()),
                Collections.nCopies(stations, station(List.of(shot(List.of(CUE))))));
    }
}
