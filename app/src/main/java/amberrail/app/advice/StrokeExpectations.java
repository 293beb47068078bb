package amberrail.app.advice;

import amberrail.app.people.SignedIn;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Call;
import amberrail.core.diagnosis.OneChange;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.StrokeExpectation;
import amberrail.core.geometry.Zone;
import amberrail.core.grading.Band;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.StrokeTable;
import amberrail.core.statistics.UnlikelyLandings;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Where a set-up's usual stroke lands in the hands of one student without any bias: what their landings are held against. */
@Component
public class StrokeExpectations {
    private static final int REMEMBERED = 500;

    private final SetUps setUps;
    private final PlayedTables tables;
    private final OwnErrorSizes sizes;
    private final Kept<Hands, StrokeExpectation> expected = new Kept<>();
    private final Kept<Wanted, OneChange> changes = new Kept<>();

    StrokeExpectations(SetUps setUps, PlayedTables tables, OwnErrorSizes sizes) {
        this.setUps = setUps;
        this.tables = tables;
        this.sizes = sizes;
    }

    /** A set-up's usual stroke at some error sizes: nothing else decides where it lands, and sizes stay the same from one look to the next. */
    private record Hands(OwnErrors own, SetUp setUp) {}

    private record Wanted(Hands hands, Zone zone) {}

    /** Worked out once; not while the cache is held, as it may wait for the set-up. */
    private static final class Kept<K, V> {
        private final Cache<K, Optional<V>> known =
                Caffeine.newBuilder().maximumSize(REMEMBERED).build();

        Optional<V> get(K key, Supplier<Optional<V>> find) {
            Optional<V> found = known.getIfPresent(key);
            if (found == null) {
                found = find.get();
                known.put(key, found);
            }
            return found;
        }
    }

    /** Empty where no stroke does what is asked, or none of it is clean. */
    public Optional<StrokeExpectation> of(SignedIn who, UUID studentId, SetUp setUp) {
        OwnErrors own = sizes.of(who, studentId);
        return expected.get(
                new Hands(own, setUp),
                () -> table(setUp, own.band()).flatMap(table -> StrokeExpectation.of(table, own, own.band())));
    }

    /** Which of its clean landings nobody would expect of this student; empty as {@link #of} is. */
    public Optional<UnlikelyLandings> unlikely(SignedIn who, UUID studentId, SetUp setUp) {
        OwnErrors own = sizes.of(who, studentId);
        return table(setUp, own.band()).flatMap(table -> own.unlikely(table));
    }

    /** What one change would help the usual stroke most; empty where none stands out, or no zone is asked. */
    public Optional<OneChange> helpsMost(SignedIn who, UUID studentId, SetUp setUp, Optional<Zone> zone) {
        OwnErrors own = sizes.of(who, studentId);
        return zone.flatMap(wanted -> changes.get(
                new Wanted(new Hands(own, setUp), wanted),
                () -> table(setUp, own.band())
                        .flatMap(table -> OneChange.of(table, own, own.band(), wanted::contains))));
    }

    private Optional<StrokeTable> table(SetUp setUp, Band band) {
        return setUps.usual(setUp)
                .map(Recipe::stroke)
                .map(stroke -> setUp.mirrored() ? stroke.mirrored() : stroke)
                .map(stroke -> tables.of(setUp, stroke, band));
    }

    /** Whether an attempt was meant to be the usual stroke: nothing else was called. */
    public boolean isUsual(SetUp setUp, Optional<Call> call) {
        return call.isEmpty()
                || setUps.usual(setUp)
                        .map(Recipe::stroke)
                        .filter(usual -> near(setUp.mirrored() ? usual.mirrored() : usual, call.get(), setUp))
                        .isPresent();
    }

    private static boolean near(PlannedStroke usual, Call call, SetUp setUp) {
        return CalledStrokes.near(usual, call, setUp.table());
    }
}
