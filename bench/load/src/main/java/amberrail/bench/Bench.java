package amberrail.bench;

import amberrail.bench.engine.EngineFigures;
import java.nio.file.Files;
import java.nio.file.Path;

/** Measures everything that {@code docs/benchmarks.md} reports and writes it there. */
public final class Bench {
    private Bench() {}

    /**
     * @param arguments folder with the extracted jar and its class-data archive; the bare jar; the report to write
     */
    public static void main(String[] arguments) throws Exception {
        Path runFolder = Path.of(arguments[0]);
        Report report = new Report();
        EngineFigures.measure().forEach(figure -> report.add(figure.what(), figure.wanted(), figure.measured()));
        Path bare = StartFigures.extracted(Path.of(arguments[1]));
        StartFigures.measure(runFolder, bare, report);
        Path data = Files.createTempDirectory("amber-bench-data");
        try (RunningJar running =
                RunningJar.start(runFolder.resolve("amber-rail-exec.jar"), data, "--spring.profiles.active=demo")) {
            ServerFigures.measure(running.url(), report);
            BareComparison.measure(running, bare, report);
            ManyDevices.measure(running.url(), report);
            GradeFigures.measure(running.url(), report);
            BrowserFigures.measure(running.url(), report);
        }
        AbilityFigures.measure(report);
        RackFigures.measure(report);
        MillionAttempts.measure(runFolder.resolve("amber-rail-exec.jar"), report);
        report.writeTo(Path.of(arguments[2]));
    }
}
