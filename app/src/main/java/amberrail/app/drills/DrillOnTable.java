package amberrail.app.drills;

import amberrail.core.drill.Drill;
import amberrail.core.drill.Station;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;

/** A drill with all its stations put on one table, original and mirror. */
public record DrillOnTable(DrillView drill, boolean provenOnThisTable, List<StationView> stations) {

    /** One station. */
    public record StationView(String name, RuleView rule, List<ShotView> original, List<ShotView> mirror) {}

    public static DrillOnTable of(DrillLayouts layouts, Drill drill, TableSpec table) {
        List<StationView> stations = new ArrayList<>();
        for (int i = 0; i < drill.stations().size(); i++) {
            Station station = drill.station(i);
            stations.add(new StationView(
                    station.name(),
                    RuleView.of(station.rule()),
                    shots(layouts, drill, i, table, false),
                    shots(layouts, drill, i, table, true)));
        }
        return new DrillOnTable(DrillView.of(drill), drill.tables().contains(table.id()), stations);
    }

    private static List<ShotView> shots(
            DrillLayouts layouts, Drill drill, int station, TableSpec table, boolean mirrored) {
        List<ShotView> shots = new ArrayList<>();
        for (int i = 0; i < drill.station(station).shots().size(); i++) {
            shots.add(ShotView.of(layouts.layout(drill, station, i, mirrored, table), table));
        }
        return shots;
    }
}
