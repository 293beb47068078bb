package amberrail.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PasswordHashingTest {
    private static final String PASSWORD = "chalk, tip and shaft";

    private final PasswordHashing hashing = new PasswordHashing();

    /** Password Storage Cheat Sheet: 19 MiB, 2 passes, 1 lane. */
    @Test
    void costsWhatOwaspAdvisesAndIsAnotherEachTime() {
        String hash = hashing.encode(PASSWORD);
        assertThat(hash).startsWith("$argon2id$v=19$m=19456,t=2,p=1$");
        assertThat(hashing.encode(PASSWORD)).isNotEqualTo(hash);
        assertThat(hashing.matches(PASSWORD, hash)).isTrue();
        assertThat(hashing.matches("chalk, tip and shafts", hash)).isFalse();
    }

    @Test
    void hashesOfOtherSettingsStayValid() {
        String older = new LightPasswordHashing().encode(PASSWORD);
        assertThat(older).startsWith("$argon2id$v=19$m=16,t=1,p=1$");
        assertThat(hashing.matches(PASSWORD, older)).isTrue();
        assertThat(hashing.matches("another", older)).isFalse();
    }

    @Test
    void withoutAHashNothingMatches() {
        assertThat(hashing.matches(PASSWORD, null)).isFalse();
        assertThat(hashing.matches(PASSWORD, "")).isFalse();
    }
}
