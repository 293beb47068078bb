package amberrail.e2e.support;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** What takes long to make and is the same for every journey: made once for a jar, whichever JVM of the journeys comes first, and kept beside it. */
final class Prepared {
    private static final Path JAR = Path.of(System.getProperty("amber.jar"));

    private Prepared() {}

    /** Makes what a folder shall hold. */
    interface Making {
        void into(Path folder) throws IOException;
    }

    /** The folder of this name for the present jar; a making that broke off is begun anew. Each name has a lock of its own: making one may need another. */
    static synchronized Path folder(String name, Making making) {
        try {
            Path all = Files.createDirectories(Path.of("target", "prepared").toAbsolutePath());
            try (FileChannel door = FileChannel.open(
                    all.resolve(name + ".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
                door.lock(); // let go of as the channel closes
                Path folder = all.resolve(jarMade() + "-" + name);
                if (!Files.exists(folder)) {
                    Path half = Files.createTempDirectory(all, "making");
                    making.into(half);
                    Files.move(half, folder);
                }
                return folder;
            }
        } catch (IOException e) {
            throw new IllegalStateException("cannot prepare " + name, e);
        }
    }

    static Path jar() {
        return JAR;
    }

    private static long jarMade() throws IOException {
        return Files.getLastModifiedTime(JAR).toMillis();
    }
}
