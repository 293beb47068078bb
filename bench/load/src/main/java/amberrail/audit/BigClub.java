package amberrail.audit;

import amberrail.bench.MillionAttempts;
import amberrail.bench.Report;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/** A club with a million attempts: a backup of it while somebody records, that backup put back, everything about one student as a file. */
final class BigClub {
    private static final int PER_SECOND = 10;
    private static final int LONGEST_BACKUP_SECONDS = 300;
    /** A server in use has been compiled; one that was started a minute ago is still at it. */
    private static final int WARM_UP = 2_000;

    private BigClub() {}

    static void run(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-big").resolve("data");
        String[] demo = {"--spring.profiles.active=demo", "--amber.demo-weeks=1"};
        try (AuditServer server = AuditServer.asServed(runFolder, data, demo)) {
            server.start();
            server.terminate(20_000, TimeUnit.MILLISECONDS);
        }
        MillionAttempts.fill(data);
        Path backup;
        try (AuditServer server = AuditServer.asServed(runFolder, data, demo)) {
            server.start();
            Person head = new Person(server.url()).signedIn("iris");
            String student = benchStudent(head);
            // Counts every result that nobody has read yet: that is the filling's doing, and not what is measured.
            while (head.send("GET", "/api/v1/students/" + student + "/progress", null)
                            .status()
                    != 200) {
                Thread.sleep(3_000);
            }
            exported(head, student, report);
            SteadyRecorder recorder = new SteadyRecorder(new Person(server.url()).signedIn("tamsin")).warmedUp(WARM_UP);
            recorder.record(PER_SECOND, 20);
            double quiet = recorder.p95Milliseconds();
            SteadyRecorder beside = new SteadyRecorder(new Person(server.url()).signedIn("tamsin")).warmedUp(40);
            AtomicBoolean working = new AtomicBoolean(true);
            long begun = System.nanoTime();
            head.send("POST", "/api/v1/backups", null).expect(202);
            double seconds = 0;
            JsonNode state = null;
            while (working.get()) {
                beside.record(PER_SECOND, 2);
                state = head.send("GET", "/api/v1/backups", null).expect(200).json();
                seconds = (System.nanoTime() - begun) / 1e9;
                working.set(state.get("working").asBoolean() && seconds < LONGEST_BACKUP_SECONDS);
            }
            report.add(
                    "backup of a million attempts, verified",
                    "under 60 s",
                    String.format(
                            Locale.ROOT,
                            "%.0f s %s",
                            seconds,
                            state.get("problem").asText()));
            report.add(
                    "recording beside it at " + PER_SECOND + " a second: PUT p95",
                    "under 30 ms",
                    beside.p95Milliseconds(),
                    "ms");
            report.add("the same before it", "", quiet, "ms");
            backup = Path.of(
                    state.get("folder").asText(), state.at("/kept/0/name").asText());
            server.terminate(30_000, TimeUnit.MILLISECONDS);
        }
        long begun = System.nanoTime();
        int code = new ProcessBuilder(
                        "java",
                        "-Xmx512m",
                        "-jar",
                        runFolder.resolve("amber-rail-exec.jar").toString(),
                        "restore",
                        backup.toString(),
                        "--data",
                        data.toString(),
                        "--yes")
                .inheritIO()
                .start()
                .waitFor();
        report.add(
                "the same put back",
                "under 120 s",
                String.format(
                        Locale.ROOT, "%.0f s%s", (System.nanoTime() - begun) / 1e9, code == 0 ? "" : ", refused"));
    }

    /** A student of five thousand attempts. */
    private static String benchStudent(Person head) throws Exception {
        for (JsonNode one :
                head.send("GET", "/api/v1/students", null).expect(200).json()) {
            if (one.get("name").asText().equals("Bench 002")) {
                return one.get("id").asText();
            }
        }
        throw new IllegalStateException("the filled club has no such student");
    }

    private static void exported(Person head, String student, Report report) throws Exception {
        String path = "/api/v1/people/" + student + "/data.zip";
        double first = head.send("GET", path, null).expect(200).milliseconds();
        double second = head.send("GET", path, null).expect(200).milliseconds();
        report.add(
                "everything about a student with 5,000 attempts as a zip: first time; again",
                "under 3 s",
                String.format(Locale.ROOT, "%.1f s; %.1f s", first / 1e3, second / 1e3));
    }
}
