package amberrail.audit;

import amberrail.bench.Report;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/** kill -9 in the middle of recording: what was answered is there afterwards, once. */
final class KillRounds {
    private static final int WRITERS = 4;
    private static final long SEED = 7;

    private KillRounds() {}

    static void run(Path runFolder, int rounds, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-kill").resolve("data");
        Random random = new Random(SEED);
        Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
        AtomicInteger sent = new AtomicInteger();
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            String session = owner.beginSession(owner.id());
            AtomicLong sequence = new AtomicLong();
            for (int round = 0; round < rounds; round++) {
                List<Thread> writers = new ArrayList<>();
                for (int w = 0; w < WRITERS; w++) {
                    Thread writer = new Thread(() -> write(owner, session, sequence, acknowledged, sent));
                    writer.start();
                    writers.add(writer);
                }
                Thread.sleep(100 + random.nextInt(500));
                server.kill();
                for (Thread writer : writers) {
                    writer.join();
                }
                server.start();
                // A session takes any number of attempts, and its page must not become the measure of this.
                if (round % 50 == 49) {
                    System.out.println("  kill round " + (round + 1) + " of " + rounds);
                }
            }
            List<UUID> stored = new ArrayList<>();
            for (var one : owner.send("GET", "/api/v1/sessions/" + session, null).json().get("attempts")) {
                stored.add(UUID.fromString(one.get("id").asText()));
            }
            long lost = acknowledged.stream().filter(id -> !stored.contains(id)).count();
            long doubled = stored.size() - stored.stream().distinct().count();
            report.add("kill -9 in the middle of recording, " + rounds + " rounds: answered attempts", "", acknowledged.size() + "");
            report.add("of those lost", "0", lost + "");
            report.add("doubled", "0", doubled + "");
        }
    }

    private static void write(
            Person owner, String session, AtomicLong sequence, Set<UUID> acknowledged, AtomicInteger sent) {
        while (true) {
            UUID id = UUID.randomUUID();
            try {
                sent.incrementAndGet();
                if (owner.putAttempt(session, id, sequence.getAndIncrement()).status() != 200) {
                    return;
                }
                acknowledged.add(id);
                // A few a second from each device; nobody taps faster, and the session stays one that opens.
                Thread.sleep(40);
            } catch (IOException killed) {
                return;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }
}
