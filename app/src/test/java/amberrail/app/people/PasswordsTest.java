package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.app.testing.AppTest;
import amberrail.app.web.Conflict;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Two windows change the same password; both have asked for the old one before either has stored its own. */
class PasswordsTest extends AppTest {
    @Autowired
    Passwords passwords;

    @Autowired
    AccountRepository accounts;

    private AccountEntity stored(UUID id) {
        return accounts.findById(id).orElseThrow();
    }

    @Test
    void theSecondIsToldAndChangesNothing() {
        UUID id = club.newCoach().accountId();
        AccountEntity fresh = stored(id);
        fresh.passwordHash = "$argon2id$the-first";
        accounts.save(fresh);
        AccountEntity one = stored(id);
        AccountEntity other = stored(id);
        passwords.change(one, "$argon2id$of-one-window", null);
        assertThatThrownBy(() -> passwords.change(other, "$argon2id$of-the-other", null))
                .isInstanceOf(Conflict.class)
                .hasMessageContaining("changed elsewhere");
        assertThat(stored(id).passwordHash).isEqualTo("$argon2id$of-one-window");
    }

    @Test
    void anAccountThatHasLostItsPasswordMeanwhileGetsNone() {
        UUID id = club.newCoach().accountId();
        AccountEntity seen = stored(id);
        seen.passwordHash = "$argon2id$the-first";
        assertThat(stored(id).passwordHash).isNotEqualTo("$argon2id$the-first");
        assertThatThrownBy(() -> passwords.change(seen, "$argon2id$another", null))
                .isInstanceOf(Conflict.class);
        assertThat(stored(id).passwordHash).isNotEqualTo("$argon2id$another");
    }
}
