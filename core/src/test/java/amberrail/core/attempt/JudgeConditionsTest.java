package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.attempt.Judgement.Fault;
import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.BallPlacement.Role;
import amberrail.core.drill.Demand;
import amberrail.core.drill.PlacedBall;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Every kind of demand, decided by hand from what was recorded, and from simulated shots whose course is plain. 9 ft table. */
class JudgeConditionsTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final ShotTable TABLE = ShotTable.of(PLAN);
    private static final Point SOMEWHERE = new Point(800, 400);

    // --- recorded ---

    @Test
    void aDemandNobodyTappedCountsAsMetAndOneTapTurnsIt() {
        for (Demand demand : List.of(
                new Demand.TouchBalls(List.of("b"), true),
                new Demand.ReachCushionPoint(Cushion.E, 2, 50),
                new Demand.LeaveAlone(List.of("b")),
                new Demand.NotCross(at(3, 1), at(3, 3)),
                new Demand.StayIn(ZonePlan.CircleZone.of(at(4, 2), 600)),
                new Demand.UseCushions(List.of(Cushion.E)),
                new Demand.CushionsFirst(1))) {
            ShotLayout asked = layout(List.of(demand), cue(2, 2), ball("a", 5, 2), ball("b", 6, 3));
            assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED).result())
                    .as(demand.toString())
                    .isEqualTo(TryResult.SUCCESS);
            assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED, fact(0, Fact.Seen.NOT_MET))
                            .faults())
                    .as(demand.toString())
                    .hasSize(1);
            assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED, fact(0, Fact.Seen.NOT_SEEN))
                            .result())
                    .as(demand.toString())
                    .isEqualTo(TryResult.NOT_JUDGED);
        }
    }

    @Test
    void withoutAPotTheRightBallMustBeHit() {
        ShotLayout asked = layout(List.of(new Demand.CushionsFirst(1)), cue(2, 2), ball("a", 5, 2));
        assertThat(recorded(asked, PotOutcome.WRONG_BALL).faults()).containsExactly(Fault.WRONG_CONTACT);
        assertThat(recorded(asked, PotOutcome.NO_CONTACT).result()).isEqualTo(TryResult.FAILURE);
        assertThat(Judge.sides(asked)).isEqualTo(PotOutcome.Sides.NO_POT);
    }

    @Test
    void bothBallsInThePocketIsNoInOff() {
        ShotLayout asked = layout(
                List.of(Demand.PotBall.of("a", PocketName.N), new Demand.CueBallInto(PocketName.N)),
                cue(4, 1),
                ball("a", 4, 3));
        Attempt both = new Attempt(PotOutcome.POTTED_CLEAN, false, true, Optional.empty());
        assertThat(Judge.judge(asked, both).result()).isEqualTo(TryResult.SUCCESS);
        Attempt one = new Attempt(PotOutcome.POTTED_CLEAN, false, false, landing(SOMEWHERE));
        assertThat(Judge.judge(asked, one).faults()).containsExactly(Fault.CUE_BALL_STAYED_UP);
        Attempt missed = new Attempt(PotOutcome.MISSED_LEFT, false, true, Optional.empty());
        assertThat(Judge.judge(asked, missed).faults()).containsExactly(Fault.NOT_POTTED);
    }

    @Test
    void aHalfOfAPocketNeedsATapOnlyWhenItWasTheOther() {
        ShotLayout asked = layout(
                List.of(new Demand.PotBall("a", PocketName.N, PocketHalf.LEFT, List.of())), cue(4, 1), ball("a", 4, 3));
        assertThat(recorded(asked, PotOutcome.POTTED_CLEAN).result()).isEqualTo(TryResult.SUCCESS);
        assertThat(recorded(asked, PotOutcome.POTTED_CLEAN, fact(0, Fact.Seen.NOT_MET))
                        .faults())
                .containsExactly(Fault.NOT_POTTED);
        assertThat(recorded(asked, PotOutcome.MISSED_LEFT, fact(0, Fact.Seen.MET))
                        .faults())
                .containsExactly(Fault.NOT_POTTED);
    }

    @Test
    void theObjectBallsEndIsJudgedFromWhereItWasSeen() {
        ShotLayout asked = layout(
                List.of(new Demand.Land("a", ZonePlan.CircleZone.of(at(7, 2), 100))), cue(2, 2), ball("a", 5, 2));
        double x = 7 * 317.5;
        Fact edge = new Fact(0, Fact.Seen.MET, landing(new Point(x - 100, 635)));
        assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED, edge).result())
                .as("on the edge is inside")
                .isEqualTo(TryResult.SUCCESS);
        Fact outside = new Fact(0, Fact.Seen.MET, landing(new Point(x - 100.1, 635)));
        assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED, outside).faults())
                .containsExactly(Fault.OUTSIDE_THE_ZONE);
        assertThat(recorded(asked, PotOutcome.CONTACT_AS_ASKED).result()).isEqualTo(TryResult.NOT_JUDGED);
    }

    @Test
    void ringsGiveTheirPointsFromTheInside() {
        ZonePlan rings =
                new ZonePlan.CircleZone(at(6, 2), 200, List.of(new ZonePlan.Ring(60, 5), new ZonePlan.Ring(120, 3)));
        ShotLayout asked = layout(
                List.of(Demand.PotBall.of("a", PocketName.N), new Demand.Land("cue", rings)),
                cue(4, 1),
                ball("a", 4, 3));
        double x = 6 * 317.5;
        assertThat(points(asked, new Point(x + 60, 635))).isEqualTo(5);
        assertThat(points(asked, new Point(x + 61, 635))).isEqualTo(3);
        assertThat(points(asked, new Point(x + 121, 635)))
                .as("in the zone, outside every ring")
                .isEqualTo(1);
        assertThat(points(asked, new Point(x + 201, 635))).isZero();
    }

    @Test
    void hiddenIsWorkedOutFromTheLineOfSight() {
        ShotLayout asked = layout(
                List.of(new Demand.Land("a", ZonePlan.CircleZone.of(at(7, 2), 300)), new Demand.HideFrom("a")),
                cue(2, 2),
                ball("a", 6, 1),
                blocker("b", 5, 2),
                blocker("c", 5, 2.4));
        Fact objectAt = new Fact(0, Fact.Seen.MET, landing(new Point(2200, 640)));
        Attempt behind = new Attempt(
                PotOutcome.CONTACT_AS_ASKED, false, false, landing(new Point(1500, 637)), List.of(objectAt));
        assertThat(Judge.judge(asked, behind).result()).isEqualTo(TryResult.SUCCESS);
        Attempt open = new Attempt(
                PotOutcome.CONTACT_AS_ASKED, false, false, landing(new Point(1500, 300)), List.of(objectAt));
        assertThat(Judge.judge(asked, open).faults()).containsExactly(Fault.NOT_HIDDEN);
        Attempt unseen = new Attempt(PotOutcome.CONTACT_AS_ASKED, false, false, Optional.empty(), List.of(objectAt));
        assertThat(Judge.judge(asked, unseen).result()).isEqualTo(TryResult.NOT_JUDGED);
    }

    @Test
    void aBallThatShowsByAHairIsNotHidden() {
        LineOfSight sight = new LineOfSight();
        sight.blocker(1000, 0, 28.575);
        assertThat(sight.hides(0, 0, 28.575, 2000, 0, 28.575))
                .as("half as far covers twice the angle")
                .isTrue();
        // The blocker's shadow is asin(57.15/1000) wide on each side, the ball's asin(57.15/2000): they part at this
        // offset.
        double room = Math.asin(57.15 / 1000) - Math.asin(57.15 / 2000);
        assertThat(sight.hides(0, 0, 28.575, 2000 * Math.cos(0.99 * room), 2000 * Math.sin(0.99 * room), 28.575))
                .isTrue();
        assertThat(sight.hides(0, 0, 28.575, 2000 * Math.cos(1.01 * room), 2000 * Math.sin(1.01 * room), 28.575))
                .isFalse();
        sight.clear();
        sight.blocker(3000, 0, 28.575);
        assertThat(sight.hides(0, 0, 28.575, 2000, 0, 28.575))
                .as("a ball behind hides nothing")
                .isFalse();
    }

    // --- simulated ---

    @Test
    void ballsTouchedInOrderFailOnAWrongOneBeforeTheLast() {
        // A straight row: the cue ball follows through a, then b.
        ShotLayout inOrder = layout(
                List.of(new Demand.TouchBalls(List.of("a", "b"), true)), cue(2, 2), ball("b", 6, 2.6), ball("a", 4, 2));
        assertThat(simulated(inOrder, 2.5, 0, 0.45).faults()).containsExactly(Fault.WRONG_BALLS_TOUCHED);
        ShotLayout onlyA = layout(List.of(new Demand.TouchBalls(List.of("a"), true)), cue(2, 2), ball("a", 4, 2));
        assertThat(simulated(onlyA, 2, 0, 0).result()).isEqualTo(TryResult.SUCCESS);
        ShotLayout wrongFirst = layout(
                List.of(new Demand.TouchBalls(List.of("a"), true)), cue(2, 2), ball("a", 6, 3.5), ball("b", 4, 2));
        assertThat(simulated(wrongFirst, 2, 0, 0).faults()).containsExactly(Fault.WRONG_BALLS_TOUCHED);
    }

    @Test
    void cushionsAreCountedBeforeAndAfterTheFirstBall() {
        ShotLayout kick = layout(List.of(new Demand.CushionsFirst(1)), cue(2, 2), ball("a", 4, 2));
        assertThat(simulated(kick, 2, 0, 0).faults()).containsExactly(Fault.TOO_FEW_CUSHIONS_FIRST);
        assertThat(simulated(kick, 3, 180, 0).result())
                .as("off the head cushion")
                .isEqualTo(TryResult.SUCCESS);
        ShotLayout after = layout(List.of(new Demand.UseCushions(List.of(Cushion.E))), cue(2, 2), ball("a", 4, 2));
        assertThat(simulated(after, 4, 0.6, 0.45).faults()).doesNotContain(Fault.IN_OFF);
    }

    @Test
    void theFirstCushionAfterTheBallIsWhatACushionPointMeans() {
        ShotLayout asked = layout(List.of(new Demand.ReachCushionPoint(Cushion.W, 2, 80)), cue(2, 2), ball("a", 4, 2));
        // A dead straight draw shot comes back along its line to the middle of the head cushion.
        assertThat(simulated(asked, 4.5, 0, -0.45).result()).isEqualTo(TryResult.SUCCESS);
        // A little off the line, or the object ball comes back off the foot cushion and sends it there.
        assertThat(simulated(asked, 3, 0.6, 0.45).faults()).contains(Fault.CUSHION_POINT_MISSED);
    }

    @Test
    void aLineThatIsCrossedAndAnAreaThatIsLeftAreSeen() {
        List<Demand> demands = List.of(
                new Demand.NotCross(at(3, 0), at(3, 4)),
                new Demand.StayIn(new ZonePlan.PolygonZone(List.of(at(3, 0), at(5, 0), at(5, 4), at(3, 4)))));
        ShotLayout asked = layout(demands, cue(2, 2), ball("a", 4, 2));
        assertThat(simulated(asked, 1, 0, 0).faults()).containsExactly(Fault.LINE_CROSSED);
        assertThat(simulated(asked, 4.5, 0, -0.45).faults())
                .as("draws back across the line, out of the area")
                .containsExactly(Fault.LINE_CROSSED, Fault.LEFT_ITS_AREA);
    }

    @Test
    void aBlockerThatIsTouchedIsSeen() {
        ShotLayout asked =
                layout(List.of(new Demand.LeaveAlone(List.of("b"))), cue(2, 2), ball("a", 4, 2), blocker("b", 6, 2));
        assertThat(simulated(asked, 3, 0, 0).faults()).containsExactly(Fault.BALL_MOVED);
        assertThat(simulated(asked, 0.7, 0, 0).result()).isEqualTo(TryResult.SUCCESS);
    }

    @Test
    void aDoubleCountsOnlyByItsOwnCushions() {
        List<Cushion> via = List.of(Cushion.S);
        ShotLayout asked = layout(
                List.of(new Demand.PotBall("a", PocketName.N, PocketHalf.ANY, via)), cue(3.9, 2.6), ball("a", 3.75, 1));
        Predicate<PlayedShot> success = Judge.successes(asked);
        ShotRunner runner = runner(asked);
        int made = 0;
        for (double degrees = -110; degrees < -70; degrees += 0.05) {
            runner.play(new CueStrike(2.6, degrees, 0, 0.1, 3, OptionalDouble.empty()), degrees);
            if (success.test(runner.result())) {
                made++;
                assertThat(runner.result().isPottedIn(indexOf(asked, "a"), PocketName.N))
                        .isTrue();
            }
        }
        assertThat(made).isPositive();
    }

    @Test
    void theQuickTestAndTheWholeJudgementAgreeOnThousandsOfShots() {
        List<Demand> demands = List.of(
                new Demand.Land("cue", ZonePlan.CircleZone.of(at(4, 2), 700)),
                new Demand.LeaveAlone(List.of("b")),
                new Demand.NotCross(at(6, 0), at(6, 4)),
                new Demand.TouchBalls(List.of("a"), true),
                new Demand.HideFrom("b"));
        for (boolean mirrored : new boolean[] {false, true}) {
            ShotLayout asked =
                    layout(mirrored, demands, cue(2, 2), ball("a", 4, 2.3), ball("b", 5, 1), blocker("c", 3.6, 1.6));
            Predicate<PlayedShot> quick = Judge.successes(asked);
            ShotRunner runner = runner(asked);
            Random random = new Random(77);
            int successes = 0;
            for (int i = 0; i < 4000; i++) {
                double degrees = 30 * random.nextDouble() - 15;
                runner.play(
                        new CueStrike(
                                0.5 + 2 * random.nextDouble(),
                                degrees,
                                0,
                                0.8 * random.nextDouble() - 0.4,
                                3,
                                OptionalDouble.empty()),
                        degrees);
                boolean success = Judge.judge(asked, runner.result()).result() == TryResult.SUCCESS;
                assertThat(quick.test(runner.result())).as("seed 77, shot " + i).isEqualTo(success);
                successes += success ? 1 : 0;
            }
            assertThat(successes).isBetween(5, 3900);
        }
    }

    private static Judgement simulated(ShotLayout asked, double pace, double degrees, double height) {
        ShotRunner runner = runner(asked);
        runner.play(new CueStrike(pace, degrees, 0, height, 0, OptionalDouble.empty()), degrees);
        return Judge.judge(asked, runner.result());
    }

    private static ShotRunner runner(ShotLayout asked) {
        List<TableBall> balls = new ArrayList<>();
        for (PlacedBall ball : asked.balls()) {
            balls.add(new TableBall(
                    ball.label(),
                    BallState.atRest(
                            ball.place().xMillimetres() / 1000, ball.place().yMillimetres() / 1000),
                    ball.spec().radiusMillimetres() / 1000,
                    ball.spec().massKilograms()));
        }
        return new ShotRunner(TABLE, Physics.POOL, balls, asked.cueIndex());
    }

    private static int indexOf(ShotLayout asked, String label) {
        return asked.balls().stream().map(PlacedBall::label).toList().indexOf(label);
    }

    private static int points(ShotLayout asked, Point cueAt) {
        return Judge.judge(asked, new Attempt(PotOutcome.POTTED_CLEAN, false, false, landing(cueAt)))
                .points();
    }

    private static Judgement recorded(ShotLayout asked, PotOutcome outcome, Fact... facts) {
        return Judge.judge(asked, new Attempt(outcome, false, false, landing(SOMEWHERE), List.of(facts)));
    }

    private static Fact fact(int demand, Fact.Seen seen) {
        return new Fact(demand, seen, Optional.empty());
    }

    private static Optional<Landing> landing(Point place) {
        return Optional.of(new Landing(place, Landing.PlacedBy.TAP, 15));
    }

    private static ShotLayout layout(List<Demand> demands, BallPlacement... balls) {
        return layout(false, demands, balls);
    }

    private static ShotLayout layout(boolean mirrored, List<Demand> demands, BallPlacement... balls) {
        return ShotLayout.of(
                new Shot(List.of(balls), demands, ArrivalLine.AIM), PLAN, TablePresets.POOL_9FT.balls(), mirrored);
    }

    private static Position at(double along, double across) {
        return new Position.AtSights(along, across);
    }

    private static BallPlacement cue(double along, double across) {
        return new BallPlacement("cue", Role.CUE, at(along, across));
    }

    private static BallPlacement ball(String label, double along, double across) {
        return new BallPlacement(label, Role.OBJECT, at(along, across));
    }

    private static BallPlacement blocker(String label, double along, double across) {
        return new BallPlacement(label, Role.BLOCKER, at(along, across));
    }
}
