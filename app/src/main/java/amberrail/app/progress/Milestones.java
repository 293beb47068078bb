package amberrail.app.progress;

import amberrail.app.progress.ProgressView.MilestoneKind;
import amberrail.app.progress.ProgressView.MilestoneView;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.core.drill.Drill;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** What a student reached for the first time, newest first. */
final class Milestones {
    private static final List<Integer> ATTEMPTS = List.of(100, 250, 500, 1_000, 2_500, 5_000, 10_000, 25_000, 50_000);

    private Milestones() {}

    static List<MilestoneView> of(List<StationResult> oldestFirst, Function<StationOnTable, Drill> drillOf) {
        List<MilestoneView> reached = new ArrayList<>();
        Set<StationOnTable> passed = new HashSet<>();
        int attempts = 0;
        for (StationResult one : oldestFirst) {
            int before = attempts;
            attempts += one.count().attempts();
            for (int size : ATTEMPTS) {
                if (before < size && attempts >= size) {
                    reached.add(new MilestoneView(
                            MilestoneKind.ATTEMPTS, one.startedAt(), one.place().sessionId(), null, null, null, size));
                }
            }
            if (one.count().passed() && passed.add(one.station())) {
                Drill drill = drillOf.apply(one.station());
                int station = one.station().station();
                boolean last = drill.stations().size() > 1
                        && station == drill.stations().size() - 1;
                reached.add(new MilestoneView(
                        last ? MilestoneKind.DRILL_FINISHED : MilestoneKind.STATION_PASSED,
                        one.startedAt(),
                        one.place().sessionId(),
                        drill.title(),
                        station,
                        drill.station(station).name(),
                        null));
            }
        }
        Collections.reverse(reached);
        return reached;
    }
}
