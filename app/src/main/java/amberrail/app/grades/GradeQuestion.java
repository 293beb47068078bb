package amberrail.app.grades;

import amberrail.app.setups.SetUpKey;
import amberrail.core.drill.Drill;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;

/** All that a station's grade depends on, as one short text: its shots' set-ups and how many strokes it is worked out with. */
record GradeQuestion(String digest) {
    static GradeQuestion of(Drill drill, int station, TableSpec table) {
        List<String> parts = new ArrayList<>(List.of("strokes " + Grader.STROKES));
        for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
            parts.add(SetUpKey.of(SetUp.of(drill, station, shot, false, table)).digest());
        }
        return new GradeQuestion(SetUpKey.of(parts.toArray(String[]::new)).digest());
    }
}
