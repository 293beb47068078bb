package amberrail.audit;

import amberrail.bench.Report;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;

/** A dozen who ask for recipes without a pause, each time for another shot: recording stays quick. */
final class CostlyQuestions {
    private static final int ASKERS = 12;
    private static final int SECONDS = 30;
    private static final int PER_SECOND = 20;

    private CostlyQuestions() {}

    static void run(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-costly").resolve("data");
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            SteadyRecorder recorder = new SteadyRecorder(owner).warmedUp(400);
            double alone = new SteadyRecorder(owner).record(PER_SECOND, 10).p95Milliseconds();
            AtomicBoolean going = new AtomicBoolean(true);
            AtomicInteger answered = new AtomicInteger();
            AtomicInteger toldToComeBack = new AtomicInteger();
            AtomicInteger other = new AtomicInteger();
            String table = owner.table();
            List<Thread> askers = new ArrayList<>();
            for (int a = 0; a < ASKERS; a++) {
                Person asker = new Person(server.url()).signedIn("tamsin");
                Random random = new Random(a);
                Thread thread = new Thread(() -> {
                    while (going.get()) {
                        try {
                            int status = asker.send("POST", "/api/v1/shots/recipes", shot(table, random))
                                    .status();
                            (status == 200 ? answered : status == 429 ? toldToComeBack : other).incrementAndGet();
                        } catch (java.io.IOException e) {
                            other.incrementAndGet();
                        } catch (InterruptedException e) {
                            return;
                        }
                    }
                });
                thread.start();
                askers.add(thread);
            }
            recorder.record(PER_SECOND, SECONDS);
            going.set(false);
            for (Thread asker : askers) {
                asker.join();
            }
            report.add(
                    ASKERS + " who ask for recipes without a pause: attempt PUT p95 beside them",
                    "under 50 ms",
                    recorder.p95Milliseconds(),
                    "ms");
            report.add("the same without them", "", alone, "ms");
            report.add(
                    "their questions answered, told to come back, else",
                    "",
                    answered + ", " + toldToComeBack + ", " + other);
        }
    }

    private static String shot(String table, Random random) {
        return "{\"tableId\":\"" + table
                + "\",\"sideAllowed\":true,\"pot\":{\"ball\":\"1\",\"pocket\":\"N\"},\"balls\":["
                + "{\"label\":\"cue\",\"cueBall\":true,\"xMillimetres\":" + (700 + random.nextInt(300))
                + ",\"yMillimetres\":" + (400 + random.nextInt(200))
                + "},{\"label\":\"1\",\"cueBall\":false,\"xMillimetres\":"
                + (1150 + random.nextInt(100)) + ",\"yMillimetres\":" + (850 + random.nextInt(100)) + "}]}";
    }
}
