package amberrail.app.drills;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Caution;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Explore;
import amberrail.core.drill.Game;
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
        List<String> tablePresets,
        boolean sideAllowed,
        @MayBeMissing Explore explore,
        List<Caution> cautions,
        String family,
        List<Game> games,
        boolean solo,
        boolean coached,
        List<String> words) {
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
                drill.tables(),
                drill.sideAllowed(),
                drill.explore().orElse(null),
                drill.cautions().stream().sorted().toList(),
                drill.tags().family(),
                drill.tags().games().stream().sorted().toList(),
                drill.tags().solo(),
                drill.tags().coached(),
                drill.tags().words());
    }
}
