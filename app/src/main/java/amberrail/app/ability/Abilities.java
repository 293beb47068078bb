package amberrail.app.ability;

import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.RaschFit;
import amberrail.core.statistics.SkillChanges;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** The club's abilities and difficulties at one moment. Nothing in it changes: a page that reads one never mixes two states. */
public final class Abilities {
    private final Instant asOf;
    private final Map<Skill, SkillFit> bySkill;

    Abilities(Instant asOf, Map<Skill, SkillFit> bySkill) {
        this.asOf = asOf;
        this.bySkill = new EnumMap<>(Skill.class);
        this.bySkill.putAll(bySkill);
    }

    /** When ages were counted from. */
    public Instant asOf() {
        return asOf;
    }

    Map<Skill, SkillFit> bySkill() {
        return bySkill;
    }

    /** The same with one result as it is now; empty where its student or station is new, so that only a whole fit will do. */
    Optional<Abilities> with(Skill skill, StationResult result) {
        SkillFit fit = bySkill.get(skill);
        if (fit == null || !fit.knows(result)) {
            return Optional.empty();
        }
        Abilities next = new Abilities(asOf, bySkill);
        next.bySkill.put(skill, fit.with(result));
        return Optional.of(next);
    }

    private Optional<SkillFit> of(Skill skill) {
        return Optional.ofNullable(bySkill.get(skill));
    }

    /** A student's ability in a skill now; its note says {@code NO_DATA} where they have no results in it. */
    public Optional<RaschFit.Placed> ability(UUID student, Skill skill) {
        return of(skill).flatMap(fit -> fit.ability(student));
    }

    /** In every week with tries, and now; the oldest first. */
    public List<RaschFit.InWeek> weeks(UUID student, Skill skill) {
        return of(skill).map(fit -> fit.weeks(student)).orElse(List.of());
    }

    /** What a student's skills say together about the last six weeks: the words of a page. */
    public SkillChanges changes(UUID student) {
        List<SkillChanges.Fitted> fitted = new ArrayList<>();
        bySkill.forEach((skill, fit) -> fit.change(student)
                .ifPresent(change -> fitted.add(new SkillChanges.Fitted(skill.name(), change.logits(), change.se()))));
        return SkillChanges.of(
                fitted, SkillChanges.PRIOR_VARIANCE, SkillChanges.COMMON_SHARE, Proportion.DEFAULT_LEVEL);
    }

    /** A station's difficulty; empty where nobody has played its drill on that table. */
    public Optional<RaschFit.Placed> difficulty(Skill skill, StationOnTable station) {
        return of(skill).flatMap(fit -> fit.difficulty(station));
    }

    /** The student's chance at every station of the skill's drills on tables where somebody has played. */
    public Map<StationOnTable, RaschFit.Expected> chances(UUID student, Skill skill) {
        return of(skill).map(fit -> fit.chances(student)).orElse(Map.of());
    }
}
