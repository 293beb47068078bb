package amberrail.e2e.support;

import java.io.IOException;
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

/** {@code ./amber serve} as a club starts it: the script of the repository with its options, on a free port. */
public final class Script implements AutoCloseable {
    /** The first time the script lays the jar out and makes its class-data archive. */
    private static final Duration START_LIMIT = Duration.ofSeconds(240);

    private final Process process;
    private final Path log;
    private final int port;

    private Script(Process process, Path log, int port) {
        this.process = process;
        this.log = log;
        this.port = port;
    }

    /** Started, and it has said that it is ready. */
    public static Script serve(Path data, String... options) throws IOException, InterruptedException {
        // Laid out already: two scripts that begin at once must not both do it.
        ExtractedJar.path();
        int port = Server.freePort();
        Path log = Files.createTempFile("amber-script", ".log");
        List<String> command =
                new ArrayList<>(List.of("./amber", "serve", "--port", String.valueOf(port), "--data", data.toString()));
        command.addAll(List.of(options));
        Process process = new ProcessBuilder(command)
                .directory(repository().toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        Script script = new Script(process, log, port);
        Instant limit = Instant.now().plus(START_LIMIT);
        while (!script.said().contains("Amber Rail is ready")) {
            if (!process.isAlive() || Instant.now().isAfter(limit)) {
                script.close();
                throw new IllegalStateException("./amber serve did not get ready:\n" + script.said());
            }
            Thread.sleep(200);
        }
        return script;
    }

    /** What a start that is expected to be refused says; the script has ended by then. */
    public static String refused(Path data, String... options) throws IOException, InterruptedException {
        try (Script script = serve(data, options)) {
            throw new AssertionError("./amber serve started: " + script.said());
        } catch (IllegalStateException e) {
            return e.getMessage();
        }
    }

    public int port() {
        return port;
    }

    public String said() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new IllegalStateException("cannot read what the script said", e);
        }
    }

    public HttpResponse<String> asked(HttpClient client, String address) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** As Ctrl-C does it: the script ends its server and then itself. */
    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }

    private static Path repository() {
        return Path.of(System.getProperty("amber.jar"))
                .toAbsolutePath()
                .normalize()
                .getParent()
                .getParent()
                .getParent();
    }
}
