package amberrail.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.aiming.PotLine;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotEvent;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSpec;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RecipeSolverTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final BallSpec BALL = TablePresets.POOL_9FT.balls().cueBall();
    private static final double RADIUS = BALL.radiusMillimetres();

    @Test
    void everyRecipeDoesInTheFullSimulationWhatItSays() {
        Scene scene = Scene.pot(new Point(1500, 500), new Point(2000, 900), PocketName.NE);
        Point target = new Point(1900, 350);
        List<Recipe> recipes = RecipeSolver.solve(scene.task(target, 150, true));
        assertThat(recipes).hasSizeGreaterThan(2);
        for (Recipe recipe : recipes) {
            ShotRecord record = scene.play(recipe.stroke());
            Point end = new Point(
                    1000 * record.track("cue").end().x(),
                    1000 * record.track("cue").end().y());
            assertThat(record.track("object").pocket()).as(recipe.toString()).hasValue(PocketName.NE);
            assertThat(end.distanceMillimetres(target)).as(recipe.toString()).isLessThanOrEqualTo(150);
            assertThat(end.distanceMillimetres(recipe.landing()))
                    .as("but for the rounding of the aim")
                    .isLessThan(0.05);
            assertThat(recipe.aim().halfWidthMilliradians()).isPositive();
            assertThat(recipe.success().probability()).isPositive();
            assertThat(recipe.allowed().leaveRoom())
                    .as("nobody can play what may not be off at all")
                    .isTrue();
        }
        assertThat(recipes)
                .as("best first")
                .isSortedAccordingTo((a, b) ->
                        Double.compare(b.success().probability(), a.success().probability()));
        assertThat(recipes.stream()
                        .map(r -> new RecipeGroup(r.way(), r.cushions(), (int)
                                Math.signum(r.stroke().tipSideMillimetres())))
                        .toList())
                .doesNotHaveDuplicates();
    }

    @Test
    void aStopShotCanBePlayedSoftAndLowOrFirmAndNearCentreAndNobodyDrawsForIt() {
        Direction line = new Point(100, 60).towards(new Point(2495, 1225));
        Point object = new Point(2495, 1225).moved(line, -900);
        PotLine straight = PotLine.of(
                PLAN, TablePresets.POOL_9FT.balls(), object.moved(line, -700), object, PLAN.pocket(PocketName.NE));
        Point cue = straight.ghostBall().moved(straight.objectDirection(), -700);
        Scene scene = Scene.pot(cue, object, PocketName.NE);
        List<Recipe> recipes = RecipeSolver.solve(scene.task(straight.ghostBall(), 60, false));
        Recipe stun =
                recipes.stream().filter(r -> r.way() == Way.STUN).findFirst().orElseThrow();
        assertThat(stun.cushions()).isEmpty();
        assertThat(stun.stroke().tipHeightMillimetres()).isNegative();
        assertThat(PreferredRecipe.of(recipes, Teaching.NOTHING))
                .hasValueSatisfying(r -> assertThat(r.way()).isIn(Way.STUN, Way.RUN_THROUGH, Way.DRAW));
        // C4: spin is gone after k (2 - k) v0² / (2 mu g); the solver finds it without knowing the formula.
        double k = -stun.stroke().tipHeightMillimetres() / RADIUS / Math.cos(Math.toRadians(3));
        double v0 = stun.stroke().paceMetresPerSecond();
        double stunPoint = k * (2 - k) * v0 * v0 / (2 * 0.2 * 9.81);
        assertThat(stunPoint).isCloseTo(0.700, within(0.15));
    }

    @Test
    void theJacobianPredictsASmallChangeOfTheStroke() {
        Scene scene = Scene.pot(new Point(1500, 500), new Point(2000, 900), PocketName.NE);
        Recipe recipe =
                RecipeSolver.solve(scene.task(new Point(1900, 350), 150, false)).get(0);
        Direction arrival = Direction.ofDegrees(recipe.arrivalDegrees());
        // To both sides, so that what bends evenly cancels out as it does in the jacobian.
        Point there = scene.landing(recipe.stroke().moved(0.001, 0.05, 0.03));
        Point back = scene.landing(recipe.stroke().moved(-0.001, -0.05, -0.03));
        Point across = there.minus(back);
        LandingJacobian j = recipe.jacobian();
        double line = 0.1 * j.pace().lineMillimetres()
                + 0.05 * j.tipHeight().lineMillimetres()
                + 0.03 * j.aim().lineMillimetres();
        double speed = 0.1 * j.pace().speedMillimetres()
                + 0.05 * j.tipHeight().speedMillimetres()
                + 0.03 * j.aim().speedMillimetres();
        // Its own steps are ten times as large, and three cushions bend what is a line: a tenth of the move.
        double off = Math.hypot(0.5 * across.leftOf(arrival) - line, 0.5 * across.along(arrival) - speed);
        assertThat(off).isLessThan(0.1 + 0.1 * Math.hypot(line, speed));
        assertThat(j.pace().speedMillimetres()).as("harder is longer").isPositive();
    }

    @Test
    void theAllowedErrorsAreWhereItStopsSucceeding() {
        Scene scene = Scene.pot(new Point(1500, 500), new Point(2000, 900), PocketName.NE);
        ShotTask task = scene.task(new Point(1900, 350), 150, false);
        Recipe recipe = RecipeSolver.solve(task).get(0);
        AllowedErrors allowed = recipe.allowed();
        for (double share : new double[] {0.2, 0.5, 0.9, 0.99}) {
            assertThat(succeeds(
                            task,
                            recipe.stroke().moved(share * allowed.pacePercent().above() / 100, 0, 0)))
                    .isTrue();
            assertThat(succeeds(
                            task,
                            recipe.stroke().moved(-share * allowed.pacePercent().below() / 100, 0, 0)))
                    .isTrue();
            assertThat(succeeds(
                            task,
                            recipe.stroke()
                                    .moved(
                                            0,
                                            0,
                                            share * allowed.aimMilliradians().above())))
                    .isTrue();
        }
        for (AllowedErrors.Fault fault : AllowedErrors.Fault.values()) {
            assertThat(succeeds(task, allowed.pastThe(fault, recipe.stroke())))
                    .as(fault + " " + allowed)
                    .isFalse();
        }
    }

    @Test
    void fartherTargetsNeedCushionsAndAnUnreachableOneHasNoRecipe() {
        Scene scene = Scene.pot(new Point(1700, 600), new Point(2000, 900), PocketName.NE);
        List<Recipe> far = RecipeSolver.solve(scene.task(new Point(700, 635), 200, true));
        Set<Integer> cushions =
                far.stream().map(recipe -> recipe.cushions().size()).collect(Collectors.toSet());
        assertThat(cushions).as(far.toString()).anyMatch(count -> count >= 1);
        // In the jaws of the near side pocket's shelf nobody comes to rest.
        assertThat(RecipeSolver.solve(scene.task(new Point(1270, -40), 8, true)))
                .isEmpty();
    }

    @Test
    void aBallInTheWayLeavesNoRecipeRatherThanAWrongOne() {
        Scene open = Scene.pot(new Point(1500, 500), new Point(2000, 900), PocketName.NE);
        PotLine pot = PotLine.of(
                PLAN,
                TablePresets.POOL_9FT.balls(),
                new Point(1500, 500),
                new Point(2000, 900),
                PLAN.pocket(PocketName.NE));
        Point between = pot.ghostBall().moved(pot.aim(), -250);
        Scene blocked = open.with(ball("blocker", between));
        assertThat(RecipeSolver.solve(open.task(new Point(1900, 350), 150, false)))
                .isNotEmpty();
        assertThat(RecipeSolver.solve(blocked.task(new Point(1900, 350), 150, false)))
                .isEmpty();
    }

    @Test
    void aKickIsFoundByLookingEverywhere() {
        // The straight way is closed by a wall of blockers; one cushion is open.
        List<TableBall> balls = List.of(
                ball("cue", new Point(600, 635)),
                ball("object", new Point(1900, 635)),
                ball("b1", new Point(1250, 640)),
                ball("b2", new Point(1250, 580)),
                ball("b3", new Point(1250, 700)));
        Predicate<PlayedShot> hitsObjectFirst = shot -> {
            int meeting = shot.firstMeeting(0);
            return meeting >= 0 && shot.other(meeting) == 1 && !shot.isPotted(0);
        };
        ShotTask task = new ShotTask(
                ShotTable.of(PLAN),
                Physics.POOL,
                TableLevel.NEVER_CHECKED,
                balls,
                0,
                Optional.empty(),
                hitsObjectFirst,
                hitsObjectFirst,
                Optional.empty(),
                false,
                Teaching.NOTHING,
                Bridge.HAND);
        List<Recipe> recipes = RecipeSolver.solve(task);
        assertThat(recipes).isNotEmpty();
        for (Recipe recipe : recipes) {
            List<ShotEvent> events =
                    new Scene(balls, PocketName.NE).play(recipe.stroke()).events();
            ShotEvent first = events.stream()
                    .filter(e -> !(e instanceof ShotEvent.Struck || e instanceof ShotEvent.StartsRolling))
                    .findFirst()
                    .orElseThrow();
            assertThat(first).isInstanceOfAny(ShotEvent.MeetsCushion.class, ShotEvent.MeetsJaw.class);
        }
    }

    private static boolean succeeds(ShotTask task, PlannedStroke stroke) {
        return AllowedErrors.succeeds(task.runner(Accuracy.FULL), task, stroke);
    }

    private static TableBall ball(String id, Point at) {
        return new TableBall(
                id,
                BallState.atRest(at.xMillimetres() / 1000, at.yMillimetres() / 1000),
                RADIUS / 1000,
                BALL.massKilograms());
    }

    /** Cue ball, object ball, and whatever else lies there. */
    private record Scene(List<TableBall> balls, PocketName pocket) {
        static Scene pot(Point cue, Point object, PocketName pocket) {
            return new Scene(List.of(ball("cue", cue), ball("object", object)), pocket);
        }

        Scene with(TableBall more) {
            return new Scene(List.of(balls.get(0), balls.get(1), more), pocket);
        }

        ShotTask task(Point target, double radiusMillimetres, boolean side) {
            Predicate<PlayedShot> pots = shot -> shot.isPottedIn(1, pocket);
            PotLine line = PotLine.of(PLAN, TablePresets.POOL_9FT.balls(), place(0), place(1), PLAN.pocket(pocket));
            return new ShotTask(
                    ShotTable.of(PLAN),
                    Physics.POOL,
                    TableLevel.NEVER_CHECKED,
                    balls,
                    0,
                    Optional.of(AimSearch.about(
                            line.aim().degrees(), line.aimWindow().widthDegrees())),
                    pots,
                    pots.and(shot -> !shot.isPotted(0)
                            && Math.hypot(
                                            1000 * shot.xMetres(0) - target.xMillimetres(),
                                            1000 * shot.yMetres(0) - target.yMillimetres())
                                    <= radiusMillimetres),
                    Optional.of(target),
                    side,
                    Teaching.NOTHING,
                    Bridge.HAND);
        }

        private Point place(int ball) {
            return new Point(
                    1000 * balls.get(ball).state().x(),
                    1000 * balls.get(ball).state().y());
        }

        ShotRecord play(PlannedStroke stroke) {
            return ShotSimulator.play(ShotTable.of(PLAN), Physics.POOL, balls, "cue", stroke.onBall(RADIUS));
        }

        Point landing(PlannedStroke stroke) {
            var end = play(stroke).track("cue").end();
            return new Point(1000 * end.x(), 1000 * end.y());
        }
    }
}
