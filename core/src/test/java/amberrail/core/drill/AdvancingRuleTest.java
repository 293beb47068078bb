package amberrail.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.problem.InvalidInputException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdvancingRuleTest {

    @ParameterizedTest
    @CsvSource({
        // tries (S success, F failure, - not judged), reached, passed
        "'',        0, false",
        "SS,        2, false",
        "SSF,       0, false",
        "SS-S,      3, true",
        "SF-SS,     2, false",
        "SSSF,      0, true"
    })
    void aRunIsNeitherExtendedNorBrokenByWhatWasNotJudged(String tries, int reached, boolean passed) {
        RuleProgress progress = new AdvancingRule.InARow(3, 20).progress(results(tries));
        assertThat(progress.reached()).isEqualTo(reached);
        assertThat(progress.passed()).isEqualTo(passed);
        assertThat(progress.tries()).isEqualTo(tries.length());
    }

    @ParameterizedTest
    @CsvSource({
        "SSFF,      2, false",
        "SSFFS,     1, false",
        "FSSS,      3, true",
        "FFSS,      2, false",
        "FF-SS-,    2, false",
        "FFFFSSS,   3, true"
    })
    void aBlockStartsAfreshAndAnUnseenTryFillsNoPlace(String tries, int reached, boolean passed) {
        RuleProgress progress = new AdvancingRule.OfABlock(3, 4, 20).progress(results(tries));
        assertThat(progress.reached()).isEqualTo(reached);
        assertThat(progress.passed()).isEqualTo(passed);
    }

    @Test
    void theCapCountsEveryTry() {
        AdvancingRule rule = new AdvancingRule.InARow(2, 3);
        assertThat(rule.progress(results("F-F")).capReached()).isTrue();
        assertThat(rule.progress(results("F-")).capReached()).isFalse();
    }

    @Test
    void rulesThatNobodyCanMeetAreRefused() {
        assertThatThrownBy(() -> new AdvancingRule.InARow(5, 4)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new AdvancingRule.OfABlock(5, 4, 20)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> new AdvancingRule.InARow(0, 4)).isInstanceOf(InvalidInputException.class);
    }

    @ParameterizedTest
    @CsvSource({"SFSS, 3, true", "SFFSS, 2, false", "SS--S, 3, true", "FFSFSFS, 2, false"})
    void theLastFewSlideAlong(String tries, int reached, boolean passed) {
        RuleProgress progress = new AdvancingRule.OfTheLast(3, 4, 20).progress(results(tries));
        assertThat(progress.reached()).isEqualTo(reached);
        assertThat(progress.passed()).isEqualTo(passed);
    }

    @Test
    void pointsAddUpWithinABlock() {
        AdvancingRule rule = new AdvancingRule.PointsTotal(8, 3, 20);
        TryScore three = new TryScore(TryResult.SUCCESS, 3);
        assertThat(rule.progress(List.of(three, TryScore.FAILURE, three)).passed())
                .isFalse();
        assertThat(rule.progress(List.of(three, TryScore.NOT_JUDGED, three, three))
                        .passed())
                .isTrue();
        assertThat(rule.progress(List.of(three, three, TryScore.FAILURE, three)).reached())
                .as("a new block")
                .isEqualTo(3);
    }

    @Test
    void oneWholeRunIsEnough() {
        AdvancingRule rule = new AdvancingRule.WholeRun(10);
        assertThat(rule.progress(results("FFF")).passed()).isFalse();
        assertThat(rule.progress(results("FFS")).passed()).isTrue();
    }

    @Test
    void steppingBackLooksAtTheLastJudgedTries() {
        StepBackRule rule = new StepBackRule(4, 5);
        assertThat(rule.saysBack(results("FFFF"))).isTrue();
        assertThat(rule.saysBack(results("FFFS"))).isFalse();
        assertThat(rule.saysBack(results("FFFFSS"))).isFalse();
        assertThat(rule.saysBack(results("F-FF-F"))).isTrue();
    }

    private static List<TryScore> results(String tries) {
        return tries.chars()
                .mapToObj(c -> c == 'S' ? TryScore.SUCCESS : c == 'F' ? TryScore.FAILURE : TryScore.NOT_JUDGED)
                .toList();
    }
}
