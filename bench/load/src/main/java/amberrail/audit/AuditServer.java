package amberrail.audit;

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
import java.util.concurrent.TimeUnit;

/** The packed server on a data folder, started, killed and started again on one port. */
final class AuditServer implements AutoCloseable {
    private static final Duration START_LIMIT = Duration.ofSeconds(120);

    private final Path jar;
    private final Path data;
    private final Path log;
    private final int port;
    private final List<String> arguments;
    private final List<String> compiler;
    private Process process;

    /** For faults: it starts again and again, and is compiled quickly rather than well. */
    AuditServer(Path runFolder, Path data, String... arguments) throws IOException {
        this(runFolder, data, List.of("-XX:TieredStopAtLevel=1"), arguments);
    }

    /** For figures: with the flags of {@code ./amber serve}. */
    static AuditServer asServed(Path runFolder, Path data, String... arguments) throws IOException {
        return new AuditServer(runFolder, data, List.of(), arguments);
    }

    private AuditServer(Path runFolder, Path data, List<String> compiler, String... arguments) throws IOException {
        this.jar = runFolder.resolve("amber-rail-exec.jar");
        this.data = data;
        this.log = Files.createTempFile("amber-audit", ".log");
        this.arguments = List.of(arguments);
        this.compiler = compiler;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    int port() {
        return port;
    }

    Path data() {
        return data;
    }

    String log() throws IOException {
        return Files.readString(log);
    }

    /** Returns when it answers. */
    void start() throws IOException, InterruptedException {
        launch();
        long begun = System.nanoTime();
        while (!answers()) {
            if (!process.isAlive() || System.nanoTime() - begun > START_LIMIT.toNanos()) {
                throw new IllegalStateException("the server did not start:\n" + log());
            }
            Thread.sleep(20);
        }
    }

    void launch() throws IOException {
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-Xmx512m",
                "-XX:+UseSerialGC",
                "-XX:SharedArchiveFile=" + jar.resolveSibling("app.jsa"),
                "-Dspring.aot.enabled=true",
                "-jar",
                jar.toString(),
                "--server.port=" + port,
                "--amber.data=" + data));
        command.addAll(1, compiler);
        command.addAll(arguments);
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
    }

    boolean answers() throws InterruptedException {
        try {
            HttpRequest club =
                    HttpRequest.newBuilder(URI.create(url() + "/api/v1/club")).build();
            return HttpClient.newHttpClient()
                            .send(club, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        }
    }

    boolean isAlive() {
        return process != null && process.isAlive();
    }

    /** Whether a start ends by itself. */
    boolean refusesToStart() throws IOException, InterruptedException {
        launch();
        return process.waitFor(START_LIMIT.toSeconds(), TimeUnit.SECONDS) && process.exitValue() != 0;
    }

    /** SIGTERM; whether it is gone in time. One that is not is killed. */
    boolean terminate(long limit, TimeUnit unit) throws InterruptedException {
        process.destroy();
        boolean gone = process.waitFor(limit, unit);
        if (!gone) {
            kill();
        }
        return gone;
    }

    /** kill -9 */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        if (isAlive()) {
            kill();
        }
    }
}
