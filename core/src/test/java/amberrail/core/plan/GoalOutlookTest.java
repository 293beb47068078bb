package amberrail.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.plan.GoalOutlook.Standing;
import amberrail.core.plan.GoalOutlook.Word;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.SkillChanges.Change;
import amberrail.core.statistics.Verdict;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A student at 400 ± 30 who gains 60 ± 24 points in six weeks. */
class GoalOutlookTest {
    private static final Optional<Standing> STANDING = Optional.of(new Standing(400, 30));
    private static final Optional<Change> GAINING =
            Optional.of(new Change(0.6, 0.24, new Interval(0.13, 1.07), Verdict.BETTER));

    @Test
    void theRateOfLateIsCarriedOnWithBothErrors() {
        GoalOutlook outlook = GoalOutlook.of(STANDING, GAINING, 450, 42);
        assertThat(outlook.grade().orElseThrow()).isCloseTo(460, within(1e-9));
        double half = 1.959964 * Math.hypot(30, 24);
        assertThat(outlook.within().orElseThrow().lower()).isCloseTo(460 - half, within(1e-3));
        assertThat(outlook.within().orElseThrow().upper()).isCloseTo(460 + half, within(1e-3));
    }

    @Test
    void aGoalIsNamedByWhereItLies() {
        assertThat(GoalOutlook.of(STANDING, GAINING, 390, 42).word()).isEqualTo(Word.REACHED);
        assertThat(GoalOutlook.of(STANDING, GAINING, 455, 42).word()).isEqualTo(Word.REALISTIC);
        assertThat(GoalOutlook.of(STANDING, GAINING, 500, 42).word()).isEqualTo(Word.AMBITIOUS);
        assertThat(GoalOutlook.of(STANDING, GAINING, 600, 42).word()).isEqualTo(Word.UNLIKELY);
        assertThat(GoalOutlook.of(Optional.empty(), GAINING, 600, 42).word()).isEqualTo(Word.UNKNOWN);
        assertThat(GoalOutlook.of(STANDING, Optional.empty(), 600, 42).word()).isEqualTo(Word.UNKNOWN);
        assertThat(GoalOutlook.of(STANDING, Optional.empty(), 300, 42).word()).isEqualTo(Word.REACHED);
    }

    /** A line is not drawn on for ever. */
    @Test
    void whatIsFurtherOffThanHalfAYearIsJudgedAtHalfAYear() {
        assertThat(GoalOutlook.of(STANDING, GAINING, 700, 183)).isEqualTo(GoalOutlook.of(STANDING, GAINING, 700, 3650));
    }

    @Test
    void theNeedGrowsToOneAtTwoHundredPoints() {
        assertThat(GoalOutlook.need(400, 450)).isZero();
        assertThat(GoalOutlook.need(500, 400)).isCloseTo(0.5, within(1e-12));
        assertThat(GoalOutlook.need(900, 400)).isEqualTo(1);
        assertThat(GoalOutlook.needPoints(GoalOutlook.need(450, 400))).isCloseTo(50, within(1e-9));
    }

    @Test
    void aDayInThePastIsRefused() {
        assertThatThrownBy(() -> GoalOutlook.of(STANDING, GAINING, 500, -1))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("days");
    }
}
