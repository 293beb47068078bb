package amberrail.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Launch to first answer, ours and the bare jar by turns, each with its own class-data archive and the same flags. */
final class StartFigures {
    private static final int ROUNDS = 5;

    private StartFigures() {}

    /** The bare jar laid out in a folder with a class-data archive, as ours is. */
    static Path extracted(Path bareJar) throws Exception {
        Path bareFolder = Files.createTempDirectory("amber-bare");
        new ProcessBuilder(
                        "java",
                        "-Djarmode=tools",
                        "-jar",
                        bareJar.toString(),
                        "extract",
                        "--force",
                        "--destination",
                        bareFolder.toString())
                .inheritIO()
                .start()
                .waitFor();
        Path bare = bareFolder.resolve(bareJar.getFileName());
        RunningJar.train(bare);
        return bare;
    }

    static void measure(Path runFolder, Path bare, Report report) throws Exception {
        Path ours = runFolder.resolve("amber-rail-exec.jar");
        List<Double> ourSeconds = new ArrayList<>();
        List<Double> bareSeconds = new ArrayList<>();
        Path ourData = Files.createTempDirectory("amber-data");
        Path bareData = Files.createTempDirectory("bare-data");
        for (int i = 0; i < ROUNDS; i++) {
            ourSeconds.add(startOnce(ours, ourData));
            bareSeconds.add(startOnce(bare, bareData));
        }
        double our = Percentiles.of(ourSeconds).median();
        double theirs = Percentiles.of(bareSeconds).median();
        report.add("start to first answered request, median of " + ROUNDS, "under 12 s", our, "s");
        report.add("the same for a bare Boot jar beside it", "", theirs, "s");
        report.add("ratio of the two", "at most 1.2", our / theirs, "");
    }

    private static double startOnce(Path jar, Path data) throws Exception {
        try (RunningJar running = RunningJar.start(jar, data)) {
            return running.startSeconds();
        }
    }
}
