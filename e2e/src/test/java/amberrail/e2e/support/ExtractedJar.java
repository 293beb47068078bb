package amberrail.e2e.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The packed jar laid out in a folder with a class-data archive, as ./amber does it: journeys start many servers. */
final class ExtractedJar {
    /** Bean definitions worked out when the jar was built, as ./amber starts it. */
    static final String PREPARED_BEANS = "-Dspring.aot.enabled=true";

    private static Path jar;

    private ExtractedJar() {}

    static synchronized Path path() {
        if (jar == null) {
            jar = extract(Path.of(System.getProperty("amber.jar")));
        }
        return jar;
    }

    static Path archive() {
        return path().resolveSibling("app.jsa");
    }

    static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    private static Path extract(Path packed) {
        try {
            Path folder = Files.createTempDirectory("amber-jar");
            run(List.of(
                    java(),
                    "-Djarmode=tools",
                    "-jar",
                    packed.toString(),
                    "extract",
                    "--force",
                    "--destination",
                    folder.toString()));
            Path extracted = folder.resolve(packed.getFileName());
            run(List.of(
                    java(),
                    "-XX:ArchiveClassesAtExit=" + folder.resolve("app.jsa"),
                    PREPARED_BEANS,
                    "-Dspring.context.exit=onRefresh",
                    "-jar",
                    extracted.toString(),
                    "--server.port=0",
                    "--amber.data=" + folder.resolve("training")));
            return extracted;
        } catch (IOException e) {
            throw new IllegalStateException("cannot lay out " + packed, e);
        }
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
