package amberrail.app.people;

import amberrail.app.web.Refused;
import java.time.Clock;
import org.springframework.stereotype.Component;

/** The present password, asked for once more before something that matters: whoever found an open browser cannot go on guessing it. */
@Component
class OwnPasswords {
    private static final int FREE_TRIES = 5;

    private final PasswordHashing hashing;
    private final GuessingDelays delays;

    OwnPasswords(PasswordHashing hashing, Clock clock) {
        this.hashing = hashing;
        delays = new GuessingDelays(clock);
    }

    /** @param sentence what is said where it is not the one */
    void require(AccountEntity account, String password, String field, String sentence) {
        String key = account.id.toString();
        delays.require(delays.freeAgain(key, FREE_TRIES));
        if (!hashing.matches(password, account.passwordHash)) {
            delays.failed(key);
            throw new Refused(field, sentence);
        }
        delays.forget(key);
    }
}
