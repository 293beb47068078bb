package amberrail.app.setups;

import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A set-up by the hash of its content and of how answers are worked out. */
public record SetUpKey(String digest) {
    /** Raised when engine, recipe solver or grading change what they answer: then everything is worked out anew. */
    private static final int METHOD = 5;

    public static SetUpKey of(SetUp setUp) {
        return of("method " + METHOD, setUp.original().content(), ExecutionErrors.REFERENCE.toString());
    }

    /** The key of something that rests on several things. */
    public static SetUpKey of(String... parts) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(String.join("\n", parts).getBytes(StandardCharsets.UTF_8));
            return new SetUpKey(HexFormat.of().formatHex(digest));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
