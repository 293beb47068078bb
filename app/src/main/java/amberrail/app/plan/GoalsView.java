package amberrail.app.plan;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import amberrail.core.plan.GoalOutlook;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A student's goals, every skill once. */
record GoalsView(UUID studentId, String studentName, List<GoalView> skills) {
    /**
     * One skill.
     *
     * @param weight    how much it counts in plans, 0 to 5; 0: left out
     * @param goalGrade left out where there is no goal
     * @param grade     where the student stands now; left out without results
     * @param expected  on the goal's day at the rate of the last six weeks, with its 95 % limits
     */
    record GoalView(
            Skill skill,
            double weight,
            @MayBeMissing Integer goalGrade,
            @MayBeMissing LocalDate byDay,
            @MayBeMissing Double grade,
            @MayBeMissing Double gradeSe,
            @MayBeMissing GoalOutlook.Word outlook,
            @MayBeMissing Double expected,
            @MayBeMissing Double expectedLow,
            @MayBeMissing Double expectedHigh) {}
}
