package amberrail.core.plan;

import amberrail.core.problem.Require;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Quantile;
import amberrail.core.statistics.SkillChanges;
import java.util.Optional;

/**
 * What a goal asks, held against how the student has come on lately. The rate of the last six weeks (methods.md, skillChanges: already drawn
 * towards what all skills have in common) is carried on in a straight line; the error of where the student stands and that of the rate add up as
 * if they were independent, which makes the interval a little too wide and never too narrow where the newer results carry both.
 *
 * @param grade  expected on that day; empty where nothing is known of the rate
 * @param within its 95 % interval
 */
public record GoalOutlook(Word word, double gapPoints, Optional<Double> grade, Optional<Interval> within) {
    /** What is said of it. */
    public enum Word {
        REACHED,
        /** At the rate of late or already within the interval's lower half. */
        REALISTIC,
        /** Within the interval's upper half: it would take more than lately. */
        AMBITIOUS,
        /** Above the interval. */
        UNLIKELY,
        /** No results in this skill, or too few to tell a rate. */
        UNKNOWN
    }

    private static final double LEVEL = 0.95;
    private static final double WEEKS_OF_A_CHANGE = 6;
    private static final double DAYS_A_WEEK = 7;
    /** Beyond half a year a straight line says nothing. */
    private static final double FURTHEST_DAYS = 183;

    private static final double NEED_AT_ONE_POINTS = 200;

    /** Where the student stands in a skill (grade points). */
    public record Standing(double grade, double seGrade) {
        public Standing {
            Require.finite("grade", grade);
            Require.positive("seGrade", seGrade);
        }
    }

    /** @param days until the goal's day, 0 or more; what lies further than half a year off is judged at half a year */
    public static GoalOutlook of(
            Optional<Standing> standing, Optional<SkillChanges.Change> change, double goalGrade, double days) {
        Require.notNegative("days", days);
        if (standing.isEmpty()) {
            return new GoalOutlook(Word.UNKNOWN, 0, Optional.empty(), Optional.empty());
        }
        double now = standing.get().grade();
        double gap = goalGrade - now;
        if (change.isEmpty()) {
            return new GoalOutlook(gap <= 0 ? Word.REACHED : Word.UNKNOWN, gap, Optional.empty(), Optional.empty());
        }
        double times = Math.min(days, FURTHEST_DAYS) / (WEEKS_OF_A_CHANGE * DAYS_A_WEEK);
        double expected = now + times * GradeScale.points(change.get().logits());
        double se = Math.hypot(
                standing.get().seGrade(), times * GradeScale.points(change.get().se()));
        Interval within = Interval.around(expected, Quantile.normal(0.5 + LEVEL / 2) * se);
        return new GoalOutlook(word(gap, goalGrade, expected, within), gap, Optional.of(expected), Optional.of(within));
    }

    private static Word word(double gap, double goal, double expected, Interval within) {
        if (gap <= 0) {
            return Word.REACHED;
        }
        if (goal <= expected) {
            return Word.REALISTIC;
        }
        return goal <= within.upper() ? Word.AMBITIOUS : Word.UNLIKELY;
    }

    /** How much a plan wants the skill for this goal, 0 to 1 (methods.md, planSession): all of it from 200 points on. */
    public static double need(double goalGrade, double grade) {
        return Math.max(0, Math.min(1, (goalGrade - grade) / NEED_AT_ONE_POINTS));
    }

    /** The points that a need stands for: 200 also for whatever is further. */
    public static double needPoints(double need) {
        return NEED_AT_ONE_POINTS * need;
    }
}
