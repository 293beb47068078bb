package amberrail.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** A started jar, with the time from launch to its first answered request. */
final class RunningJar implements AutoCloseable {
    private static final Duration LIMIT = Duration.ofSeconds(120);

    private final Process process;
    private static final double QUIET = 0.05;
    private static final Duration WATCHED = Duration.ofSeconds(3);
    private static final Duration QUIET_LIMIT = Duration.ofMinutes(10);

    private final String url;
    private final double startSeconds;

    private RunningJar(Process process, String url, double startSeconds) {
        this.process = process;
        this.url = url;
        this.startSeconds = startSeconds;
    }

    /** The same flags for every jar, a class-data archive of its own beside it included. */
    static RunningJar start(Path jar, Path data, String... arguments) throws IOException, InterruptedException {
        int port = freePort();
        List<String> command = new ArrayList<>(List.of("java", "-XX:+UseSerialGC", "-Xshare:auto"));
        Path archive = archive(jar);
        if (Files.exists(archive)) {
            command.add("-XX:SharedArchiveFile=" + archive);
        }
        if (jar.getFileName().toString().startsWith("amber-rail")) {
            // Part of how ./amber starts ours; the bare jar has nothing worked out beforehand.
            command.add("-Dspring.aot.enabled=true");
        }
        command.addAll(List.of("-jar", jar.toString(), "--server.port=" + port, "--amber.data=" + data));
        command.addAll(List.of(arguments));
        long begun = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        String url = "http://127.0.0.1:" + port;
        HttpClient http = HttpClient.newHttpClient();
        while (!answers(http, url)) {
            if (!process.isAlive() || System.nanoTime() - begun > LIMIT.toNanos()) {
                throw new IllegalStateException(jar + " did not start");
            }
            Thread.sleep(10);
        }
        return new RunningJar(process, url, (System.nanoTime() - begun) / 1e9);
    }

    /**
     * Makes the class-data archive that {@link #start} uses, as {@code ./amber} makes it: from the list of classes of a run that has answered a request.
     */
    static void train(Path jar) throws IOException, InterruptedException {
        int port = freePort();
        Path data = Files.createTempDirectory("amber-bench");
        Path classes = data.resolveSibling(data.getFileName() + ".classes");
        Process process = new ProcessBuilder(
                        "java",
                        "-XX:+UseSerialGC",
                        "-XX:DumpLoadedClassList=" + classes,
                        "-jar",
                        jar.toString(),
                        "--server.port=" + port,
                        "--amber.data=" + data)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        HttpClient http = HttpClient.newHttpClient();
        while (process.isAlive() && !answers(http, "http://127.0.0.1:" + port)) {
            Thread.sleep(50);
        }
        process.destroy();
        process.onExit().join();
        new ProcessBuilder(
                        "java",
                        "-XX:+UseSerialGC",
                        "-Xshare:dump",
                        "-XX:SharedClassListFile=" + classes,
                        "-XX:SharedArchiveFile=" + archive(jar),
                        "-cp",
                        jar.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        Files.delete(classes);
        if (!Files.exists(archive(jar))) {
            // Without it the comparison would not be fair, and nobody would see it.
            throw new IllegalStateException("no class-data archive could be made of " + jar);
        }
    }

    String url() {
        return url;
    }

    double startSeconds() {
        return startSeconds;
    }

    /** Until it works at nothing of its own any more: what a first request has set off is not the cost of the next. */
    void awaitQuiet() throws InterruptedException {
        long begun = System.nanoTime();
        while (shareOfACore() > QUIET) {
            if (System.nanoTime() - begun > QUIET_LIMIT.toNanos()) {
                throw new IllegalStateException("it works on and on by itself");
            }
        }
    }

    private double shareOfACore() throws InterruptedException {
        Duration before = process.info().totalCpuDuration().orElseThrow();
        Thread.sleep(WATCHED.toMillis());
        Duration worked = process.info().totalCpuDuration().orElseThrow().minus(before);
        return (double) worked.toMillis() / WATCHED.toMillis();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }

    private static Path archive(Path jar) {
        return jar.resolveSibling("app.jsa");
    }

    private static boolean answers(HttpClient http, String url) throws InterruptedException {
        try {
            http.send(
                    HttpRequest.newBuilder(URI.create(url + "/api/v1/club")).build(),
                    HttpResponse.BodyHandlers.discarding());
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
