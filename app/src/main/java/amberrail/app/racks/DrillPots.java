package amberrail.app.racks;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.kit.KitService;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.app.setups.SetUps;
import amberrail.core.aiming.PotLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Drill;
import amberrail.core.drill.PlacedBall;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.rack.PotKind;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.Proportion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.TableSpec;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a student makes of pots in drills, by cut and distance. Nobody is asked who they are: whoever calls this has checked. */
@Component
class DrillPots {
    private final StationResults results;
    private final DrillCatalogue drills;
    private final KitService kit;
    private final SetUps setUps;

    DrillPots(StationResults results, DrillCatalogue drills, KitService kit, SetUps setUps) {
        this.results = results;
        this.drills = drills;
        this.kit = kit;
        this.setUps = setUps;
    }

    /** Stations of one shot that ask for a whole pocket, played straight; of a pattern it is not kept which of its shots went in. */
    Map<PotKind, Proportion> of(UUID studentId) {
        Map<UUID, TableSpec> tables = kit.everyTable().stream()
                .collect(Collectors.toMap(KitService.ClubTable::id, KitService.ClubTable::spec));
        Map<StationOnTable, Optional<PotKind>> kinds = new HashMap<>();
        Map<PotKind, Proportion> pots = new HashMap<>();
        List<StationResult> played = results.ofStudent(studentId);
        for (StationResult one : played) {
            kinds.computeIfAbsent(one.station(), station -> kind(station, tables.get(station.tableId())))
                    .ifPresent(kind -> pots.merge(
                            kind,
                            Proportion.of(one.count().potted(), one.count().pots()),
                            DrillPots::together));
        }
        return pots;
    }

    private static Proportion together(Proportion one, Proportion other) {
        return Proportion.of(one.successes() + other.successes(), one.trials() + other.trials());
    }

    private Optional<PotKind> kind(StationOnTable station, TableSpec table) {
        Drill drill = drills.version(station.drillId(), station.drillVersion());
        List<Shot> shots = drill.station(station.station()).shots();
        if (shots.size() > 1 || shots.get(0).pot().filter(DrillPots::whole).isEmpty()) {
            return Optional.empty();
        }
        ShotLayout layout = setUps.drawn(SetUp.of(drill, station.station(), 0, false, table));
        return layout.potLine().flatMap(line -> kind(layout, line));
    }

    private static boolean whole(Demand.PotBall pot) {
        return pot.half() == PocketHalf.ANY && pot.via().isEmpty();
    }

    private static Optional<PotKind> kind(ShotLayout layout, PotLine line) {
        return layout.balls().stream()
                .filter(ball -> ball.role() == BallPlacement.Role.CUE)
                .findFirst()
                .map(PlacedBall::place)
                .flatMap(cue -> PotKind.of(
                        cue,
                        line.ghostBall().moved(line.objectDirection(), line.touchingMillimetres()),
                        line.objectPathEnd(),
                        line.touchingMillimetres()));
    }
}
