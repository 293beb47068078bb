package amberrail.app.backup;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.storage.SchemaVersions;
import amberrail.app.storage.WritersGate;
import amberrail.app.web.BackgroundThread;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
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
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Lazy;
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

    private final DataSource dataSource;
    private final LiveCopy copy;
    private final AmberRailProperties properties;
    private final BackupFolder folder;
    private final boolean file;
    private final Clock clock;
    private final ExecutorService worker = BackgroundThread.idle("backup");
    private final AtomicBoolean working = new AtomicBoolean();
    private volatile String problem = "";

    Backups(
            DataSource dataSource,
            WritersGate gate,
            AmberRailProperties properties,
            @Value("${spring.datasource.url}") String url,
            Clock clock) {
        this.dataSource = dataSource;
        copy = new LiveCopy(gate);
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
            Path database = work.resolve("amber-rail.mv.db");
            Path whole = work.resolve("whole.zip");
            boolean encrypted = properties.backup().passphrase().isPresent();
            String sha256 = copied(database, whole, encrypted);
            Map<String, Long> counts = RecordCounts.of(database);
            BackupManifest manifest = new BackupManifest(
                    BackupManifest.FORMAT, BackupManifest.VERSION, SchemaVersions.newest(), madeAt, sha256, counts);
            BackupArchive archive =
                    new BackupArchive(whole, Passphrase.in(properties.backup().passphrase()));
            if (encrypted) {
                archive.write(database, manifest);
            } else {
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

    /** The database as it is and, where it needs not be encrypted, in the zip that becomes the backup: packing it twice would take half a minute more. */
    private String copied(Path database, Path whole, boolean encrypted) throws IOException, SQLException {
        try (Connection connection = dataSource.getConnection()) {
            return encrypted ? copy.write(connection, database) : copy.writePacked(connection, database, whole);
        }
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
