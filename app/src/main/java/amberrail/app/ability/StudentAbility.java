package amberrail.app.ability;

import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.AbilityChange;
import amberrail.core.statistics.AbilityThen;
import amberrail.core.statistics.RaschFit;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** One student's ability at other times than now, at the difficulties of the joint model. */
@Component
public class StudentAbility {
    private static final double SECONDS_PER_DAY = 86_400;
    /** What "lately" means: these weeks are compared with as many before them. */
    private static final Duration PERIOD = Duration.ofDays(42);

    private final AbilityModel model;

    StudentAbility(AbilityModel model) {
        this.model = model;
    }

    /** From the results until then alone; empty where there are none. All results must be of the skill. */
    public Optional<AbilityThen> at(Instant then, Skill skill, List<StationResult> ofSkill) {
        return AbilityThen.of(
                ofSkill.stream()
                        .filter(one ->
                                !one.startedAt().isAfter(then) && one.count().tries() > 0)
                        .flatMap(one -> difficulty(skill, one.station()).stream()
                                .map(there -> new AbilityThen.Result(
                                        there.logits(),
                                        there.se(),
                                        one.count().successes(),
                                        one.count().tries(),
                                        Duration.between(one.startedAt(), then).toSeconds() / SECONDS_PER_DAY)))
                        .toList(),
                RaschFit.Prior.USUAL);
    }

    /** The last six weeks against the six before them. */
    public AbilityChange lately(Instant now, Skill skill, List<StationResult> ofSkill) {
        // By whole days, so that the answer does not change with the hour at which it is asked.
        Instant middle = now.truncatedTo(ChronoUnit.DAYS).minus(PERIOD);
        return AbilityChange.of(
                between(middle.minus(PERIOD), middle, skill, ofSkill), between(middle, now, skill, ofSkill));
    }

    private List<AbilityChange.Result> between(Instant from, Instant to, Skill skill, List<StationResult> ofSkill) {
        return ofSkill.stream()
                .filter(one -> one.startedAt().isAfter(from) && !one.startedAt().isAfter(to))
                .filter(one -> one.count().tries() > 0)
                .flatMap(one -> difficulty(skill, one.station()).stream()
                        .map(there -> new AbilityChange.Result(
                                one.station().id(),
                                there.logits(),
                                there.se(),
                                one.count().successes(),
                                one.count().tries())))
                .toList();
    }

    private Optional<RaschFit.Placed> difficulty(Skill skill, StationOnTable station) {
        return model.difficulty(skill, station);
    }
}
