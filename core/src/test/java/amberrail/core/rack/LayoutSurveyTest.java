package amberrail.core.rack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.grading.Band;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Layouts made by hand whose answers a player sees at a glance (racks.md, proof 1). The 9 ft table is 2540 by 1270 mm, a ball 57.15 mm. */
class LayoutSurveyTest {
    private static LayoutSurvey survey(String game, String... balls) {
        return LayoutSurvey.of(
                RackSetUps.inHand(game, balls), RackSetUps.student(Band.SLATE).errors());
    }

    private static LayoutSurvey.Ball ball(LayoutSurvey survey, String id) {
        return survey.balls().stream()
                .filter(ball -> ball.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The pockets that are at least half open to a ball. */
    private static Set<PocketName> open(LayoutSurvey survey, String id) {
        return ball(survey, id).pockets().stream()
                .filter(pocket -> pocket.freeShare() >= 0.5)
                .map(LayoutSurvey.OpenPocket::pocket)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    record Clustered(String what, List<String> balls, List<List<String>> clusters) {
        @Override
        public String toString() {
            return what;
        }
    }

    static Stream<Clustered> clustered() {
        return Stream.of(
                new Clustered("one ball alone", List.of("1 1270 635"), List.of()),
                new Clustered("two far apart", List.of("1 700 400", "2 1800 900"), List.of()),
                new Clustered(
                        "two that touch in the open",
                        List.of("1 1270 635", "2 1327.15 635"),
                        List.of(List.of("1", "2"))),
                new Clustered(
                        "a gap of ten millimetres", List.of("1 1270 635", "2 1337.2 635"), List.of(List.of("1", "2"))),
                new Clustered("a gap of twenty millimetres", List.of("1 1270 635", "2 1347.2 635"), List.of()),
                new Clustered(
                        "a chain of three, the ends not near each other",
                        List.of("1 1200 635", "2 1262 635", "3 1324 635"),
                        List.of(List.of("1", "2", "3"))),
                new Clustered(
                        "two pairs",
                        List.of("1 600 300", "2 660 300", "3 1900 900", "4 1900 960"),
                        List.of(List.of("1", "2"), List.of("3", "4"))),
                new Clustered("a pair on the cushion", List.of("1 900 27.6", "2 960 27.6"), List.of(List.of("1", "2"))),
                new Clustered(
                        "a pair and one that only lies near",
                        List.of("1 900 300", "2 960 300", "3 930 400"),
                        List.of(List.of("1", "2"))),
                new Clustered(
                        "a triangle of three",
                        List.of("1 1905 635", "2 1954.6 606.3", "3 1954.6 663.7"),
                        List.of(List.of("1", "2", "3"))));
    }

    @ParameterizedTest
    @MethodSource("clustered")
    void ballsThatTieEachOtherUp(Clustered layout) {
        assertThat(survey("anyOrder-5", layout.balls().toArray(String[]::new)).clusters())
                .isEqualTo(layout.clusters());
    }

    record Opened(String what, List<String> balls, String of, Set<PocketName> pockets) {
        @Override
        public String toString() {
            return what;
        }
    }

    static Stream<Opened> opened() {
        return Stream.of(
                new Opened("the middle of the table", List.of("1 1270 635"), "1", Set.of(PocketName.values())),
                new Opened(
                        "frozen to a long cushion: along it, and no side pocket",
                        List.of("1 600 27.6"),
                        "1",
                        Set.of(PocketName.SW, PocketName.SE)),
                new Opened(
                        "in front of the south side pocket: no other from there but the corners across",
                        List.of("1 1270 60"),
                        "1",
                        Set.of(PocketName.S)),
                new Opened(
                        "a ball in the mouth shuts the corner",
                        List.of("1 2100 830", "2 2470 1200"),
                        "1",
                        Set.of(PocketName.SW, PocketName.SE, PocketName.S, PocketName.N, PocketName.NW)),
                new Opened(
                        "a ball behind shuts the side pocket that lies that way",
                        List.of("1 2100 830", "2 1900 630"),
                        "1",
                        Set.of(PocketName.SW, PocketName.SE, PocketName.NE, PocketName.N, PocketName.NW)));
    }

    @ParameterizedTest
    @MethodSource("opened")
    void pocketsThatAreOpen(Opened layout) {
        LayoutSurvey survey = survey("anyOrder-5", layout.balls().toArray(String[]::new));
        if (layout.what().startsWith("in front")) {
            assertThat(open(survey, layout.of())).contains(PocketName.S);
            assertThat(ball(survey, "1").pockets().get(0).chanceFromUsual()).isGreaterThan(0.95);
        } else {
            assertThat(open(survey, layout.of())).isEqualTo(layout.pockets());
        }
    }

    @Test
    void halfOfAPocketIsHiddenByABallWhoseEdgeLiesOnTheLine() {
        RackPosition alone = RackSetUps.inHand("anyOrder-3", "1 1740 470");
        Opening free = alone.openings().stream()
                .filter(opening -> opening.pocket().name() == PocketName.NE)
                .findFirst()
                .orElseThrow();
        double x = 1740 + 500 * Math.cos(free.bearing()) - 57.15 * Math.sin(free.bearing());
        double y = 470 + 500 * Math.sin(free.bearing()) + 57.15 * Math.cos(free.bearing());
        LayoutSurvey survey = survey("anyOrder-3", "1 1740 470", "2 %.3f %.3f".formatted(x, y));
        LayoutSurvey.OpenPocket half = ball(survey, "1").pockets().stream()
                .filter(pocket -> pocket.pocket() == PocketName.NE)
                .findFirst()
                .orElseThrow();
        assertThat(half.freeShare()).isCloseTo(0.5, within(0.02));
        assertThat(half.openingMilliradians()).isCloseTo(1e3 * free.half(), within(0.5));
    }

    @Test
    void aBlockerIsOneWhoseGoingOpensAPocket() {
        LayoutSurvey one = survey("anyOrder-5", "1 2100 830", "2 2470 1200");
        assertThat(ball(one, "2").opens()).containsExactly("1");
        // Across the table, the 2 would go into the south-west corner.
        assertThat(ball(one, "1").opens()).containsExactly("2");
        LayoutSurvey two = survey("anyOrder-5", "1 2100 830", "2 2470 1200", "3 2360 1090");
        assertThat(ball(two, "2").opens()).doesNotContain("1");
        assertThat(ball(two, "3").opens()).doesNotContain("1");
    }

    /** Frozen to the cushion, with a neighbour on either side. */
    private static final String[] WEDGED = {"1 1900 27.6", "2 2060 27.6", "3 1740 27.6"};

    @Test
    void aBallThatIsWedgedInIsTroubleWhenItMustGoFirst() {
        LayoutSurvey inOrder = survey("numberOrder-6", WEDGED);
        assertThat(ball(inOrder, "1").problem()).isTrue();
        assertThat(ball(inOrder, "1").pockets()).isEmpty();
    }

    @Test
    void nothingIsTroubleThatAnotherOrderSolves() {
        LayoutSurvey anyOrder = survey("anyOrder-3", WEDGED);
        assertThat(ball(anyOrder, "1").pockets()).isEmpty();
        assertThat(ball(anyOrder, "1").problem()).isFalse();
        assertThat(ball(anyOrder, "2").opens()).contains("1");
    }

    @Test
    void ballsOfTheOtherGroupNeverMakeWay() {
        String[] wedged = {"1 1900 27.6", "9 2060 27.6", "10 1740 27.6", "8 1270 635"};
        assertThat(ball(survey("groupThenLast-low", wedged), "1").problem()).isTrue();
        String[] mates = {"1 1900 27.6", "2 2060 27.6", "3 1740 27.6", "8 1270 635"};
        assertThat(ball(survey("groupThenLast-low", mates), "1").problem()).isFalse();
    }

    @Test
    void onAnOpenTableThereIsNoTrouble() {
        LayoutSurvey survey = survey("anyOrder-5", "1 400 300", "2 900 900", "3 1500 400", "4 2000 900", "5 2200 300");
        assertThat(survey.clusters()).isEmpty();
        assertThat(survey.balls()).noneMatch(LayoutSurvey.Ball::problem);
        assertThat(survey.balls())
                .allMatch(ball -> ball.opens().isEmpty() || !ball.pockets().isEmpty());
    }

    @Test
    void onlyTheLastButOneCanBeTheKeyWhereNumbersCount() {
        LayoutSurvey survey = survey("numberOrder-6", "4 400 300", "5 1500 400", "6 2000 900");
        assertThat(survey.keys())
                .isNotEmpty()
                .allMatch(key -> key.last().equals("6") && key.key().equals("5"));
    }

    @Test
    void aLastBallOverThePocketIsReachedFromAnywhereAndOneOnTheCushionIsNot() {
        LayoutSurvey easy = survey("groupThenLast-low", "1 1700 900", "2 900 400", "8 2470 1200");
        LayoutSurvey hard = survey("groupThenLast-low", "1 1700 900", "2 900 400", "8 1000 27.6");
        assertThat(easy.keys()).hasSize(2).allMatch(key -> key.last().equals("8"));
        assertThat(easy.keys().get(0).chance()).isGreaterThan(0.9);
        assertThat(hard.keys().get(0).chance()).isLessThan(easy.keys().get(0).chance());
        assertThat(hard.keys().get(0).chance())
                .isGreaterThanOrEqualTo(hard.keys().get(1).chance());
    }

    @Test
    void anyBallMayBeTheLastWhereTheOrderIsFree() {
        LayoutSurvey survey = survey("anyOrder-3", "1 400 300", "2 1500 400");
        assertThat(survey.keys().stream().map(key -> key.key() + " before " + key.last()))
                .containsExactlyInAnyOrder("2 before 1", "1 before 2");
    }

    @Test
    void chancesFallWithTheBand() {
        String[] balls = {"1 1270 635", "2 600 300"};
        double before = 1;
        for (Band band : List.of(Band.AMBER, Band.BRASS, Band.SLATE, Band.BAIZE, Band.CHALK)) {
            LayoutSurvey survey = LayoutSurvey.of(
                    RackSetUps.inHand("anyOrder-3", balls),
                    RackSetUps.student(band).errors());
            double chance = ball(survey, "1").pockets().get(0).chanceFromUsual();
            assertThat(chance).isLessThan(before).isBetween(0.0, 1.0);
            before = chance;
        }
    }

    @Test
    void everyNumberOfEveryScatteredLayoutMakesSense() {
        for (int seed = 0; seed < 40; seed++) {
            RackPosition position = MadeUpLayouts.scattered(
                            RackGames.byKey("anyOrder-15"), RackSetUps.POOL, 310_000 + seed)
                    .on(RackSetUps.POOL);
            LayoutSurvey survey =
                    LayoutSurvey.of(position, RackSetUps.student(Band.BRASS).errors());
            assertThat(survey.balls()).hasSize(15);
            assertThat(survey.balls().stream().flatMap(ball -> ball.pockets().stream()))
                    .allSatisfy(pocket -> {
                        assertThat(pocket.freeShare()).isBetween(0.0, 1.0 + 1e-9);
                        assertThat(pocket.chanceFromUsual()).isBetween(0.0, pocket.chanceFromBest() + 1e-12);
                        assertThat(pocket.openingMillimetres()).isNotNegative();
                        assertThat(RackSetUps.POOL.plan.holds(pocket.best(), RackSetUps.POOL.cueBall))
                                .isTrue();
                    });
            assertThat(survey.keys()).allSatisfy(key -> assertThat(key.chance()).isBetween(0.0, 1.0));
        }
    }
}
