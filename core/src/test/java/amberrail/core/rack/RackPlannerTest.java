package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RackPlannerTest {
    private static final RackPlanner PLANNER = new RackPlanner(RackSetUps.student(Band.SLATE));

    private static RackPlan propose(RackPosition position, RackPlan.Locked... locked) {
        return PLANNER.propose(position, List.of(locked), 30, step -> {}, () -> false);
    }

    private static RackPosition scattered(String game, int seed) {
        return MadeUpLayouts.scattered(RackGames.byKey(game), POOL, 320_000 + seed)
                .on(POOL);
    }

    @Test
    void aPlanIsLegalToTheLastBallAndTheSameEveryTime() {
        for (String game : List.of("numberOrder-6", "anyOrder-5", "groupThenLast-low")) {
            RackPosition position = scattered(game, 1);
            RackPlan plan = propose(position);
            List<String> down = plan.steps().stream()
                    .flatMap(step -> Stream.concat(Stream.of(step.ball()), step.also().stream()))
                    .toList();
            assertThat(down).doesNotHaveDuplicates();
            if (plan.complete()) {
                PlanOrder.requireWhole(position, down);
            }
            assertThat(propose(scattered(game, 1))).isEqualTo(plan);
            assertThat(plan.steps().get(0).placed()).isTrue();
            assertThat(plan.steps()).allSatisfy(step -> {
                assertThat(step.chance()).isBetween(0.0, 1.0);
                assertThat(POOL.plan.holds(step.from(), POOL.cueBall)).isTrue();
                assertThat(step.stroke().paceMetresPerSecond()).isBetween(0.5, 6.0);
            });
        }
    }

    @Test
    void stepsAreToldAsTheyAreFoundAndWorkStopsWhenItIsCancelled() {
        List<RackPlan.Step> told = new ArrayList<>();
        RackPlan plan = PLANNER.propose(scattered("anyOrder-5", 2), List.of(), 3, told::add, () -> false);
        assertThat(told).isEqualTo(plan.steps()).hasSize(3);
        assertThatThrownBy(() -> PLANNER.propose(scattered("anyOrder-5", 2), List.of(), 3, told::add, () -> true))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void whatIsLockedStays() {
        RackPosition position = RackSetUps.inHand("anyOrder-3", "1 700 400", "2 1800 900", "3 2000 300");
        RackPlan.Locked third = new RackPlan.Locked("3", Optional.of(PocketName.SE), Optional.empty());
        RackPlan plan = propose(position, third);
        assertThat(plan.steps().get(0).ball()).isEqualTo("3");
        assertThat(plan.steps().get(0).pocket()).isEqualTo(PocketName.SE);
        assertThat(plan.steps().get(0).reason()).isEqualTo(RackPlan.Reason.LOCKED);
        assertThatThrownBy(() -> propose(
                        scattered("numberOrder-6", 3), new RackPlan.Locked("4", Optional.empty(), Optional.empty())))
                .isInstanceOf(InvalidInputException.class);
    }

    @Test
    void aPlannedZoneIsAimedAt() {
        RackPosition position = RackSetUps.from(1700, 700, "anyOrder-3", "1 2100 900", "2 700 400");
        Point near = new Point(2200, 400);
        Point far = new Point(900, 700);
        Point first = zoned(position, near);
        Point second = zoned(position, far);
        assertThat(first.distanceMillimetres(near)).isLessThan(second.distanceMillimetres(near));
        assertThat(second.distanceMillimetres(far)).isLessThan(first.distanceMillimetres(far));
    }

    private static Point zoned(RackPosition position, Point centre) {
        RackPlan.Locked locked =
                new RackPlan.Locked("1", Optional.of(PocketName.NE), Optional.of(new RackPlan.Zone(centre, 250)));
        return propose(position, locked).steps().get(0).landing();
    }

    @Test
    void reasonsSayWhatTheShotIsFor() {
        RackPlan last = propose(RackSetUps.inHand("anyOrder-3", "1 2000 900"));
        assertThat(last.complete()).isTrue();
        assertThat(last.steps().get(0).reason()).isEqualTo(RackPlan.Reason.LAST);
        RackPlan key = propose(RackSetUps.inHand("anyOrder-3", "1 700 400", "2 1800 900"));
        assertThat(key.steps().get(0).reason()).isEqualTo(RackPlan.Reason.KEY);
        // The 1 lies on the cushion, the 3 behind it, and the 2 over the corner that it must go to.
        RackPlan opens = new RackPlanner(RackSetUps.student(Band.AMBER))
                .propose(
                        RackSetUps.from(
                                1900, 700, "anyOrder-5", "1 2000 1242.4", "2 2475 1205", "3 1800 1242.4", "4 600 400"),
                        List.of(),
                        30,
                        step -> {},
                        () -> false);
        assertThat(opens.steps())
                .anyMatch(step -> step.ball().equals("2")
                        && step.reason() == RackPlan.Reason.OPENS
                        && step.about().contains("1"));
    }

    @Test
    void whereNoPotIsOnThePlanSaysThatItEndsThere() {
        RackPosition hooked =
                RackSetUps.from(400, 635, "numberOrder-6", "1 1200 635", "2 500 600", "3 500 670", "4 300 560");
        RackPlan plan = propose(hooked);
        assertThat(plan.complete()).isFalse();
        assertThat(plan.steps()).isEmpty();
    }

    @Test
    void theChanceOfALayoutIsTheSameForTheSameSeedAndFallsWithTheBand() {
        RackPosition position = scattered("anyOrder-5", 4);
        RackChance slate = RackChance.of(position, RackSetUps.student(Band.SLATE), 60, 7, () -> false, done -> {});
        assertThat(RackChance.of(position.copy(), RackSetUps.student(Band.SLATE), 60, 7, () -> false, done -> {}))
                .isEqualTo(slate);
        RackChance amber =
                RackChance.of(position.copy(), RackSetUps.student(Band.AMBER), 60, 7, () -> false, done -> {});
        RackChance chalk =
                RackChance.of(position.copy(), RackSetUps.student(Band.CHALK), 60, 7, () -> false, done -> {});
        assertThat(amber.chance()).isGreaterThan(slate.chance());
        assertThat(slate.chance()).isGreaterThanOrEqualTo(chalk.chance());
        assertThat(slate.standardError()).isPositive();
        assertThatThrownBy(() ->
                        RackChance.of(position.copy(), RackSetUps.student(Band.SLATE), 60, 7, () -> true, done -> {}))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void aLineUpCountsPoints() {
        RackTable table = RackSetUps.SNOOKER;
        RackPosition start =
                StandardLayouts.of(RackGames.byKey("coloursOnly"), table).on(table);
        RackChance amber = RackChance.of(start, RackSetUps.student(Band.AMBER), 30, 3, () -> false, done -> {});
        assertThat(amber.points()).isBetween(1.0, 27.0);
        RackPlan plan = new RackPlanner(RackSetUps.student(Band.AMBER))
                .propose(start.copy(), List.of(), 30, step -> {}, () -> false);
        assertThat(plan.steps().get(0).ball()).isEqualTo("yellow");
    }
}
