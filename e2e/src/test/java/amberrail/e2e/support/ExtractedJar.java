package amberrail.e2e.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The packed jar laid out in a folder with a class-data archive by ./amber itself: journeys start many servers, and some start the script. */
public final class ExtractedJar {
    /** Bean definitions worked out when the jar was built, as ./amber starts it. */
    private static final String PREPARED_BEANS = "-Dspring.aot.enabled=true";

    /** Most of what these JVMs do is done once: the second compiler would take more than it gives. */
    private static final List<String> SHORT_LIVED =
            List.of(java(), "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1", PREPARED_BEANS);

    private ExtractedJar() {}

    /** Starts the jar as it is laid out; its own arguments come after. */
    public static List<String> command() {
        return Stream.concat(
                        SHORT_LIVED.stream(),
                        Stream.of("-XX:SharedArchiveFile=" + archive(), "-jar", path().toString()))
                .toList();
    }

    /** Starts it packed as it is: slower, and needs nothing prepared. */
    static List<String> packedCommand() {
        return Stream.concat(
                        SHORT_LIVED.stream(), Stream.of("-jar", Prepared.jar().toString()))
                .toList();
    }

    public static Path path() {
        return folder().resolve(Prepared.jar().getFileName());
    }

    static Path archive() {
        return folder().resolve("app.jsa");
    }

    public static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private static Path folder() {
        // The mark alone lies there: it says that the script's own folder is made for this jar.
        Prepared.folder("run", mark -> prepare());
        return Prepared.jar().resolveSibling("run").toAbsolutePath().normalize();
    }

    private static void prepare() throws IOException {
        Path repository = Path.of("..").toAbsolutePath().normalize();
        Path log = Files.createTempFile("amber-prepare", ".log");
        int status = new ProcessBuilder("./amber", "prepare")
                .directory(repository.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start()
                .onExit()
                .join()
                .exitValue();
        if (status != 0) {
            throw new IOException("./amber prepare failed: " + Files.readString(log));
        }
    }
}
