package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.BallPlacement.Role;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.ZonePlan;
import amberrail.core.geometry.Angles;
import amberrail.core.geometry.Point;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.ShotTable;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a coach writes down of simulated shots: the outcome's side by which way the aim was off, and that the judge then agrees. */
class ObservedShotTest {
    private static final TablePlan PLAN = TablePlan.of(TablePresets.POOL_9FT);
    private static final ShotTable TABLE = ShotTable.of(PLAN);
    private static final double PACE = 2;

    @Test
    void aCutThatIsMissedIsThickOrThinByTheSideOfTheError() {
        for (boolean mirrored : new boolean[] {false, true}) {
            ShotLayout cut = cut(mirrored);
            double cutDegrees = cut.potLine().orElseThrow().cutDegrees();
            // The object ball leaves to the left of the aim where the cut is positive: aimed further left it is hit
            // thicker.
            double towardsThick = Math.signum(cutDegrees);
            assertThat(seen(cut, towardsThick * 25).outcome())
                    .as("mirrored " + mirrored)
                    .isEqualTo(PotOutcome.MISSED_THICK);
            assertThat(seen(cut, -towardsThick * 25).outcome())
                    .as("mirrored " + mirrored)
                    .isEqualTo(PotOutcome.MISSED_THIN);
            assertThat(seen(cut, 0).outcome()).isEqualTo(PotOutcome.POTTED_CLEAN);
        }
    }

    @Test
    void aStraightPotIsMissedOnTheOtherSideOfTheError() {
        ShotLayout straight = layout(List.of(Demand.PotBall.of("a", PocketName.N)), cue(4, 1), ball("a", 4, 2.5));
        assertThat(Judge.sides(straight)).isEqualTo(PotOutcome.Sides.STRAIGHT);
        assertThat(seen(straight, 30).outcome())
                .as("the cue ball further left sends the ball to the right")
                .isEqualTo(PotOutcome.MISSED_RIGHT);
        assertThat(seen(straight, -30).outcome()).isEqualTo(PotOutcome.MISSED_LEFT);
    }

    @Test
    void aPotOffAJawIsNotACleanOne() {
        ShotLayout cut = cut(false);
        int jaw = 0;
        for (double left = -20; left <= 20; left += 0.25) {
            Attempt attempt = seen(cut, left);
            if (attempt.outcome() == PotOutcome.OFF_THICK_JAW || attempt.outcome() == PotOutcome.OFF_THIN_JAW) {
                jaw++;
                assertThat(attempt.outcome().potted()).isTrue();
            }
        }
        assertThat(jaw)
                .as("aims at which a jaw is touched and the ball still drops")
                .isPositive();
    }

    @Test
    void withoutAPotItIsTheBallThatIsHit() {
        ShotLayout contact = layout(List.of(new Demand.TouchBalls(List.of("a"), true)), cue(2, 2), ball("a", 4, 2));
        assertThat(played(contact, new CueStrike(PACE, 0, 0, 0, 3, OptionalDouble.empty()), 0)
                        .outcome())
                .isEqualTo(PotOutcome.CONTACT_AS_ASKED);
        assertThat(played(contact, new CueStrike(PACE, 90, 0, 0, 3, OptionalDouble.empty()), 90)
                        .outcome())
                .isEqualTo(PotOutcome.NO_CONTACT);
    }

    @Test
    void aDroppedCueBallIsAScratchAndHasNoLanding() {
        ShotLayout asked = layout(List.of(new Demand.CushionsFirst(1)), cue(4, 2), ball("a", 7, 1));
        ShotRunner runner = runner(asked);
        runner.play(new CueStrike(3, 90, 0, 0, 3, OptionalDouble.empty()), 90);
        assertThat(ObservedShot.of(asked, runner.result(), 0).inOff()).isTrue();
        assertThat(ObservedShot.landing(asked, runner.result())).isEmpty();
    }

    @Test
    void theLandingIsWhereTheCueBallStopsInMillimetres() {
        ShotLayout asked = layout(List.of(new Demand.CushionsFirst(1)), cue(2, 2), ball("a", 7, 1));
        ShotRunner runner = runner(asked);
        runner.play(new CueStrike(0.5, 0, 0, 0, 3, OptionalDouble.empty()), 0);
        Point landing = ObservedShot.landing(asked, runner.result()).orElseThrow();
        assertThat(landing.yMillimetres()).isCloseTo(635, within(1e-6));
        assertThat(landing.xMillimetres()).isBetween(2 * 317.5 + 300, 2500.0);
    }

    @Test
    void whatWasSeenIsJudgedAsTheEngineJudgesIt() {
        ShotLayout asked = layout(
                List.of(
                        Demand.PotBall.of("a", PocketName.N),
                        new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(5, 3), 250)),
                        new Demand.LeaveAlone(List.of("b"))),
                cue(3.2, 1.5),
                ball("a", 4, 2.6),
                new BallPlacement("b", Role.BLOCKER, new Position.AtSights(5.6, 3)));
        ShotRunner runner = runner(asked);
        int successes = 0;
        for (double pace = 0.8; pace < 2.6; pace += 0.02) {
            for (double height = -0.3; height <= 0.3; height += 0.15) {
                double aim = asked.potLine().orElseThrow().aim().degrees();
                runner.play(new CueStrike(pace, aim, 0, height, 3, OptionalDouble.empty()), aim);
                Attempt seen = ObservedShot.of(asked, runner.result(), 0);
                Attempt whole = new Attempt(
                        seen.outcome(),
                        seen.foul(),
                        seen.inOff(),
                        ObservedShot.landing(asked, runner.result())
                                .map(place -> new Landing(place, Landing.PlacedBy.TAP, 1)),
                        seen.facts());
                TryResult byEngine = Judge.judge(asked, runner.result()).result();
                assertThat(Judge.judge(asked, whole).result())
                        .as("pace %s, height %s", pace, height)
                        .isEqualTo(byEngine);
                successes += byEngine == TryResult.SUCCESS ? 1 : 0;
            }
        }
        assertThat(successes).isPositive();
    }

    private static Attempt seen(ShotLayout asked, double leftMilliradians) {
        double aim = asked.potLine().orElseThrow().aim().degrees() + Math.toDegrees(leftMilliradians / 1000);
        return played(asked, new CueStrike(PACE, aim, 0, 0, 0, OptionalDouble.empty()), aim, leftMilliradians);
    }

    private static Attempt played(ShotLayout asked, CueStrike strike, double degrees) {
        return played(asked, strike, degrees, 0);
    }

    private static Attempt played(ShotLayout asked, CueStrike strike, double degrees, double left) {
        ShotRunner runner = runner(asked);
        runner.play(strike, Angles.normalDegrees(degrees));
        return ObservedShot.of(asked, runner.result(), left);
    }

    private static ShotRunner runner(ShotLayout asked) {
        return new ShotRunner(TABLE, Physics.POOL, ShotTasks.balls(asked), asked.cueIndex());
    }

    private static ShotLayout cut(boolean mirrored) {
        return ShotLayout.of(
                new Shot(
                        List.of(
                                ball("a", 4, 2.6),
                                new BallPlacement("cue", Role.CUE, new Position.ForPot("a", PocketName.N, 30, 500))),
                        List.of(Demand.PotBall.of("a", PocketName.N)),
                        ArrivalLine.AIM),
                PLAN,
                TablePresets.POOL_9FT.balls(),
                mirrored);
    }

    private static ShotLayout layout(List<Demand> demands, BallPlacement... balls) {
        return ShotLayout.of(
                new Shot(List.of(balls), demands, ArrivalLine.AIM), PLAN, TablePresets.POOL_9FT.balls(), false);
    }

    private static BallPlacement cue(double along, double across) {
        return new BallPlacement("cue", Role.CUE, new Position.AtSights(along, across));
    }

    private static BallPlacement ball(String label, double along, double across) {
        return new BallPlacement(label, Role.OBJECT, new Position.AtSights(along, across));
    }
}
