package amberrail.app.people;

import amberrail.app.web.Busy;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Argon2id with what OWASP advises today (Password Storage Cheat Sheet: 19 MiB, 2 passes, 1 lane), a few at a time: guessing must not take the
 * processors from those who record. Hashes of older settings stay valid.
 */
@Component
class PasswordHashing {
    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int LANES = 1;
    private static final int MEMORY_KIBIBYTES = 19 * 1024;
    private static final int PASSES = 2;
    private static final int AT_ONCE = 2;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(10);

    private final Argon2PasswordEncoder argon;
    private final Semaphore places = new Semaphore(AT_ONCE, true);

    @Autowired
    PasswordHashing() {
        this(MEMORY_KIBIBYTES, PASSES);
    }

    PasswordHashing(int memoryKibibytes, int passes) {
        argon = new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, LANES, memoryKibibytes, passes);
    }

    String encode(String password) {
        return inTurn(() -> argon.encode(password));
    }

    /** False also where there is no hash. */
    boolean matches(String password, String hash) {
        return inTurn(() -> argon.matches(password, hash));
    }

    private <T> T inTurn(Supplier<T> work) {
        try {
            if (!places.tryAcquire(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new Busy(LONGEST_WAIT);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy(LONGEST_WAIT);
        }
        try {
            return work.get();
        } finally {
            places.release();
        }
    }
}
