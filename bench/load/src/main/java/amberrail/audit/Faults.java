package amberrail.audit;

import amberrail.bench.Report;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/** What goes wrong round a server in a hall: the network, the clocks, a folder that cannot be written, being stopped in the middle. */
final class Faults {
    private static final int WRITERS = 4;
    private static final String[] DEMO = {"--spring.profiles.active=demo", "--amber.demo-weeks=1"};
    private static final int SIGTERM_ROUNDS = 10;
    private static final Duration STOPS_WITHIN = Duration.ofSeconds(10);

    private Faults() {}

    /** Delayed and cut connections, then no network at all for a while. */
    static void network(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-network").resolve("data");
        try (AuditServer server = new AuditServer(runFolder, data, DEMO)) {
            server.start();
            Person reader = new Person(server.url()).signedIn("tamsin");
            String session = reader.beginSession(reader.id());
            try (BadProxy proxy = new BadProxy(server.port())) {
                List<Person> through = new ArrayList<>();
                for (int i = 0; i < WRITERS; i++) {
                    through.add(signedInThrough(proxy));
                }
                Writers writers = new Writers();
                writers.begin(through, session);
                Thread.sleep(20_000);
                proxy.away(true);
                Thread.sleep(3_000);
                proxy.away(false);
                Thread.sleep(15_000);
                writers.end();
                report.add(
                        "a network that delays and cuts, and is gone for 3 s: connections cut, attempts answered, sent again",
                        "",
                        proxy.cuts() + ", " + writers.acknowledged() + ", " + writers.again());
                report.add("of those answered lost, doubled", "0, 0", writers.lostAndDoubled(reader, session));
                report.add("answers as a raw page, answers with 500", "0, 0", writers.unworded());
            }
        }
    }

    private static Person signedInThrough(BadProxy proxy) throws InterruptedException {
        while (true) {
            try {
                return new Person(proxy.url()).signedIn("tamsin");
            } catch (IOException | IllegalStateException cut) {
                // Once more, as a person would.
                Thread.sleep(100);
            }
        }
    }

    /** The server's clock goes back three hours and forward six, between starts; a device's is five hours off, either way. */
    static void clocks(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-clocks").resolve("data");
        int answered = 0;
        int refused = 0;
        List<String> sessions = new ArrayList<>();
        for (String offset : new String[] {"PT0S", "PT-3H", "PT3H"}) {
            List<String> arguments = new ArrayList<>(List.of(DEMO));
            arguments.add("--amber.clock-offset=" + offset);
            try (AuditServer server = new AuditServer(runFolder, data, arguments.toArray(String[]::new))) {
                server.start();
                Person owner = new Person(server.url()).signedIn("tamsin");
                sessions.add(owner.beginSession(owner.id()));
                for (String session : sessions) {
                    for (Duration off : List.of(Duration.ZERO, Duration.ofHours(5), Duration.ofHours(-5))) {
                        UUID id = UUID.randomUUID();
                        String body = Person.attempt(id, answered)
                                .replaceAll(
                                        "\"playedAt\":\"[^\"]*\"",
                                        "\"playedAt\":\"" + Instant.now().plus(off) + "\"");
                        int status = owner.send("PUT", "/api/v1/sessions/" + session + "/attempts/" + id, body)
                                .status();
                        answered += status == 200 ? 1 : 0;
                        refused += status == 200 ? 0 : 1;
                    }
                }
                owner.send("GET", "/api/v1/today", null).expect(200);
                owner.send("GET", "/api/v1/students/" + owner.id() + "/progress", null)
                        .expect(200);
                if (offset.equals("PT3H")) {
                    int stored = 0;
                    for (String session : sessions) {
                        stored += owner.attempts(session);
                    }
                    report.add(
                            "clocks: the server's three hours back and three ahead between starts, devices' five either way: attempts answered, refused",
                            "all, 0",
                            answered + ", " + refused);
                    report.add("of those answered lost", "0", answered - stored + "");
                }
            }
        }
    }

    /** A data folder that can be read and not written: refused with a sentence, and as it was when it can be written again. Needs root for a disk. */
    static void readOnly(Path runFolder, Report report) throws Exception {
        Path disk = Files.createTempDirectory("amber-audit-readonly");
        if (!"root".equals(System.getProperty("user.name"))
                || done("mount", "-t", "tmpfs", "-o", "size=256m", "tmpfs", disk.toString()) != 0) {
            report.add("read-only folder", "", "not tried: it needs root to make a disk");
            return;
        }
        try (AuditServer server = new AuditServer(runFolder, disk.resolve("data"), DEMO)) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            String session = owner.beginSession(owner.id());
            Writers writers = new Writers();
            writers.begin(List.of(owner), session);
            Thread.sleep(2_000);
            writers.end();
            server.terminate(STOPS_WITHIN.toMillis(), TimeUnit.MILLISECONDS);
            int made = done("mount", "-o", "remount,ro", disk.toString());
            boolean refused = server.refusesToStart();
            String said = server.log();
            report.add(
                    "read-only folder: a start is refused, with a sentence",
                    "yes, yes",
                    (made == 0 && refused ? "yes" : "no") + ", "
                            + (said.contains("cannot write to its data folder") ? "yes" : "no"));
            done("mount", "-o", "remount,rw", disk.toString());
            server.start();
            report.add(
                    "the next start with a folder that can be written: of those answered lost, doubled",
                    "0, 0",
                    writers.lostAndDoubled(owner, session));
        } finally {
            done("umount", "-l", disk.toString());
        }
    }

    private static int done(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    /** SIGTERM in the middle of recording: what is being answered is answered, and the process is gone in time. */
    static void stop(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-stop").resolve("data");
        double slowest = 0;
        int inTime = 0;
        try (AuditServer server = new AuditServer(runFolder, data, DEMO)) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            String session = owner.beginSession(owner.id());
            Writers writers = new Writers();
            List<Person> owners = new ArrayList<>();
            for (int i = 0; i < WRITERS; i++) {
                owners.add(new Person(server.url()).signedIn("tamsin"));
            }
            writers.begin(owners, session);
            for (int round = 0; round < SIGTERM_ROUNDS; round++) {
                Thread.sleep(1_500);
                long begun = System.nanoTime();
                inTime += server.terminate(STOPS_WITHIN.toMillis(), TimeUnit.MILLISECONDS) ? 1 : 0;
                slowest = Math.max(slowest, (System.nanoTime() - begun) / 1e9);
                server.start();
            }
            Thread.sleep(500);
            writers.end();
            report.add(
                    "SIGTERM in the middle of recording, " + SIGTERM_ROUNDS + " rounds: stopped within 10 s; slowest",
                    SIGTERM_ROUNDS + "",
                    inTime + String.format(Locale.ROOT, "; %.1f s", slowest));
            report.add(
                    "attempts answered; of those lost, doubled",
                    "0, 0",
                    writers.acknowledged() + "; " + writers.lostAndDoubled(owner, session));
        }
    }
}
