package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Each thing that does not work in a drill, one by one, on a 9-ft table. */
class DrillCheckTest {
    private static final BallPlacement CUE = at("cue", BallPlacement.Role.CUE, 4, 2);
    private static final BallPlacement OBJECT = at("1", BallPlacement.Role.OBJECT, 6, 3);
    private static final Demand POT = Demand.PotBall.of("1", PocketName.NE);

    private static BallPlacement at(String label, BallPlacement.Role role, double along, double across) {
        return new BallPlacement(label, role, new Position.AtSights(along, across));
    }

    private static Demand ring(double along, double across) {
        return new Demand.Land("cue", ZonePlan.CircleZone.of(new Position.AtSights(along, across), 200));
    }

    private static List<DrillProblem.Kind> kinds(AdvancingRule rule, List<BallPlacement> balls, Demand... demands) {
        return check(Optional.empty(), rule, balls, demands).stream()
                .map(DrillProblem::kind)
                .toList();
    }

    private static List<DrillProblem> check(
            Optional<Explore> explore, AdvancingRule rule, List<BallPlacement> balls, Demand... demands) {
        return check(explore, rule, List.of(new Shot(balls, List.of(demands), ArrivalLine.NATURAL_ROLL)));
    }

    private static List<DrillProblem.Kind> pattern(Shot... shots) {
        return check(Optional.empty(), THREE, List.of(shots)).stream()
                .map(DrillProblem::kind)
                .toList();
    }

    private static List<DrillProblem> check(Optional<Explore> explore, AdvancingRule rule, List<Shot> shots) {
        Drill drill = new Drill(
                "test",
                1,
                "Test",
                Skill.POSITION,
                "",
                "",
                "",
                10,
                List.of("pool-9ft"),
                false,
                false,
                MirrorRule.NONE,
                explore,
                Set.of(),
                new DrillTags("test", Set.of(), true, true, Set.of(), List.of()),
                List.of(new Station("One", shots, rule, Optional.empty())));
        return DrillCheck.of(drill, TablePlan.of(TablePresets.POOL_9FT), 1);
    }

    private static final AdvancingRule THREE = new AdvancingRule.InARow(3, 20);

    @Test
    void aSoundShotHasNone() {
        assertThat(kinds(THREE, List.of(CUE, OBJECT), POT, ring(3, 1))).isEmpty();
    }

    @Test
    void ballsInOneAnother() {
        List<DrillProblem> found =
                check(Optional.empty(), THREE, List.of(CUE, at("1", BallPlacement.Role.OBJECT, 4.05, 2)), POT);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).kind()).isEqualTo(DrillProblem.Kind.CANNOT_BE_SET_UP);
        assertThat(found.get(0).balls()).containsExactly("1");
        assertThat(found.get(0).cause()).isPresent();
    }

    @Test
    void aTargetOnACushion() {
        assertThat(kinds(THREE, List.of(CUE, OBJECT), POT, ring(3, 0.02)))
                .containsExactly(DrillProblem.Kind.TARGET_OFF_THE_BED);
        // A ball fits where the target is its nose distance away, and a little more.
        assertThat(kinds(THREE, List.of(CUE, OBJECT), POT, ring(3, 0.12))).isEmpty();
    }

    @Test
    void moreAskedOfARuleThanRingsCanBring() {
        Demand rings = new Demand.Land(
                "cue", new ZonePlan.CircleZone(new Position.AtSights(3, 1), 200, List.of(new ZonePlan.Ring(100, 4))));
        assertThat(kinds(new AdvancingRule.PointsTotal(40, 10, 20), List.of(CUE, OBJECT), POT, rings))
                .isEmpty();
        assertThat(kinds(new AdvancingRule.PointsTotal(41, 10, 20), List.of(CUE, OBJECT), POT, rings))
                .containsExactly(DrillProblem.Kind.RULE_NEVER_MET);
        assertThat(kinds(new AdvancingRule.PointsTotal(11, 10, 20), List.of(CUE, OBJECT), POT, ring(3, 1)))
                .containsExactly(DrillProblem.Kind.RULE_NEVER_MET);
    }

    @Test
    void demandsOfWhichOnlyOneCanBeMet() {
        assertThat(kinds(THREE, List.of(CUE, OBJECT), POT, new Demand.LeaveAlone(List.of("1"))))
                .containsExactly(DrillProblem.Kind.DEMANDS_CONTRADICT);
        assertThat(kinds(THREE, List.of(CUE, OBJECT), POT, new Demand.CueBallInto(PocketName.SW), ring(3, 1)))
                .containsExactly(DrillProblem.Kind.DEMANDS_CONTRADICT);
    }

    @Test
    void nothingToHideBehind() {
        List<BallPlacement> balls = new ArrayList<>(List.of(CUE, OBJECT));
        Demand hide = new Demand.HideFrom("1");
        assertThat(kinds(THREE, balls, hide)).containsExactly(DrillProblem.Kind.NOTHING_TO_HIDE_BEHIND);
        balls.add(at("B", BallPlacement.Role.BLOCKER, 1, 1));
        assertThat(kinds(THREE, balls, hide)).isEmpty();
    }

    @Test
    void ballsInTheWayOfEitherBall() {
        BallPlacement beforeCue = at("B", BallPlacement.Role.BLOCKER, 5, 2.5);
        BallPlacement beforePocket = at("C", BallPlacement.Role.BLOCKER, 7, 3.5);
        assertThat(kinds(THREE, List.of(CUE, OBJECT, beforeCue, beforePocket), POT))
                .containsExactly(DrillProblem.Kind.BALL_BEFORE_THE_CUE_BALL, DrillProblem.Kind.BALL_BEFORE_THE_POCKET);
        // A kick goes round by a cushion: what lies on the straight way does not matter to it.
        assertThat(kinds(THREE, List.of(CUE, OBJECT, beforeCue), POT, new Demand.CushionsFirst(1)))
                .isEmpty();
        BallPlacement beside = at("B", BallPlacement.Role.BLOCKER, 5, 2.9);
        assertThat(kinds(THREE, List.of(CUE, OBJECT, beside), POT)).isEmpty();
    }

    @Test
    void nothingAskedButOfAnExploration() {
        assertThat(kinds(THREE, List.of(CUE, OBJECT))).containsExactly(DrillProblem.Kind.NOTHING_ASKED);
        assertThat(check(Optional.of(Explore.PACE), THREE, List.of(CUE, OBJECT)))
                .isEmpty();
    }

    /** Two shots at one ball: what was pocketed lies there again, which is no pattern. */
    @Test
    void aBallThatTheShotBeforePottedIsNoticedAndDoesNotStopAnybody() {
        Shot first = new Shot(List.of(CUE, OBJECT), List.of(POT), ArrivalLine.NATURAL_ROLL);
        assertThat(pattern(first, first)).containsExactly(DrillProblem.Kind.POCKETED_BEFORE);
        BallPlacement other = at("2", BallPlacement.Role.OBJECT, 3, 3);
        Shot second =
                new Shot(List.of(CUE, other), List.of(Demand.PotBall.of("2", PocketName.NW)), ArrivalLine.NATURAL_ROLL);
        assertThat(pattern(first, second)).isEmpty();
        assertThat(DrillProblem.Kind.POCKETED_BEFORE.stops()).isFalse();
    }

    @Test
    void onlySomeStopARecording() {
        assertThat(DrillProblem.Kind.CANNOT_BE_SET_UP.stops()).isTrue();
        assertThat(DrillProblem.Kind.BALL_BEFORE_THE_POCKET.stops()).isFalse();
    }
}
