package amberrail.app.drills;

import amberrail.app.setups.SetUps;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Station;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** A drill with all its stations put on one table, original and mirror. */
public record DrillOnTable(DrillView drill, boolean provenOnThisTable, List<StationView> stations) {

    /** One station. */
    public record StationView(String name, RuleView rule, List<ShotView> original, List<ShotView> mirror) {}

    /** With every line of arrival; waits where one is not known yet. */
    public static DrillOnTable of(SetUps setUps, Drill drill, TableSpec table) {
        return of(setUps, setUps::layout, drill, table);
    }

    /** As far as it is known now: a line of arrival that is not is only a first guess. */
    static DrillOnTable now(SetUps setUps, Drill drill, TableSpec table) {
        return of(setUps, setUp -> setUps.layoutIfKnown(setUp).orElseGet(() -> setUps.drawn(setUp)), drill, table);
    }

    private static DrillOnTable of(SetUps setUps, Function<SetUp, ShotLayout> layouts, Drill drill, TableSpec table) {
        List<StationView> stations = new ArrayList<>();
        for (int i = 0; i < drill.stations().size(); i++) {
            Station station = drill.station(i);
            stations.add(new StationView(
                    station.name(),
                    RuleView.of(station.rule()),
                    shots(setUps, layouts, drill, i, table, false),
                    shots(setUps, layouts, drill, i, table, true)));
        }
        return new DrillOnTable(DrillView.of(drill), drill.tables().contains(table.id()), stations);
    }

    private static List<ShotView> shots(
            SetUps setUps,
            Function<SetUp, ShotLayout> layouts,
            Drill drill,
            int station,
            TableSpec table,
            boolean mirrored) {
        List<ShotView> shots = new ArrayList<>();
        for (int i = 0; i < drill.station(station).shots().size(); i++) {
            SetUp setUp = SetUp.of(drill, station, i, mirrored, table);
            shots.add(ShotView.of(setUp, layouts.apply(setUp), setUps.usualIfKnown(setUp)));
        }
        return shots;
    }
}
