package amberrail.app.signin;

import amberrail.app.people.GuessingDelays;
import amberrail.app.web.TooManyTries;
import java.time.Clock;
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

    private final GuessingDelays delays;

    SignInThrottle(Clock clock) {
        delays = new GuessingDelays(clock);
    }

    /** {@link TooManyTries} while this name has to wait here. */
    void check(String signInName, String address, boolean knownDevice) {
        Instant free = delays.freeAgain(here(signInName, address, knownDevice), FREE_TRIES);
        if (!knownDevice) {
            Instant everywhere = delays.freeAgain(everywhere(signInName), FREE_TRIES_FROM_EVERYWHERE);
            free = everywhere.isAfter(free) ? everywhere : free;
        }
        delays.require(free);
    }

    void failed(String signInName, String address, boolean knownDevice) {
        delays.failed(here(signInName, address, knownDevice));
        if (!knownDevice) {
            delays.failed(everywhere(signInName));
        }
    }

    /** A right password clears what was counted where it was given. */
    void succeeded(String signInName, String address, boolean knownDevice) {
        delays.forget(here(signInName, address, knownDevice));
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
