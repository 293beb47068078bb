package amberrail.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.RuleView;
import amberrail.app.drills.ZoneView;
import amberrail.app.people.Preferences.Dialect;
import amberrail.app.testing.ScreenWords;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Caution;
import amberrail.core.motion.Bridge;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A printed card says what the screen says, in both dialects. */
class PaperWordsTest {
    private static final ZoneView RING = new ZoneView(null, 150.0, null, List.of());
    private static final ZoneView AREA = new ZoneView(null, null, List.of(), null);

    private static Map<String, String> screen(Dialect dialect) {
        return dialect == Dialect.SNOOKER ? ScreenWords.snooker() : ScreenWords.pool();
    }

    private static DemandView demand(
            DemandView.Kind kind,
            List<String> balls,
            Boolean inOrder,
            PocketHalf half,
            List<Cushion> cushions,
            ZoneView zone) {
        return new DemandView(kind, balls, inOrder, PocketName.NE, half, cushions, 2, 2.5, zone, null);
    }

    /** Key of the screen's sentence, the demand, and how the screen fills its {@code {balls}}. */
    static Stream<Arguments> demands() {
        List<Cushion> none = List.of();
        List<Cushion> two = List.of(Cushion.N, Cushion.W);
        List<String> one = List.of("3");
        List<String> pair = List.of("1", "2");
        List<String> cue = List.of("cue");
        return Stream.of(
                Arguments.of("POT", demand(DemandView.Kind.POT, one, null, PocketHalf.ANY, none, null), "3"),
                Arguments.of("POT_LEFT", demand(DemandView.Kind.POT, one, null, PocketHalf.LEFT, none, null), "3"),
                Arguments.of("POT_RIGHT", demand(DemandView.Kind.POT, one, null, PocketHalf.RIGHT, none, null), "3"),
                Arguments.of("POT_VIA", demand(DemandView.Kind.POT, one, null, PocketHalf.ANY, two, null), "3"),
                Arguments.of("LAND_CIRCLE", demand(DemandView.Kind.LAND, cue, null, null, null, RING), "The cue ball"),
                Arguments.of("LAND", demand(DemandView.Kind.LAND, cue, null, null, null, AREA), "The cue ball"),
                Arguments.of("LAND", demand(DemandView.Kind.LAND, one, null, null, null, AREA), "Ball 3"),
                Arguments.of("TOUCH", demand(DemandView.Kind.TOUCH, pair, false, null, null, null), "1, 2"),
                Arguments.of("TOUCH_FIRST", demand(DemandView.Kind.TOUCH, one, true, null, null, null), "3"),
                Arguments.of("TOUCH_IN_ORDER", demand(DemandView.Kind.TOUCH, pair, true, null, null, null), "1, 2"),
                Arguments.of(
                        "CUSHION_POINT",
                        demand(DemandView.Kind.CUSHION_POINT, null, null, null, List.of(Cushion.S), null),
                        ""),
                Arguments.of("CUE_BALL_INTO", demand(DemandView.Kind.CUE_BALL_INTO, null, null, null, null, null), ""),
                Arguments.of("LEAVE_ALONE", demand(DemandView.Kind.LEAVE_ALONE, pair, null, null, null, null), "1, 2"),
                Arguments.of("NOT_CROSS", demand(DemandView.Kind.NOT_CROSS, null, null, null, null, null), ""),
                Arguments.of("STAY_IN", demand(DemandView.Kind.STAY_IN, null, null, null, null, AREA), ""),
                Arguments.of("USE_CUSHIONS", demand(DemandView.Kind.USE_CUSHIONS, null, null, null, two, null), ""),
                Arguments.of(
                        "CUSHIONS_FIRST", demand(DemandView.Kind.CUSHIONS_FIRST, null, null, null, null, null), ""),
                Arguments.of("HIDE_FROM", demand(DemandView.Kind.HIDE_FROM, one, null, null, null, null), "3"));
    }

    @ParameterizedTest
    @MethodSource("demands")
    void aDemandReadsOnPaperAsOnScreen(String key, DemandView demand, String balls) {
        for (Dialect dialect : Dialect.values()) {
            Map<String, String> screen = screen(dialect);
            String cushions = demand.cushions() == null
                    ? ""
                    : String.join(
                            ", ",
                            demand.cushions().stream()
                                    .map(one -> screen.get("cushion." + one))
                                    .toList());
            // Two cushions first, as the demand asks: where there is a form for more than one, that.
            String[] forms = screen.get("drills.demand." + key).split(" \\| ");
            String expected = forms[forms.length - 1]
                    .replace("{n}", "2")
                    .replace("{balls}", balls)
                    .replace("{pocket}", screen.get("pocket.NE"))
                    .replace("{cushions}", cushions)
                    .replace("{radius}", "150 mm")
                    .replace("{sights}", "2.5");
            assertThat(new PaperWords(dialect).demand(demand)).as("%s", dialect).isEqualTo(expected);
        }
    }

    @Test
    void everyKindOfDemandIsHeldToTheScreen() {
        assertThat(demands().map(one -> ((DemandView) one.get()[1]).kind()).distinct())
                .containsExactlyInAnyOrder(DemandView.Kind.values());
    }

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void pocketsAndCushionsHaveOneNameEach(Dialect dialect) {
        PaperWords words = new PaperWords(dialect);
        for (PocketName pocket : PocketName.values()) {
            assertThat(words.pocket(pocket)).isEqualTo(screen(dialect).get("pocket." + pocket));
        }
        for (Cushion cushion : Cushion.values()) {
            assertThat(words.cushion(cushion)).isEqualTo(screen(dialect).get("cushion." + cushion));
        }
        assertThat(Stream.of(PocketName.values()).map(words::pocket).distinct()).hasSize(PocketName.values().length);
    }

    @Test
    void aRuleSaysHowManyOfHowManyAndTheCap() {
        PaperWords words = new PaperWords(Dialect.POOL);
        assertThat(words.rule(new RuleView(RuleView.Kind.IN_A_ROW, 3, null, 20)))
                .isEqualTo("3 in a row, at most 20 tries per session");
        assertThat(words.rule(new RuleView(RuleView.Kind.OF_A_BLOCK, 7, 10, 30)))
                .startsWith("7 of 10,");
        assertThat(words.rule(new RuleView(RuleView.Kind.OF_THE_LAST, 4, 5, 30)))
                .startsWith("4 of the last 5,");
        assertThat(words.rule(new RuleView(RuleView.Kind.WHOLE_RUN, 1, null, 10)))
                .startsWith("a whole run without a miss");
        assertThat(words.rule(new RuleView(RuleView.Kind.POINTS_TOTAL, 12, 6, 18)))
                .startsWith("12 points in 6 tries");
    }

    @Test
    void everyRoleOfABallHasItsWords() {
        PaperWords words = new PaperWords(Dialect.SNOOKER);
        assertThat(Stream.of(BallPlacement.Role.values()).map(role -> words.ball(role, "7")))
                .containsExactlyInAnyOrder("Cue ball", "Ball 7", "Next ball 7", "Blocker 7");
        assertThat(words.sights(2, 1.25)).isEqualTo("sights 2.00 · 1.25");
        assertThat(new PaperWords(Dialect.POOL).sights(2, 1.25)).isEqualTo("diamonds 2.00 · 1.25");
    }

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void cautionsAndBridgesAreSaidInBothDialects(Dialect dialect) {
        PaperWords words = new PaperWords(dialect);
        assertThat(Stream.of(Caution.values()).map(words::caution).distinct()).hasSize(Caution.values().length);
        assertThat(Stream.of(Bridge.values()).map(words::bridge).distinct()).hasSize(Bridge.values().length);
    }
}
