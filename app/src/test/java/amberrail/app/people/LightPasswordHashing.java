package amberrail.app.people;

import org.springframework.boot.test.context.TestComponent;
import org.springframework.context.annotation.Primary;

/** Hashes that cost nothing: each test makes its own people, and with those that people have ({@link PasswordHashingTest}) it would do little else. */
@TestComponent
@Primary
public class LightPasswordHashing extends PasswordHashing {
    private static final int KIBIBYTES = 16;
    private static final int PASSES = 1;

    LightPasswordHashing() {
        super(KIBIBYTES, PASSES);
    }
}
