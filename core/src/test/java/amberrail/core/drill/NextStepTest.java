package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Station up, down and mirror by the rule: two in a row, two failures in three step back, at most five tries. */
class NextStepTest {
    private static final List<TryScore> NONE = List.of();
    private static final List<TryScore> PASSED = tries("oo");

    private static List<TryScore> tries(String marks) {
        List<TryScore> tries = new ArrayList<>();
        for (char mark : marks.toCharArray()) {
            tries.add(mark == 'o' ? new TryScore(TryResult.SUCCESS, 1) : TryScore.FAILURE);
        }
        return tries;
    }

    private static Drill drill(MirrorRule mirror, Optional<Explore> explore) {
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("cue", BallPlacement.Role.CUE, new Position.AtSights(4, 2)),
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(6, 3))),
                List.of(Demand.PotBall.of("1", PocketName.NE)),
                ArrivalLine.NATURAL_ROLL);
        Station station =
                new Station("One", List.of(shot), new AdvancingRule.InARow(2, 5), Optional.of(new StepBackRule(2, 3)));
        return new Drill(
                "test",
                1,
                "Test",
                Skill.POTTING,
                "",
                "",
                "",
                10,
                List.of("pool-9ft"),
                false,
                false,
                mirror,
                explore,
                Set.of(),
                new DrillTags("test", Set.of(), true, true, Set.of(), List.of()),
                Collections.nCopies(2, station));
    }

    private static NextStep after(
            MirrorRule mirror, int station, boolean mirrored, List<TryScore> here, List<TryScore> other) {
        return NextStep.after(drill(mirror, Optional.empty()), station, mirrored, here, other, true, here.size());
    }

    @Test
    void theMirrorComesAfterTheOriginalAndThenTheNextStation() {
        assertThat(after(MirrorRule.AFTER_THE_ORIGINAL, 0, false, tries("xo"), NONE))
                .isEqualTo(new NextStep(0, false, NextStep.Why.STAY));
        assertThat(after(MirrorRule.AFTER_THE_ORIGINAL, 0, false, PASSED, NONE))
                .isEqualTo(new NextStep(0, true, NextStep.Why.PASSED));
        assertThat(after(MirrorRule.AFTER_THE_ORIGINAL, 0, true, PASSED, PASSED))
                .isEqualTo(new NextStep(1, false, NextStep.Why.PASSED));
        assertThat(after(MirrorRule.AFTER_THE_ORIGINAL, 1, true, PASSED, PASSED).why())
                .isEqualTo(NextStep.Why.FINISHED);
    }

    @Test
    void aSetUpThatIsItsOwnMirrorHasOneSideOnly() {
        Drill drill = drill(MirrorRule.AFTER_THE_ORIGINAL, Optional.empty());
        assertThat(NextStep.after(drill, 0, false, PASSED, NONE, false, 2))
                .isEqualTo(new NextStep(1, false, NextStep.Why.PASSED));
    }

    @Test
    void sidesByTurnsUntilBothArePassed() {
        assertThat(after(MirrorRule.EVERY_SHOT, 0, false, tries("o"), NONE))
                .isEqualTo(new NextStep(0, true, NextStep.Why.TURN));
        assertThat(after(MirrorRule.EVERY_SHOT, 0, true, tries("o"), PASSED))
                .as("the other side is passed already: no more turns")
                .isEqualTo(new NextStep(0, true, NextStep.Why.STAY));
        assertThat(after(MirrorRule.EVERY_SHOT, 0, true, PASSED, tries("ox")))
                .isEqualTo(new NextStep(0, false, NextStep.Why.PASSED));
        assertThat(after(MirrorRule.EVERY_SHOT, 0, false, PASSED, PASSED))
                .isEqualTo(new NextStep(1, false, NextStep.Why.PASSED));
    }

    @Test
    void failuresStepBackButNotBelowTheFirstStation() {
        assertThat(after(MirrorRule.NONE, 1, true, tries("xox"), NONE))
                .isEqualTo(new NextStep(0, false, NextStep.Why.BACK));
        assertThat(after(MirrorRule.NONE, 0, false, tries("xox"), NONE).why()).isEqualTo(NextStep.Why.STAY);
    }

    @Test
    void theCapIsSaidAndExploringHasNoRule() {
        assertThat(after(MirrorRule.NONE, 0, false, tries("xoxox"), NONE).why()).isEqualTo(NextStep.Why.CAP);
        Drill explore = drill(MirrorRule.NONE, Optional.of(Explore.PACE));
        assertThat(NextStep.after(explore, 0, false, PASSED, NONE, true, 2).why())
                .isEqualTo(NextStep.Why.STAY);
    }
}
