package amberrail.app.signin;

import amberrail.app.web.TooManyTries;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * Slows guessing with growing delays and locks nobody out. What is counted are wrong passwords for one name: from one address, from everywhere,
 * and from a device on which that name has signed in before (it shows a {@link KnownDevices} token). A device's own count is its own, so
 * whoever guesses elsewhere does not delay its owner; and an address full of made-up names delays none of the names that exist.
 */
@Component
class SignInThrottle {
    private static final int FREE_TRIES = 5;
    private static final int FREE_TRIES_FROM_EVERYWHERE = 20;
    /** About a hundred guesses an hour at the most (ASVS 4.0.3, 2.2.1). */
    private static final Duration LONGEST_DELAY = Duration.ofSeconds(40);

    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);
    private static final int MOST_KEYS = 50_000;

    private final Clock clock;
    private final Cache<String, Failures> failures;

    SignInThrottle(Clock clock) {
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
            Duration delay = Duration.ofSeconds(1L << Math.min(over, 10));
            return last.plus(delay.compareTo(LONGEST_DELAY) > 0 ? LONGEST_DELAY : delay);
        }
    }

    /** {@link TooManyTries} while this name has to wait here. */
    void check(String signInName, String address, boolean knownDevice) {
        Instant free = freeAgain(here(signInName, address, knownDevice), FREE_TRIES);
        if (!knownDevice) {
            Instant everywhere = freeAgain(everywhere(signInName), FREE_TRIES_FROM_EVERYWHERE);
            free = everywhere.isAfter(free) ? everywhere : free;
        }
        Instant now = Instant.now(clock);
        if (free.isAfter(now)) {
            throw new TooManyTries(Duration.between(now, free).plusMillis(999));
        }
    }

    void failed(String signInName, String address, boolean knownDevice) {
        count(here(signInName, address, knownDevice));
        if (!knownDevice) {
            count(everywhere(signInName));
        }
    }

    /** A right password clears what was counted where it was given. */
    void succeeded(String signInName, String address, boolean knownDevice) {
        failures.invalidate(here(signInName, address, knownDevice));
    }

    private void count(String key) {
        Instant now = Instant.now(clock);
        failures.asMap().merge(key, new Failures(1, now), (before, one) -> new Failures(before.count() + 1, now));
    }

    private Instant freeAgain(String key, int freeTries) {
        Failures known = failures.getIfPresent(key);
        return known == null ? Instant.MIN : known.freeAgain(freeTries);
    }

    private static String here(String signInName, String address, boolean knownDevice) {
        return normal(signInName) + (knownDevice ? " on a known device at " : " from ") + address;
    }

    private static String everywhere(String signInName) {
        return normal(signInName) + " from everywhere";
    }

    static String normal(String signInName) {
        return signInName.strip().toLowerCase(Locale.ROOT);
    }
}
