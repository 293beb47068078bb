package amberrail.app.attempts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The visits that were recorded last, so that a recorded shot is not answered by reading the whole visit again.
 *
 * <p>Each is kept as of the number of changes of the student's attempts at the drill in the session, which every write of an attempt raises in its
 * own transaction ({@link AttemptRepository#changes}). Whoever finds more changes than their own since then reads anew (decision 29).
 */
@Component
class KeptVisits {
    /** About ten megabytes. */
    private static final int MOST_SHOTS = 50_000;
    /** Nobody is still at the table then; and who was erased does not stay in memory. */
    private static final Duration LONGEST = Duration.ofHours(1);

    private final Cache<Place, AsOf> visits = Caffeine.newBuilder()
            .maximumWeight(MOST_SHOTS)
            .expireAfterAccess(LONGEST)
            .weigher((Place place, AsOf kept) -> kept.visit().shots().size() + 1)
            .build();

    /** Whose visit to which station. */
    record Place(UUID sessionId, UUID studentId, String drillId, int station) {}

    private record AsOf(long changes, Visit visit) {}

    Optional<Visit> asOf(Place place, long changes) {
        return Optional.ofNullable(visits.getIfPresent(place))
                .filter(kept -> kept.changes() == changes)
                .map(AsOf::visit);
    }

    /** Once the transaction has ended well: nobody is to be told of what was never written. */
    void keepAfterCommit(Place place, long changes, Visit visit) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                visits.put(place, new AsOf(changes, visit));
            }
        });
    }
}
