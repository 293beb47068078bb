package amberrail.app.backup;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.storage.SchemaVersions;
import amberrail.app.web.BackgroundThread;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Lazy;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Makes a backup once a day while the server runs: a consistent copy by H2, opened and counted before it gets its name. */
@Component
@Lazy(false)
public class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Duration EVERY = Duration.ofHours(24);
    /** The copy, the copy taken out of it, and the backup. */
    private static final int ROOM = 3;

    private final JdbcClient sql;
    private final AmberRailProperties properties;
    private final BackupFolder folder;
    private final boolean file;
    private final Clock clock;
    private final ExecutorService worker = BackgroundThread.idle("backup");
    private final AtomicBoolean working = new AtomicBoolean();
    private volatile String problem = "";

    Backups(
            JdbcClient sql,
            AmberRailProperties properties,
            @Value("${spring.datasource.url}") String url,
            Clock clock) {
        this.sql = sql;
        this.properties = properties;
        folder = new BackupFolder(
                properties.backup().place().orElse(properties.data().resolve("backups")));
        file = url.startsWith("jdbc:h2:file:");
        this.clock = clock;
    }

    /** @param problem of the last attempt; empty where it went well */
    record State(Path folder, boolean encrypted, boolean working, String problem, List<BackupFolder.Kept> kept) {}

    /** When the newest good one was made. */
    public Optional<Instant> newest() {
        return state().kept().stream().map(BackupFolder.Kept::madeAt).findFirst();
    }

    State state() {
        try {
            return new State(
                    folder.path(), properties.backup().passphrase().isPresent(), working.get(), problem, folder.all());
        } catch (IOException e) {
            throw new UncheckedIOException("the folder of the backups cannot be read", e);
        }
    }

    /** Ten minutes after a start at the earliest, so that a server that is tried out makes none. */
    @Scheduled(initialDelay = 10, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
    void look() {
        if (file && isDue()) {
            begin();
        }
    }

    private boolean isDue() {
        List<BackupFolder.Kept> kept = state().kept();
        return kept.isEmpty()
                || kept.get(0).madeAt().isBefore(Instant.now(clock).minus(EVERY));
    }

    /** In the background; one at a time. */
    void begin() {
        if (!file) {
            problem = "This server keeps its data in memory: there is nothing to back up.";
        } else if (working.compareAndSet(false, true)) {
            worker.execute(() -> {
                try {
                    make();
                    problem = "";
                } catch (IOException | SQLException | BackupRefused | RuntimeException e) {
                    problem = String.valueOf(e.getMessage());
                    LOG.error("no backup could be made", e);
                } finally {
                    working.set(false);
                }
            });
        }
    }

    private void make() throws IOException, SQLException, BackupRefused {
        Files.createDirectories(folder.path());
        requireRoom();
        Path work = Files.createTempDirectory(folder.path(), ".making");
        try {
            Instant madeAt = Instant.now(clock).truncatedTo(ChronoUnit.SECONDS);
            Path copy = work.resolve("copy.zip");
            sql.sql("backup to ?").param(copy.toString()).update();
            Path database = work.resolve("amber-rail.mv.db");
            unpack(copy, database);
            Map<String, Long> counts = RecordCounts.of(database);
            BackupManifest manifest = new BackupManifest(
                    BackupManifest.FORMAT,
                    BackupManifest.VERSION,
                    SchemaVersions.newest(),
                    madeAt,
                    BackupArchive.sha256(database),
                    counts);
            Path whole = work.resolve("whole.zip");
            BackupArchive archive =
                    new BackupArchive(whole, Passphrase.in(properties.backup().passphrase()));
            if (properties.backup().passphrase().isPresent()) {
                Files.delete(copy);
                archive.write(database, manifest);
            } else {
                // H2 has packed the database already: packing it once more would take a large club half a minute.
                Files.move(copy, whole);
                archive.add(manifest);
            }
            Files.delete(database);
            // Read back from the file as it will lie there: opened, compared byte for byte, counted.
            archive.extract(database);
            if (!RecordCounts.of(database).equals(counts)) {
                throw new IOException("the backup does not hold what was written into it");
            }
            if (Files.getFileStore(whole).supportsFileAttributeView("posix")) {
                Files.setPosixFilePermissions(whole, PosixFilePermissions.fromString("rw-------"));
            }
            Files.move(whole, folder.of(madeAt), StandardCopyOption.ATOMIC_MOVE);
            folder.prune();
            LOG.info("a backup was made and verified: {}", RecordCounts.sentence(counts));
        } finally {
            deleteAll(work);
        }
    }

    private void requireRoom() throws IOException {
        long needed = ROOM * Files.size(properties.data().resolve("amber-rail.mv.db"));
        long free = Files.getFileStore(folder.path()).getUsableSpace();
        if (free < needed) {
            throw new IOException(
                    "A backup needs " + needed / 1_000_000 + " MB of free disk in " + folder.path() + ", and there are "
                            + free / 1_000_000 + " MB. Make room, or choose another folder with --backups.");
        }
    }

    private static void unpack(Path zip, Path to) throws IOException {
        try (InputStream in = Files.newInputStream(zip);
                ZipInputStream entries = new ZipInputStream(in)) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                if (entry.getName().endsWith(".mv.db")) {
                    Files.copy(entries, to);
                    return;
                }
            }
        }
        throw new IOException("H2 has written a copy without a database");
    }

    private static void deleteAll(Path work) throws IOException {
        try (var files = Files.list(work)) {
            for (Path one : files.toList()) {
                Files.delete(one);
            }
        }
        Files.delete(work);
    }
}
