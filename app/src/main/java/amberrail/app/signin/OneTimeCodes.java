package amberrail.app.signin;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.ByteBuffer;
import java.security.InvalidKeyException;
import java.security.Key;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Locale;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;

/** Six digits that change every thirty seconds (RFC 6238, SHA-1, as authenticator apps expect it), and secrets for them in base 32 (RFC 4648). */
final class OneTimeCodes {
    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final int BITS_A_LETTER = 5;
    private static final int BITS_A_BYTE = 8;
    /** As long as the hash, as RFC 4226 (section 4) wants it. */
    private static final int SECRET_BYTES = 20;

    /** A phone's clock may be one step off. */
    private static final int STEPS_EITHER_WAY = 1;

    private static final SecureRandom RANDOM = new SecureRandom();

    private final TimeBasedOneTimePasswordGenerator generator = new TimeBasedOneTimePasswordGenerator();

    static String newSecret() {
        byte[] bytes = new byte[SECRET_BYTES];
        RANDOM.nextBytes(bytes);
        StringBuilder text = new StringBuilder();
        int bits = 0;
        int held = 0;
        for (byte one : bytes) {
            bits = bits << BITS_A_BYTE | one & 0xFF;
            held += BITS_A_BYTE;
            while (held >= BITS_A_LETTER) {
                held -= BITS_A_LETTER;
                text.append(LETTERS.charAt(bits >> held & 31));
            }
        }
        return text.toString();
    }

    /** The step whose code this is, about now and after the last one that was used; empty where it is none. */
    OptionalLong stepOf(String secret, String code, Instant now, long lastStep) {
        long step = now.getEpochSecond() / generator.getTimeStep().toSeconds();
        for (long one = step - STEPS_EITHER_WAY; one <= step + STEPS_EITHER_WAY; one++) {
            if (one > lastStep && code(secret, one).equals(code)) {
                return OptionalLong.of(one);
            }
        }
        return OptionalLong.empty();
    }

    /** The code of a step, six digits. */
    String code(String secret, long step) {
        try {
            Instant at = Instant.ofEpochSecond(step * generator.getTimeStep().toSeconds());
            return String.format(Locale.ROOT, "%06d", generator.generateOneTimePassword(key(secret), at));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("any bytes are a key", e);
        }
    }

    private Key key(String secret) {
        ByteBuffer bytes = ByteBuffer.allocate(secret.length() * BITS_A_LETTER / BITS_A_BYTE);
        int bits = 0;
        int held = 0;
        for (char letter : secret.toCharArray()) {
            bits = bits << BITS_A_LETTER | LETTERS.indexOf(letter);
            held += BITS_A_LETTER;
            if (held >= BITS_A_BYTE) {
                held -= BITS_A_BYTE;
                bytes.put((byte) (bits >> held));
            }
        }
        return new SecretKeySpec(bytes.array(), generator.getAlgorithm());
    }
}
