package amberrail.core.grading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.ZonePlan;
import amberrail.core.motion.Bridge;
import amberrail.core.recipe.PreferredRecipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import org.junit.jupiter.api.Test;

class DifficultyTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final StrokeNoise NOISE = StrokeNoise.of(1000, 7);

    @Test
    void ratesThatFallAreMadeLevelAndNothingElseIsTouched() {
        assertThat(Difficulty.isotonic(0.1, 0.3, 0.2, 0.6))
                .containsExactly(new double[] {0.1, 0.25, 0.25, 0.6}, within(1e-12));
        assertThat(Difficulty.isotonic(0.5, 0.4, 0.3)).containsExactly(new double[] {0.4, 0.4, 0.4}, within(1e-12));
        assertThat(Difficulty.isotonic(0.1, 0.2, 0.9)).containsExactly(new double[] {0.1, 0.2, 0.9}, within(1e-12));
    }

    @Test
    void aSmallerZoneIsHarderAndAPatternIsHarderThanItsShot() {
        Difficulty.Played wide = stop(160);
        Difficulty.Played narrow = stop(60);
        Difficulty easy = Difficulty.of(List.of(wide), NOISE);
        Difficulty hard = Difficulty.of(List.of(narrow), NOISE);
        assertThat(easy.decided()).isTrue();
        assertThat(hard.grade()).isGreaterThan(easy.grade() + 50);
        assertThat(Difficulty.of(List.of(wide, wide), NOISE).grade()).isGreaterThan(easy.grade());
        assertThat(hard.standardError()).isBetween(0.0, 0.15);
        assertThat(hard.grade()).isEqualTo(500 + 100 * hard.abilityLogits());
    }

    @Test
    void theStandardErrorIsWhatOtherSeedsScatterBy() {
        Difficulty.Played shot = stop(90);
        double sum = 0;
        double squares = 0;
        double claimed = 0;
        int seeds = 8;
        for (int seed = 0; seed < seeds; seed++) {
            Difficulty one = Difficulty.of(List.of(shot), StrokeNoise.of(400, seed));
            sum += one.abilityLogits();
            squares += one.abilityLogits() * one.abilityLogits();
            claimed += one.standardError() / seeds;
        }
        double scatter = Math.sqrt((squares - sum * sum / seeds) / (seeds - 1));
        assertThat(claimed).isBetween(0.3 * scatter, 3 * scatter);
    }

    @Test
    void whatNobodyCanMakeIsOverTheScale() {
        ShotTask task = stop(90).task();
        ShotTask never = with(task, shot -> false);
        var stroke = stop(90).stroke();
        assertThat(Difficulty.of(List.of(new Difficulty.Played(never, stroke)), NOISE)
                        .decided())
                .isFalse();
        assertThat(Difficulty.of(List.of(new Difficulty.Played(never, stroke)), NOISE)
                        .grade())
                .isGreaterThan(1000);
    }

    /** A factor on every error is an ability less by 1.5 ln 1.3 / ln 1.6 (grading.md). */
    @Test
    void withTheRestAStationIsHarderByWhatItsErrorsAreLarger() {
        Difficulty.Played hand = stop(90);
        Difficulty.Played rest = new Difficulty.Played(hand.task().with(Bridge.REST), hand.stroke());
        double harder = Difficulty.of(List.of(rest), NOISE).abilityLogits()
                - Difficulty.of(List.of(hand), NOISE).abilityLogits();
        assertThat(harder).isCloseTo(1.5 * Math.log(1.3) / Math.log(1.6), within(0.12));
    }

    private static ShotTask with(
            ShotTask task, java.util.function.Predicate<amberrail.core.simulation.PlayedShot> success) {
        return new ShotTask(
                task.table(),
                task.physics(),
                task.level(),
                task.balls(),
                task.cueBall(),
                task.aim(),
                task.aimTest(),
                success,
                task.target(),
                false,
                task.teaching(),
                task.bridge());
    }

    /** A stop shot over 40 cm with a ring of this radius, and its usual recipe. */
    private static Difficulty.Played stop(double radiusMillimetres) {
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(6.2, 3.1)),
                        new BallPlacement(
                                "cue", BallPlacement.Role.CUE, new Position.ForPot("1", PocketName.NE, 0, 400))),
                List.of(
                        Demand.PotBall.of("1", PocketName.NE),
                        new Demand.Land(
                                "cue",
                                ZonePlan.CircleZone.of(
                                        new Position.ForPot("1", PocketName.NE, 0, 0), radiusMillimetres))),
                ArrivalLine.AIM);
        ShotLayout layout = ShotLayout.of(shot, PLAN, TablePresets.POOL_9FT.balls(), false);
        ShotTask task = ShotTasks.of(layout, PLAN.spec(), false);
        return new Difficulty.Played(
                task,
                PreferredRecipe.of(RecipeSolver.solve(task), Teaching.NOTHING)
                        .orElseThrow()
                        .stroke());
    }
}
