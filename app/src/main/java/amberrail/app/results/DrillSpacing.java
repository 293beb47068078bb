package amberrail.app.results;

import amberrail.core.statistics.Spacing;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * When a student is due for a drill again, of whichever version and table: a drill is practised when it is practised.
 *
 * @param last of its newest session
 */
public record DrillSpacing(Spacing spacing, StationResult last) {
    private static final double SECONDS_PER_DAY = 86_400;

    /** By drill, from one student's results, oldest session first; each session is one visit. */
    public static Map<String, DrillSpacing> byDrill(List<StationResult> played, Instant now) {
        Map<String, Map<UUID, List<StationResult>>> sessions = new LinkedHashMap<>();
        played.forEach(one -> sessions.computeIfAbsent(one.place().drillId(), k -> new LinkedHashMap<>())
                .computeIfAbsent(one.place().sessionId(), k -> new ArrayList<>())
                .add(one));
        Map<String, DrillSpacing> spacings = new LinkedHashMap<>();
        sessions.forEach((drill, visits) -> spacings.put(drill, of(List.copyOf(visits.values()), now)));
        return spacings;
    }

    private static DrillSpacing of(List<List<StationResult>> visits, Instant now) {
        StationResult last = visits.get(visits.size() - 1).get(0);
        // A clock that was put back must not make a visit lie ahead.
        double days = Math.max(0, Duration.between(last.startedAt(), now).toSeconds() / SECONDS_PER_DAY);
        return new DrillSpacing(
                Spacing.after(visits.stream().map(DrillSpacing::visit).toList(), days), last);
    }

    private static Spacing.Visit visit(List<StationResult> session) {
        return new Spacing.Visit(
                session.stream().mapToInt(one -> one.count().successes()).sum(),
                session.stream().mapToInt(one -> one.count().tries()).sum());
    }
}
