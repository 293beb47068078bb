package amberrail.app.advice;

import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.StrokeTables;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.StrokeTable;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** Stroke tables that the engine has played, by set-up, stroke and band: some 160 kB each, played again in a quarter of a second. */
@Component
public class PlayedTables {
    private static final int REMEMBERED = 300;

    private final Cache<Key, StrokeTable> tables =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** The side counts: each has a table of its own. */
    private record Key(SetUp setUp, PlannedStroke stroke, Band band) {}

    /** The stroke as it is meant on the set-up's side. */
    public StrokeTable of(SetUp setUp, PlannedStroke stroke, Band band) {
        return tables.get(
                new Key(setUp, stroke, band),
                key -> StrokeTables.of(
                        key.setUp().drawn(), key.setUp().task(), key.stroke(), OwnErrors.ofBand(key.band())));
    }
}
