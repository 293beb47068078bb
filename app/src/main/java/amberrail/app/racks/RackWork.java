package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.web.BackgroundThread;
import amberrail.app.web.Busy;
import amberrail.app.web.Missing;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Work on racks that a person looks at while it goes on: each piece belongs to who asked for it, and can be stopped. */
@Component
class RackWork {
    private static final Logger LOG = LoggerFactory.getLogger(RackWork.class);
    private static final Duration REMEMBERED = Duration.ofMinutes(20);
    private static final int MOST_WAITING = 12;
    private static final int MOST_REMEMBERED = 300;

    /** Plans come before chances: somebody stands at the table. Each uses all cores by itself. */
    private final ExecutorService plans = BackgroundThread.of("rack plans");

    private final ExecutorService chances = BackgroundThread.idle("rack chances");
    private final AtomicInteger waiting = new AtomicInteger();
    private final Cache<UUID, Piece<?>> pieces = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterAccess(REMEMBERED)
            .build();

    @PreDestroy
    void stop() {
        pieces.asMap().values().forEach(piece -> piece.cancelled = true);
        plans.shutdownNow();
        chances.shutdownNow();
    }

    enum State {
        WORKING,
        DONE,
        STOPPED,
        FAILED
    }

    /** What is found grows while the work goes on. */
    static final class Piece<T> {
        private final UUID owner;
        private final Class<T> kind;
        private volatile State state = State.WORKING;
        private volatile T found;
        private volatile boolean cancelled;

        private Piece(UUID owner, Class<T> kind, T nothing) {
            this.owner = owner;
            this.kind = kind;
            found = nothing;
        }

        State state() {
            return state;
        }

        T found() {
            return found;
        }

        void tell(T now) {
            found = now;
        }

        boolean isCancelled() {
            return cancelled;
        }
    }

    /** What the work does: it tells what it finds, and asks whether it should go on. */
    interface Task<T> {
        void run(Piece<T> piece, BooleanSupplier cancelled);
    }

    /** {@link Busy} where too much is waiting already. */
    <T> UUID begin(SignedIn who, boolean waitedFor, Class<T> kind, T nothing, Task<T> task) {
        if (waiting.get() >= MOST_WAITING) {
            throw new Busy(Duration.ofSeconds(3));
        }
        waiting.incrementAndGet();
        Piece<T> piece = new Piece<>(who.accountId(), kind, nothing);
        UUID id = UUID.randomUUID();
        pieces.put(id, piece);
        (waitedFor ? plans : chances).execute(() -> run(piece, task));
        return id;
    }

    private <T> void run(Piece<T> piece, Task<T> task) {
        try {
            if (piece.cancelled) {
                throw new CancellationException();
            }
            task.run(piece, piece::isCancelled);
            piece.state = State.DONE;
        } catch (CancellationException stopped) {
            piece.state = State.STOPPED;
        } catch (RuntimeException | Error failed) {
            LOG.error("work on a rack failed", failed);
            piece.state = State.FAILED;
        } finally {
            waiting.decrementAndGet();
        }
    }

    /** {@link Missing} for what is not there any more, or somebody else's, or of another kind. */
    <T> Piece<T> of(SignedIn who, UUID id, Class<T> kind) {
        Piece<?> piece = pieces.getIfPresent(id);
        if (piece == null || !piece.owner.equals(who.accountId()) || piece.kind != kind) {
            throw new Missing("calculation");
        }
        @SuppressWarnings("unchecked")
        Piece<T> its = (Piece<T>) piece;
        return its;
    }

    /** What is found already stays. */
    void stop(SignedIn who, UUID id) {
        Piece<?> piece = pieces.getIfPresent(id);
        if (piece == null || !piece.owner.equals(who.accountId())) {
            throw new Missing("calculation");
        }
        piece.cancelled = true;
    }
}
