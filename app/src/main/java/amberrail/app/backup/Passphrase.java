package amberrail.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** The first line of a file: on a command line or in the environment every user of the computer could read it. */
final class Passphrase {
    private static final int SHORTEST = 12;

    private Passphrase() {}

    static Optional<char[]> in(Optional<Path> file) throws IOException {
        if (file.isEmpty()) {
            return Optional.empty();
        }
        String first =
                Files.readString(file.get()).lines().findFirst().orElse("").strip();
        if (first.length() < SHORTEST) {
            throw new IOException("The passphrase in " + file.get() + " has fewer than " + SHORTEST + " characters.");
        }
        return Optional.of(first.toCharArray());
    }
}
