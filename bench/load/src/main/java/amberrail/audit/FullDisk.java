package amberrail.audit;

import amberrail.bench.Report;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** A disk that fills up under the server, down to the last byte, and gets room again. Needs root for a small disk of its own. */
final class FullDisk {
    private static final String SIZE = "64m";

    private FullDisk() {}

    static void run(Path runFolder, Report report) throws Exception {
        Path disk = Files.createTempDirectory("amber-audit-disk");
        if (!"root".equals(System.getProperty("user.name")) || !mounted(disk)) {
            report.add("full disk", "", "not tried: it needs root to make a small disk");
            return;
        }
        Path data = disk.resolve("data");
        Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person owner = new Person(server.url()).signedIn("tamsin");
            String session = owner.beginSession(owner.id());
            for (int i = 0; i < 100; i++) {
                record(owner, session, i, acknowledged);
            }
            Path filler = disk.resolve("filler");
            fill(filler, disk.toFile().getUsableSpace() - 3_000_000);
            int refusedAt = 0;
            int sequence = 100;
            for (; sequence < 400 && refusedAt == 0; sequence++) {
                refusedAt = record(owner, session, sequence, acknowledged) == 507 ? sequence : 0;
                Thread.sleep(20);
            }
            String sentence =
                    owner.putAttempt(session, UUID.randomUUID(), sequence).text();
            // Quite full now, and the server writes on: sign-ins, results.
            fill(disk.resolve("last"), disk.toFile().getUsableSpace());
            int html = 0;
            int ours = 0;
            for (int i = 0; i < 100; i++) {
                Person.Answer answer = owner.putAttempt(session, UUID.randomUUID(), 2000 + i);
                html += answer.text().contains("<html") ? 1 : 0;
                ours += answer.status() == 500 ? 1 : 0;
                Person.Answer read = owner.send("GET", "/api/v1/today", null);
                html += read.text().contains("<html") ? 1 : 0;
                Thread.sleep(20);
            }
            Files.delete(filler);
            Files.delete(disk.resolve("last"));
            long begun = System.nanoTime();
            int back = 0;
            while (back != 200 && System.nanoTime() - begun < 60e9) {
                back = record(owner, session, 5000, acknowledged);
                Thread.sleep(200);
            }
            double seconds = (System.nanoTime() - begun) / 1e9;
            for (int i = 0; i < 50; i++) {
                record(owner, session, 5001 + i, acknowledged);
            }
            Set<String> stored = new java.util.HashSet<>();
            owner.send("GET", "/api/v1/sessions/" + session, null)
                    .expect(200)
                    .json()
                    .get("attempts")
                    .forEach(one -> stored.add(one.get("id").asText()));
            long lost = acknowledged.stream()
                    .filter(id -> !stored.contains(id.toString()))
                    .count();
            report.add(
                    "full disk: refused with 507 and a sentence before it was full",
                    "yes",
                    refusedAt > 0 && sentence.contains("DISK_FULL") ? "yes" : "no (" + sentence + ")");
            report.add("answers as a raw page, answers with 500", "0, 0", html + ", " + ours);
            report.add(
                    "records again by itself after there is room",
                    "yes",
                    back == 200 ? String.format(java.util.Locale.ROOT, "after %.1f s", seconds) : "no");
            report.add("answered attempts lost", "0", lost + " of " + acknowledged.size());
            report.add("trace files", "none", traces(data) + " bytes");
        } finally {
            new ProcessBuilder("umount", "-l", disk.toString()).start().onExit().join();
        }
    }

    private static int record(Person owner, String session, long sequence, Set<UUID> acknowledged)
            throws InterruptedException {
        UUID id = UUID.randomUUID();
        try {
            int status = owner.putAttempt(session, id, sequence).status();
            if (status == 200) {
                acknowledged.add(id);
            }
            return status;
        } catch (IOException e) {
            return -1;
        }
    }

    private static boolean mounted(Path disk) throws IOException {
        return new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=" + SIZE, "tmpfs", disk.toString())
                        .start()
                        .onExit()
                        .join()
                        .exitValue()
                == 0;
    }

    private static void fill(Path file, long bytes) throws IOException {
        byte[] piece = new byte[64 * 1024];
        try (OutputStream out = Files.newOutputStream(file)) {
            for (long written = 0; written < bytes; written += piece.length) {
                out.write(piece);
            }
        } catch (IOException full) {
            // That is what it was for.
            if (bytes > 0 && Files.size(file) == 0) {
                throw full;
            }
        }
    }

    private static long traces(Path data) throws IOException {
        try (Stream<Path> files = Files.list(data)) {
            return files.filter(file -> file.toString().endsWith(".trace.db"))
                    .mapToLong(file -> file.toFile().length())
                    .sum();
        }
    }
}
