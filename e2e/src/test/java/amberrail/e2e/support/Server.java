package amberrail.e2e.support;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;

/** The packed jar as its users start it, on a free port and a data folder of its own. */
public final class Server implements AutoCloseable {
    public static final String HALL_NAME = "hall.test";
    private static final Duration START_LIMIT = Duration.ofSeconds(120);
    private static final Duration WATCHED_FOR = Duration.ofSeconds(2);
    /** So much processor time in that while is nothing. */
    private static final Duration QUIET = Duration.ofMillis(100);

    private final Supplier<List<String>> java;
    private final Path data;
    private final int port;
    private final List<String> arguments;
    private final Path log;
    private Process process;

    private Server(Supplier<List<String>> java, Path data, int port, List<String> arguments, Path log) {
        this.java = java;
        this.data = data;
        this.port = port;
        this.arguments = arguments;
        this.log = log;
    }

    /** Started and answering. */
    public static Server start(Path data, String... arguments) {
        Server server = prepared(data, freePort(), arguments);
        server.restart();
        return server;
    }

    /** The same from the jar as it is, so that somebody else can lay it out meanwhile. */
    static Server startPacked(Path data, String... arguments) {
        Server server = prepared(ExtractedJar::packedCommand, data, freePort(), arguments);
        server.restart();
        return server;
    }

    /** Not started yet. */
    public static Server prepared(Path data, int port, String... arguments) {
        return prepared(ExtractedJar::command, data, port, arguments);
    }

    private static Server prepared(Supplier<List<String>> java, Path data, int port, String... arguments) {
        try {
            return new Server(java, data, port, List.of(arguments), Files.createTempFile("amber-server", ".log"));
        } catch (IOException e) {
            throw new IllegalStateException("no place for the server's log", e);
        }
    }

    public static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException("no free port", e);
        }
    }

    public String url() {
        return "http://127.0.0.1:" + port;
    }

    /** The same server under a name that the browser alone knows. */
    public String hallUrl() {
        return "http://" + HALL_NAME + ":" + port;
    }

    public int port() {
        return port;
    }

    /** Starts the process and waits until it answers. */
    public void restart() {
        launch();
        Instant limit = Instant.now().plus(START_LIMIT);
        while (!answers()) {
            if (!process.isAlive() || Instant.now().isAfter(limit)) {
                throw new IllegalStateException("the server did not start:\n" + log());
            }
            pause(100);
        }
    }

    /** Waits until it does nothing by itself any more. */
    void awaitQuiet() {
        Instant limit = Instant.now().plus(START_LIMIT);
        Duration before;
        do {
            if (Instant.now().isAfter(limit)) {
                throw new IllegalStateException("the server works on and on by itself:\n" + log());
            }
            before = processorTime();
            pause(WATCHED_FOR.toMillis());
        } while (processorTime().minus(before).compareTo(QUIET) > 0);
    }

    private Duration processorTime() {
        return process.info().totalCpuDuration().orElseThrow();
    }

    public boolean isRunning() {
        return process != null && process.isAlive();
    }

    /** Starts a process that is expected to give up, and waits for that. */
    public String failToStart() {
        launch();
        try {
            if (!process.waitFor(START_LIMIT.toSeconds(), TimeUnit.SECONDS)) {
                throw new IllegalStateException("the server started although it should not have");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
        return log();
    }

    /** With which code it ended by itself; waits for that. */
    public int exitCode() {
        try {
            if (!process.waitFor(START_LIMIT.toSeconds(), TimeUnit.SECONDS)) {
                throw new IllegalStateException("the server goes on although it should have stopped");
            }
            return process.exitValue();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** kill -9. */
    public void kill() {
        process.destroyForcibly().onExit().join();
    }

    public void stop() {
        process.destroy();
        process.onExit().join();
    }

    @Override
    public void close() {
        if (process != null && process.isAlive()) {
            kill();
        }
    }

    public String log() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new IllegalStateException("cannot read the server's log", e);
        }
    }

    private void launch() {
        List<String> command = new ArrayList<>(java.get());
        command.addAll(List.of("--amber.data=" + data, "--server.port=" + port));
        command.addAll(arguments);
        try {
            process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
        } catch (IOException e) {
            throw new IllegalStateException("java did not start", e);
        }
    }

    private boolean answers() {
        try {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(url() + "/api/v1/club")).build();
            return HttpClient.newHttpClient()
                            .send(request, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static void pause(long milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
