package amberrail.audit;

import amberrail.bench.Report;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/** kill -9 in the middle of recording: what was answered is there afterwards, once, and nothing by half. */
final class KillRounds {
    private static final int WRITERS = 4;
    private static final long SEED = 7;
    /** A session takes any number of attempts, and how long its page takes must not become the measure of this. */
    private static final int ROUNDS_PER_SESSION = 20;

    private static final int LONGEST_FIRST_ANSWER_SECONDS = 60;

    private final Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
    /** Those whose change was answered, too. */
    private final Set<UUID> changed = ConcurrentHashMap.newKeySet();

    private final AtomicInteger sent = new AtomicInteger();
    private final AtomicInteger refused = new AtomicInteger();
    private final AtomicLong sequence = new AtomicLong();
    private final Random random = new Random(SEED);

    private KillRounds() {}

    static void run(Path runFolder, int rounds, Report report) throws Exception {
        new KillRounds().rounds(runFolder, rounds, report);
    }

    private void rounds(Path runFolder, int rounds, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-kill").resolve("data");
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            List<String> sessions = new ArrayList<>();
            for (int round = 0; round < rounds; round++) {
                if (round % ROUNDS_PER_SESSION == 0) {
                    sessions.add(owner.beginSession(owner.id()));
                }
                killWhileWriting(server, owner, sessions.get(sessions.size() - 1));
                server.start();
                if (round % 50 == 49) {
                    System.out.println("  kill round " + (round + 1) + " of " + rounds);
                }
            }
            List<Stored> stored = stored(owner, sessions);
            Map<UUID, Integer> revisions = new HashMap<>();
            stored.forEach(one -> revisions.put(one.id(), one.revision()));
            report.add(
                    "kill -9 in the middle of recording, " + rounds
                            + " rounds: attempts sent, answered; changes answered",
                    "",
                    sent.get() + ", " + acknowledged.size() + "; " + changed.size());
            report.add(
                    "of those answered lost; changes lost",
                    "0; 0",
                    acknowledged.stream()
                                    .filter(id -> !revisions.containsKey(id))
                                    .count()
                            + "; "
                            + changed.stream()
                                    .filter(id -> revisions.get(id) == null || revisions.get(id) != 1)
                                    .count());
            report.add("doubled", "0", stored.size() - revisions.size() + "");
            report.add("refused", "0", refused.get() + "");
            server.terminate(20_000, TimeUnit.MILLISECONDS);
            report.add(
                    "half a write: changed attempts without both their states; places whose change was not told",
                    "0; 0",
                    halves(data, sessions));
            report.add("rows that belong to a transaction that there is no more", "0", LeftInTheMiddle.in(data) + "");
        }
    }

    /** A changed attempt, its two states and the news that its place has changed are one transaction (the demo's own sessions are told once, whole). */
    private static String halves(Path data, List<String> sessions) throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                        "jdbc:h2:file:" + data.resolve("amber-rail").toAbsolutePath() + ";IFEXISTS=TRUE", "amber", "");
                Statement sql = connection.createStatement()) {
            return count(
                            sql,
                            "attempt a where (select count(*) from attempt_revision r where r.attempt_id = a.id)"
                                    + " <> case when a.revision = 0 then 0 else a.revision + 1 end")
                    + "; "
                    + count(
                            sql,
                            "(select session_id, student_id, drill_id, station, count(*) n from attempt where session_id in ('"
                                    + String.join("', '", sessions) + "') group by session_id, student_id,"
                                    + " drill_id, station) a left join station_result r on r.session_id = a.session_id and r.student_id = a.student_id"
                                    + " and r.drill_id = a.drill_id and r.station = a.station where r.changes is null or r.changes < a.n");
        }
    }

    private static long count(Statement sql, String what) throws SQLException {
        try (ResultSet row = sql.executeQuery("select count(*) from " + what)) {
            row.next();
            return row.getLong(1);
        }
    }

    /** The kill comes 0.1 to 0.6 s after the first answer of the round, so that it always falls into work that goes on. */
    private void killWhileWriting(AuditServer server, Person owner, String session) throws Exception {
        CountDownLatch answered = new CountDownLatch(1);
        List<Thread> writers = new ArrayList<>();
        for (int w = 0; w < WRITERS; w++) {
            Thread writer = new Thread(() -> write(owner, session, answered));
            writer.start();
            writers.add(writer);
        }
        if (!answered.await(LONGEST_FIRST_ANSWER_SECONDS, TimeUnit.SECONDS)) {
            throw new IllegalStateException("no attempt was answered:\n" + server.log());
        }
        Thread.sleep(100 + random.nextInt(500));
        server.kill();
        for (Thread writer : writers) {
            writer.join();
        }
    }

    private record Stored(UUID id, int revision) {}

    private static List<Stored> stored(Person owner, List<String> sessions) throws Exception {
        List<Stored> stored = new ArrayList<>();
        for (String session : sessions) {
            for (var one : owner.send("GET", "/api/v1/sessions/" + session, null)
                    .expect(200)
                    .json()
                    .get("attempts")) {
                stored.add(new Stored(
                        UUID.fromString(one.get("id").asText()),
                        one.at("/attempt/revision").asInt()));
            }
        }
        return stored;
    }

    /** Each attempt is changed once it is answered, as by a nudge. */
    private void write(Person owner, String session, CountDownLatch answered) {
        while (true) {
            UUID id = UUID.randomUUID();
            long place = sequence.getAndIncrement();
            try {
                sent.incrementAndGet();
                if (owner.putAttempt(session, id, place).status() != 200) {
                    refused.incrementAndGet();
                    return;
                }
                acknowledged.add(id);
                answered.countDown();
                if (owner.putAttempt(session, id, place, 1).status() != 200) {
                    refused.incrementAndGet();
                    return;
                }
                changed.add(id);
                // A few a second from each device; nobody taps faster.
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
