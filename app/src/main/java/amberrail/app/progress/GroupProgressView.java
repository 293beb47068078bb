package amberrail.app.progress;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.Verdict;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** A coach's students side by side; skills are those that anybody of them has results in. */
record GroupProgressView(List<Skill> skills, List<StudentInGroup> students) {
    /**
     * A student's grade in a skill, with its standard error in points.
     *
     * @param note       all made ("at least") or all missed ("at most")
     * @param verdict    of the last six weeks against the six before
     * @param aboutSame  the whole interval of the change lies within 50 points of none: they stand still
     * @param change     in points, with its 95 % limits
     */
    record SkillInGroup(
            Skill skill,
            double grade,
            double gradeSe,
            int tries,
            @MayBeMissing String note,
            Verdict verdict,
            boolean aboutSame,
            @MayBeMissing Double change,
            @MayBeMissing Double changeLower,
            @MayBeMissing Double changeUpper) {}

    /** A drill that is due again: it was to be repeated after so many days. */
    record DueDrill(String drillId, String drillTitle, double daysSince, int intervalDays) {}

    /** One student; {@code lastPlayedAt} is missing where they have not played yet. */
    record StudentInGroup(
            UUID studentId,
            String name,
            @MayBeMissing Instant lastPlayedAt,
            int sessionsLately,
            int attemptsLately,
            List<SkillInGroup> skills,
            List<DueDrill> due) {}
}
