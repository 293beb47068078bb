package amberrail.core.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.Skill;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** A pot whose cue ball goes to the lower cushion: where it meets it, and what a mark beside that says. */
class CushionMarkTest {
    private static final SetUp SET_UP = new SetUp(
            new Shot(
                    List.of(
                            new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(5.2, 2.4)),
                            new BallPlacement(
                                    "cue", BallPlacement.Role.CUE, new Position.ForPot("1", PocketName.NE, 30, 300))),
                    List.of(Demand.PotBall.of("1", PocketName.NE)),
                    ArrivalLine.NATURAL_ROLL),
            false,
            TablePresets.POOL_9FT,
            1,
            false,
            Skill.POSITION);

    private static PlannedStroke stroke(double pace, double height) {
        return RecipeSolver.ofStroke(SET_UP.task(), pace, height, 0)
                .orElseThrow()
                .stroke();
    }

    private static CushionMark mark(PlannedStroke stroke, double ability) {
        return CushionMark.of(SET_UP.task(), stroke, ExecutionErrors.ofAbility(ability))
                .orElseThrow();
    }

    @Test
    void higherGoesFartherOnAndTheSlopeSaysByHowMuch() {
        CushionMark low = mark(stroke(2, -6), 3);
        CushionMark middle = mark(stroke(2, -3), 3);
        assertThat(middle.cushion()).isEqualTo(Cushion.S);
        assertThat(middle.sights()).isGreaterThan(low.sights());
        double mean = (low.sightsPerMillimetre() + middle.sightsPerMillimetre()) / 2;
        assertThat(middle.sights() - low.sights()).isCloseTo(3 * mean, within(0.4 * 3 * mean));
    }

    @Test
    void whoErrsMoreSpreadsMore() {
        PlannedStroke stroke = stroke(2, -4);
        assertThat(mark(stroke, -1.5).spreadSights())
                .isGreaterThan(1.5 * mark(stroke, 1.5).spreadSights());
    }

    @Test
    void aStrokeThatMeetsNoCushionHasNoMark() {
        PlannedStroke soft = stroke(2, -4).withPace(0.25);
        assertThat(CushionMark.of(SET_UP.task(), soft, ExecutionErrors.NONE)).isEmpty();
    }

    /** Marks in mm along the cushion, as they are kept; those on another cushion do not count. */
    @Test
    void aDaysMarksAreReadByTip() {
        CushionMark stun = new CushionMark(Cushion.S, 6, 0.1, 0.10, 0.010);
        CushionMark high = new CushionMark(Cushion.S, 7, 0.1, 0.10, 0.010);
        double sight = TablePresets.POOL_9FT.lengthMillimetres() / 8;
        List<MarkReading.Mark<String>> marks = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            marks.add(new MarkReading.Mark<>("stun", Cushion.S, 6 * sight));
            marks.add(new MarkReading.Mark<>("high", Cushion.S, 6.8 * sight));
            marks.add(new MarkReading.Mark<>("high", Cushion.E, 300));
        }
        MarkReading.OfDay<String> day = MarkReading.of(
                        marks, new TreeMap<>(Map.of("stun", stun, "high", high)), TablePresets.POOL_9FT)
                .orElseThrow();
        assertThat(day.tips().get("high").isClear()).isTrue();
        assertThat(day.tips().get("high").amount()).isBetween(-2.0, -1.0);
        assertThat(day.tips().get("stun").isClear()).isFalse();
        assertThat(MarkReading.of(marks.subList(2, 3), Map.of("high", high), TablePresets.POOL_9FT))
                .as("a mark on another cushion alone")
                .isEmpty();
    }

    @Test
    void oneTipThatLiesAsideIsItsTipAndAllTogetherArePace() {
        CushionMark low = new CushionMark(Cushion.S, 5.5, 0.1, 0.10, 0.010);
        CushionMark middle = new CushionMark(Cushion.S, 6.2, 0.1, 0.10, 0.012);
        CushionMark high = new CushionMark(Cushion.S, 6.9, 0.1, 0.08, 0.014);
        MarkReading lower = MarkReading.of(List.of(
                new MarkReading.Observed(low, 0, 0.01),
                new MarkReading.Observed(middle, 0, 0.01),
                new MarkReading.Observed(high, -0.16, 0.01)));
        assertThat(lower.pacePercent().isClear()).isFalse();
        assertThat(lower.tips().get(2).isClear()).isTrue();
        assertThat(lower.tips().get(2).amount()).isBetween(-2.0, -1.2);
        assertThat(lower.tips().get(1).isClear()).isFalse();
        MarkReading few = MarkReading.of(List.of(new MarkReading.Observed(high, -0.16, 1)));
        assertThat(few.tips().get(0).isClear()).isFalse();
    }
}
