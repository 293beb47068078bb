package amberrail.audit;

import amberrail.bench.Percentiles;
import amberrail.bench.Report;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Fifty coaches and five hundred devices on one server: each device one attempt every twenty seconds, each coach a look at the first page as often. */
final class Hall {
    private static final int COACHES = 50;
    private static final int STUDENTS_EACH = 10;
    private static final int EVERY_SECONDS = 20;
    private static final int SECONDS = Integer.getInteger("amber.hallSeconds", 600);
    private static final String PASSWORD = "amber light on green cloth";
    private static final Pattern HEAP =
            Pattern.compile("(?m)^jvm_memory_used_bytes\\{area=\"heap\"[^}]*\\} ([0-9.E]+)$");
    private static final double MEGABYTE = 1e6;

    private final String url;
    private final List<Double> milliseconds = Collections.synchronizedList(new ArrayList<>());
    private final AtomicInteger errors = new AtomicInteger();
    private final CountDownLatch ready = new CountDownLatch(COACHES * STUDENTS_EACH);

    private Hall(String url) {
        this.url = url;
    }

    static void run(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-hall").resolve("data");
        try (AuditServer server =
                AuditServer.asServed(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            new Hall(server.url()).measure(report);
        }
    }

    private void measure(Report report) throws Exception {
        Person head = new Person(url).signedIn("iris");
        ExecutorService pool = Executors.newFixedThreadPool(COACHES * (STUDENTS_EACH + 1));
        for (int c = 0; c < COACHES; c++) {
            Person coach = joined(head, "/api/v1/coaches", "Hall coach " + c);
            int turn = c;
            pool.submit(() -> looks(coach, turn));
            for (int s = 0; s < STUDENTS_EACH; s++) {
                Person student = joined(coach, "/api/v1/students", "Hall student " + c + " " + s);
                int place = c * STUDENTS_EACH + s;
                pool.submit(() -> records(student, place));
            }
        }
        ready.await();
        List<Double> heap = new ArrayList<>();
        long end = System.nanoTime() + SECONDS * 1_000_000_000L;
        while (System.nanoTime() < end) {
            heap.add(heapMegabytes(head));
            Thread.sleep(5_000);
        }
        pool.shutdown();
        if (!pool.awaitTermination(2L * EVERY_SECONDS, TimeUnit.SECONDS)) {
            throw new IllegalStateException("devices go on");
        }
        Percentiles all = Percentiles.of(List.copyOf(milliseconds));
        report.add(
                COACHES + " coaches, " + COACHES * STUDENTS_EACH + " devices, one attempt each in " + EVERY_SECONDS
                        + " s, for " + SECONDS + " s: PUT p99",
                "under 150 ms",
                all.at(0.99),
                "ms");
        report.add(
                "the same, p95; attempts",
                "",
                String.format(Locale.ROOT, "%.1f ms; %d", all.at(0.95), milliseconds.size()));
        report.add("answers that were no success", "0", errors.get() + "");
        int third = heap.size() / 3;
        report.add(
                "heap of 512 MB: most; least in the first and in the last third",
                "flat",
                String.format(
                        Locale.ROOT,
                        "%.0f MB; %.0f, %.0f MB",
                        Collections.max(heap),
                        Collections.min(heap.subList(0, third)),
                        Collections.min(heap.subList(heap.size() - third, heap.size()))));
    }

    /** Added by one, and signed in by the link that they were given. */
    private Person joined(Person by, String path, String name) throws Exception {
        String link = by.send("POST", path, Person.JSON.writeValueAsString(Map.of("name", name)))
                .expect(201)
                .json()
                .get("linkPath")
                .asText()
                .replace("/invitation/", "");
        Person person = new Person(url);
        person.send("GET", "/api/v1/club", null);
        Map<String, String> chosen =
                Map.of("signInName", name.replace(' ', '-').toLowerCase(Locale.ROOT), "password", PASSWORD);
        person.send("POST", "/api/v1/invitations/" + link, Person.JSON.writeValueAsString(chosen))
                .expect(200);
        return person;
    }

    private Void records(Person student, int place) throws Exception {
        String session = student.beginSession(student.id());
        ready.countDown();
        ready.await();
        long each = EVERY_SECONDS * 1_000_000_000L;
        long begun = System.nanoTime() + place * each / (COACHES * STUDENTS_EACH);
        for (int i = 0; i < SECONDS / EVERY_SECONDS; i++) {
            sleepUntil(begun + i * each);
            long due = begun + i * each;
            errors.addAndGet(student.putAttempt(session, UUID.randomUUID(), i).status() == 200 ? 0 : 1);
            milliseconds.add((System.nanoTime() - due) / 1e6);
        }
        return null;
    }

    private Void looks(Person coach, int turn) throws Exception {
        ready.await();
        long begun = System.nanoTime() + turn * EVERY_SECONDS * 1_000_000_000L / COACHES;
        for (int i = 0; i < SECONDS / EVERY_SECONDS; i++) {
            sleepUntil(begun + i * EVERY_SECONDS * 1_000_000_000L);
            errors.addAndGet(coach.send("GET", "/api/v1/today", null).status() == 200 ? 0 : 1);
        }
        return null;
    }

    private static void sleepUntil(long due) throws InterruptedException {
        while (System.nanoTime() < due) {
            Thread.sleep(Math.max(1, (due - System.nanoTime()) / 2_000_000));
        }
    }

    private static double heapMegabytes(Person head) throws Exception {
        Matcher told = HEAP.matcher(
                head.send("GET", "/actuator/prometheus", null).expect(200).text());
        double bytes = 0;
        while (told.find()) {
            bytes += Double.parseDouble(told.group(1));
        }
        return bytes / MEGABYTE;
    }
}
