package amberrail.app.signin;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.web.TooManyTries;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Slows guessing: so many tries per name and address in a time, and ten times as many per address alone. */
@Component
class SignInThrottle {
    private static final int NAMES_PER_ADDRESS = 10;
    private static final int MOST_KEYS = 20_000;

    private final AmberRailProperties.SignIn limit;
    private final Cache<String, Bucket> buckets;

    SignInThrottle(AmberRailProperties properties) {
        limit = properties.signIn();
        buckets = Caffeine.newBuilder()
                .maximumSize(MOST_KEYS)
                .expireAfterAccess(limit.per().multipliedBy(2))
                .build();
    }

    /** {@link TooManyTries} once the allowance is used up. */
    void count(String signInName, String address) {
        take("address " + address, limit.attempts() * NAMES_PER_ADDRESS);
        take(pair(signInName, address), limit.attempts());
    }

    /** A right password gives the allowance back. */
    void forget(String signInName, String address) {
        buckets.invalidate(pair(signInName, address));
    }

    private void take(String key, int capacity) {
        Bucket bucket = buckets.get(
                key,
                k -> Bucket.builder()
                        .addLimit(bandwidth -> bandwidth.capacity(capacity).refillGreedy(capacity, limit.per()))
                        .build());
        ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            throw new TooManyTries(Duration.ofNanos(probe.getNanosToWaitForRefill()));
        }
    }

    private static String pair(String signInName, String address) {
        return signInName.strip().toLowerCase(Locale.ROOT) + " from " + address;
    }
}
