package amberrail.app.drills;

import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import java.util.List;

/** A drill's own words, without a table. */
public record DrillView(
        String id,
        int version,
        String title,
        Skill skill,
        String purpose,
        String watch,
        String missReads,
        int minutes,
        int stations,
        List<String> tablePresets) {
    public static DrillView of(Drill drill) {
        return new DrillView(
                drill.id(),
                drill.version(),
                drill.title(),
                drill.primarySkill(),
                drill.purpose(),
                drill.watch(),
                drill.missReads(),
                drill.minutes(),
                drill.stations().size(),
                drill.tables());
    }
}
