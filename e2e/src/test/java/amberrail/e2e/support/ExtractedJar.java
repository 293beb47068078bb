package amberrail.e2e.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The packed jar laid out in a folder with a class-data archive by ./amber itself: journeys start many servers, and some start the script. */
public final class ExtractedJar {
    /** Bean definitions worked out when the jar was built, as ./amber starts it. */
    static final String PREPARED_BEANS = "-Dspring.aot.enabled=true";

    private ExtractedJar() {}

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
