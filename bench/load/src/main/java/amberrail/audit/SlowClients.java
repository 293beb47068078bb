package amberrail.audit;

import amberrail.bench.Report;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Hundreds that send half a request and then nothing, for a minute: the others do not notice. */
final class SlowClients {
    private static final int HELD = 300;
    private static final int SECONDS = 60;
    private static final int PER_SECOND = 20;

    private SlowClients() {}

    static void run(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-slow").resolve("data");
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            SteadyRecorder recorder = new SteadyRecorder(owner).warmedUp(400);
            String session = owner.beginSession(owner.id());
            double alone = new SteadyRecorder(owner).record(PER_SECOND, 10).p95Milliseconds();
            List<Socket> held = new ArrayList<>();
            for (int i = 0; i < HELD; i++) {
                held.add(half(server.port(), "GET /api/v1/club HTTP/1.1\r\nHost: a\r\nX-Half: "));
                held.add(half(
                        server.port(),
                        "PUT /api/v1/sessions/" + session + "/attempts/" + UUID.randomUUID()
                                + " HTTP/1.1\r\nHost: a\r\nCookie: "
                                + owner.cookieHeader() + "\r\nX-XSRF-TOKEN: " + owner.token()
                                + "\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{\"revision\":0,"));
            }
            recorder.record(PER_SECOND, SECONDS, i -> drip(held, i));
            report.add(
                    HELD + " held heads and " + HELD + " held bodies for " + SECONDS + " s: PUT p95 of somebody else",
                    "under 200 ms",
                    recorder.p95Milliseconds(),
                    "ms");
            report.add("the same without them", "", alone, "ms");
            report.add("of theirs refused", "0", recorder.refused() + "");
            for (Socket socket : held) {
                socket.close();
            }
        }
    }

    private static Socket half(int port, String text) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        return socket;
    }

    /** A byte now and then, as one who wants to hold on as long as possible; a connection that was closed is opened anew by nobody. */
    private static void drip(List<Socket> held, int i) {
        try {
            held.get(i % held.size()).getOutputStream().write(' ');
        } catch (IOException closed) {
            // The server has had enough of it, which is what it should have.
        }
    }
}
