package amberrail.e2e.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The packed jar laid out in a folder with a class-data archive, as ./amber does it: journeys start many servers. */
final class ExtractedJar {
    /** Bean definitions worked out when the jar was built, as ./amber starts it. */
    static final String PREPARED_BEANS = "-Dspring.aot.enabled=true";

    private ExtractedJar() {}

    static Path path() {
        return folder().resolve(Prepared.jar().getFileName());
    }

    static Path archive() {
        return folder().resolve("app.jsa");
    }

    static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private static Path folder() {
        return Prepared.folder("jar", folder -> {
            run(List.of(
                    java(),
                    "-Djarmode=tools",
                    "-jar",
                    Prepared.jar().toString(),
                    "extract",
                    "--force",
                    "--destination",
                    folder.toString()));
            Path training = Files.createTempDirectory("amber-training");
            run(List.of(
                    java(),
                    "-XX:ArchiveClassesAtExit=" + folder.resolve("app.jsa"),
                    PREPARED_BEANS,
                    "-Dspring.context.exit=onRefresh",
                    "-jar",
                    folder.resolve(Prepared.jar().getFileName()).toString(),
                    "--server.port=0",
                    "--amber.data=" + training.resolve("data")));
        });
    }

    private static void run(List<String> command) throws IOException {
        new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .onExit()
                .join();
    }
}
