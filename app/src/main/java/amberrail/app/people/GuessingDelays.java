package amberrail.app.people;

import amberrail.app.web.TooManyTries;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/** Counts wrong guesses by key and makes the next ones wait, longer each time, without ever locking anybody out. */
public final class GuessingDelays {
    /** About a hundred guesses an hour at the most (ASVS 4.0.3, 2.2.1). */
    private static final Duration LONGEST_DELAY = Duration.ofSeconds(40);

    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);
    private static final int MOST_KEYS = 50_000;
    private static final int MOST_DOUBLINGS = 10;

    private final Clock clock;
    private final Cache<String, Failures> failures;

    public GuessingDelays(Clock clock) {
        this.clock = clock;
        failures = Caffeine.newBuilder()
                .maximumSize(MOST_KEYS)
                .expireAfterWrite(FORGOTTEN_AFTER)
                .build();
    }

    private record Failures(int count, Instant last) {
        Instant freeAgain(int freeTries) {
            int over = count - freeTries;
            if (over < 0) {
                return Instant.MIN;
            }
            Duration delay = Duration.ofSeconds(1L << Math.min(over, MOST_DOUBLINGS));
            return last.plus(delay.compareTo(LONGEST_DELAY) > 0 ? LONGEST_DELAY : delay);
        }
    }

    /** When the next guess may be made; long ago where it may be made now. */
    public Instant freeAgain(String key, int freeTries) {
        Failures known = failures.getIfPresent(key);
        return known == null ? Instant.MIN : known.freeAgain(freeTries);
    }

    /** {@link TooManyTries} while that moment lies ahead. */
    public void require(Instant free) {
        Instant now = Instant.now(clock);
        if (free.isAfter(now)) {
            throw new TooManyTries(Duration.between(now, free).plusMillis(999));
        }
    }

    public void failed(String key) {
        Instant now = Instant.now(clock);
        failures.asMap().merge(key, new Failures(1, now), (before, one) -> new Failures(before.count() + 1, now));
    }

    public void forget(String key) {
        failures.invalidate(key);
    }
}
