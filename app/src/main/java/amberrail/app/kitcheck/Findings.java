package amberrail.app.kitcheck;

import amberrail.core.kit.CheckProgress;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.CueCheck;
import amberrail.core.kit.CueEstimate;
import amberrail.core.kit.CueProgress;
import amberrail.core.kit.Reading;
import amberrail.core.kit.ReadingNoise;
import amberrail.core.kit.SideReading;
import amberrail.core.kit.TableCheck;
import amberrail.core.kit.TableEstimate;
import amberrail.core.kit.TableFigures;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Component;

/** What readings tell; a check that is looked at again and again is worked out once for each of its states. */
@Component
class Findings {
    private static final int REMEMBERED = 200;

    private final Cache<OfTable, TableFinding> tables =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Cache<OfCue, CueFinding> cues =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private record OfTable(TableSpec spec, List<Reading> readings) {}

    private record OfCue(TableSpec spec, TableFigures cloth, List<SideReading> readings) {}

    /** {@code prior} is what was believed before anybody measured. */
    record TableFinding(TableFigures prior, TableEstimate estimate, CheckProgress progress) {}

    /** Of a cue. */
    record CueFinding(CueEstimate estimate, CueProgress progress) {}

    TableFinding ofTable(TableSpec spec, List<Reading> readings) {
        return tables.get(new OfTable(spec, readings), asked -> {
            CheckedTable table = CheckedTable.of(spec);
            TableFigures prior = TableFigures.preset(table);
            TableEstimate estimate = TableCheck.of(table, readings);
            return new TableFinding(prior, estimate, CheckProgress.of(prior, estimate.figures(), readings));
        });
    }

    CueFinding ofCue(TableSpec spec, TableFigures cloth, List<SideReading> readings) {
        return cues.get(new OfCue(spec, cloth, readings), asked -> {
            CheckedTable table = CheckedTable.of(spec);
            CueEstimate estimate = CueCheck.of(
                    table, cloth.asPrior(table), spec.kind().usualEndMassRatio(), readings, ReadingNoise.USUAL);
            return new CueFinding(estimate, CueProgress.of(table, estimate, readings));
        });
    }
}
