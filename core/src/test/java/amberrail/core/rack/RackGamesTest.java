package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static amberrail.core.rack.RackSetUps.SNOOKER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePresets;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class RackGamesTest {
    private static List<String> on(RackPosition position) {
        return Arrays.stream(position.on())
                .mapToObj(ball -> position.game().balls().get(ball).id())
                .toList();
    }

    @Test
    void gamesThatThePaperNames() {
        assertThat(RackGames.all().stream().map(RackGame::key))
                .contains(
                        "anyOrder-3",
                        "anyOrder-15",
                        "numberOrder-6",
                        "numberOrder-9",
                        "numberOrder-10",
                        "groupThenLast-low",
                        "groupThenLast-high",
                        "lineUp-6",
                        "lineUp-10",
                        "lineUp-15",
                        "coloursOnly")
                .hasSize(22);
        assertThat(RackGames.on(TableKind.SNOOKER)).hasSize(4);
        assertThat(RackGames.on(TableKind.PUB)).hasSize(18);
        assertThatThrownBy(() -> RackGames.byKey("noSuch")).isInstanceOf(InvalidInputException.class);
    }

    @Test
    void onlyTheLowestIsOnWhereNumbersCount() {
        assertThat(on(RackSetUps.inHand("numberOrder-9", "3 500 500", "7 800 300", "9 1000 900")))
                .containsExactly("3");
        assertThat(on(RackSetUps.inHand("anyOrder-3", "1 500 500", "2 800 300")))
                .containsExactly("1", "2");
    }

    @Test
    void theLastBallIsOnWhenTheGroupIsGone() {
        assertThat(on(RackSetUps.inHand("groupThenLast-high", "8 500 500", "3 800 300", "12 1000 900")))
                .containsExactly("12");
        assertThat(on(RackSetUps.inHand("groupThenLast-high", "8 500 500", "3 800 300")))
                .containsExactly("8");
    }

    @Test
    void aRedThenAColourThenColoursInOrder() {
        RackGame game = RackGames.byKey("lineUp-6");
        boolean[] onTable = new boolean[game.balls().size()];
        onTable[game.ballIndex("red 1")] = true;
        for (String colour : List.of("yellow", "green", "brown", "blue", "pink", "black")) {
            onTable[game.ballIndex(colour)] = true;
        }
        int red = 0;
        assertThat(game.on(red, onTable)).containsExactly(game.ballIndex("red 1"));
        onTable[game.ballIndex("red 1")] = false;
        int colour = game.after(red, onTable);
        assertThat(game.on(colour, onTable)).hasSize(6);
        int inOrder = game.after(colour, onTable);
        assertThat(game.on(inOrder, onTable)).containsExactly(game.ballIndex("yellow"));
        onTable[game.ballIndex("yellow")] = false;
        assertThat(game.on(game.after(inOrder, onTable), onTable)).containsExactly(game.ballIndex("green"));
        assertThat(game.balls().stream().mapToInt(RackBall::points).sum()).isEqualTo(6 + 2 + 3 + 4 + 5 + 6 + 7);
    }

    @Test
    void ordersThatTheRulesDoNotAllowAreNamed() {
        RackPosition position = RackSetUps.inHand("numberOrder-6", "2 500 500", "4 800 300", "6 1000 900");
        PlanOrder.requireWhole(position, List.of("2", "4", "6"));
        assertThatThrownBy(() -> PlanOrder.requireLegal(position, List.of("4", "2")))
                .hasMessageContaining("on then: [2]");
        assertThatThrownBy(() -> PlanOrder.requireWhole(position, List.of("2", "4")))
                .hasMessageContaining("leave out 6");
        assertThatThrownBy(() -> PlanOrder.requireLegal(position, List.of("2", "4", "6", "5")))
                .hasMessageContaining("cleared");
        assertThatThrownBy(() -> PlanOrder.requireLegal(position, List.of("17")))
                .isInstanceOf(InvalidInputException.class);
    }

    @Test
    void layoutsThatCannotBeAreNamed() {
        assertThatThrownBy(() -> RackSetUps.inHand("anyOrder-3", "1 500 500", "2 530 500"))
                .hasMessageContaining("from 1");
        assertThatThrownBy(() -> RackSetUps.inHand("anyOrder-3", "1 500 500", "1 700 500"))
                .hasMessageContaining("one place only");
        assertThatThrownBy(() -> RackSetUps.inHand("anyOrder-3", "1 5 500")).hasMessageContaining("bed");
        assertThatThrownBy(() -> RackSetUps.inHand("anyOrder-3", "4 500 500")).hasMessageContaining("must be one of");
        assertThatThrownBy(() -> RackSetUps.inHand("anyOrder-3")).hasMessageContaining("struck first");
        assertThatThrownBy(() -> RackSetUps.inHand("groupThenLast-low", "12 500 500"))
                .hasMessageContaining("struck first");
        assertThatThrownBy(() -> RackSetUps.from(510, 500, "anyOrder-3", "1 500 500"))
                .hasMessageContaining("cue ball");
    }

    @Test
    void lineUpsLieOnTheirSpotsOnEverySnookerTable() {
        for (String key : List.of("coloursOnly", "lineUp-6", "lineUp-10", "lineUp-15")) {
            RackLayout layout = StandardLayouts.of(RackGames.byKey(key), SNOOKER);
            assertThat(layout.balls()).hasSameSizeAs(layout.game().balls());
            assertThat(layout.on(SNOOKER).ballsLeft()).isEqualTo(layout.balls().size());
        }
        assertThatThrownBy(() -> StandardLayouts.of(RackGames.byKey("anyOrder-3"), POOL))
                .hasMessageContaining("without a break");
    }

    @Test
    void theEngineBreaksTheSameWayForTheSameSeedAndEveryBallLiesSomewhere() {
        for (String key : List.of("anyOrder-15", "numberOrder-9", "groupThenLast-low", "anyOrder-4")) {
            RackGame game = RackGames.byKey(key);
            RackStudent student = RackSetUps.student(Band.SLATE);
            RackLayout one = MadeUpBreak.of(game, POOL, student, 5);
            assertThat(MadeUpBreak.of(game, POOL, student, 5)).isEqualTo(one);
            assertThat(MadeUpBreak.of(game, POOL, student, 6)).isNotEqualTo(one);
            assertThat(one.cue()).isEmpty();
            assertThat(one.on(POOL).ballsLeft()).isPositive();
        }
        RackTable pub = new RackTable(TablePresets.PUB_7FT);
        RackLayout smaller =
                MadeUpBreak.of(RackGames.byKey("groupThenLast-high"), pub, RackSetUps.student(Band.BAIZE), 9);
        assertThat(smaller.on(pub).isOnTable(smaller.game().ballIndex("8"))).isTrue();
    }

    @Test
    void theCueBallGoesBehindTheLineWhereTheClubSaysSo() {
        RackPosition position = RackSetUps.inHand("anyOrder-3", "1 1900 600");
        HouseRules behind = new HouseRules(true, true, true);
        List<Point> places = CuePlaces.of(position, behind);
        assertThat(places).isNotEmpty().allMatch(place -> place.xMillimetres() <= 2540 / 4.0);
        assertThat(CuePlaces.of(position, HouseRules.USUAL)).anyMatch(place -> place.xMillimetres() > 2540 / 4.0);
    }
}
