package amberrail.app.racks;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.core.drill.Skill;
import amberrail.core.simulation.ExecutionErrors;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The error sizes of a student for work that nobody asked for: those of their ability in position play, else in potting. */
@Component
class RackSizes {
    private static final double UNKNOWN = 0;

    private final AbilityModel model;

    RackSizes(AbilityModel model) {
        this.model = model;
    }

    ExecutionErrors of(UUID studentId) {
        Abilities now = model.current();
        double logits = now.ability(studentId, Skill.POSITION)
                .or(() -> now.ability(studentId, Skill.POTTING))
                .map(placed -> placed.logits())
                .orElse(UNKNOWN);
        return ExecutionErrors.ofAbility(Math.max(-4, Math.min(4, logits)));
    }
}
