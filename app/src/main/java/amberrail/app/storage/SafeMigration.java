package amberrail.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.Callback;

/**
 * Brings a database file to the newest schema, or leaves it as it was. H2 commits every statement that changes a table, so a script that is stopped
 * half-way cannot be rolled back: the scripts run on a copy, which takes the file's place in one step when all are through. A stop at any moment
 * leaves the old file or the new one. The file as it was is kept beside it.
 */
final class SafeMigration {
    /** A copy to keep and one to work on, and room for what the scripts add. */
    private static final double ROOM = 2.5;

    private final DataFolder folder;
    private final Callback[] callbacks;

    SafeMigration(DataFolder folder, Callback... callbacks) {
        this.folder = folder;
        this.callbacks = callbacks;
    }

    /** @throws MigrationStoppedException if it could not be done; the database is untouched then */
    void run() {
        int newest = SchemaVersions.newest();
        if (marked() == newest && Files.exists(folder.database())) {
            return;
        }
        if (marked() > newest) {
            throw new NewerDataException();
        }
        Path kept = null;
        try {
            Files.deleteIfExists(folder.migrating());
            if (Files.exists(folder.database())) {
                requireNobodyUsesIt();
                requireRoom();
                kept = checkedCopy(newest);
                Files.copy(kept, folder.migrating());
            }
            migrate();
            force(folder.migrating());
            Files.move(
                    folder.migrating(),
                    folder.database(),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
            Files.writeString(folder.schemaMarker(), newest + "\n");
            folder.ownersOnly();
        } catch (IOException | FlywayException e) {
            throw stopped(kept, e);
        }
    }

    /** The version that the last migration left; -1 where that is not known. */
    private int marked() {
        try {
            return Files.exists(folder.schemaMarker())
                    ? Integer.parseInt(Files.readString(folder.schemaMarker()).strip())
                    : -1;
        } catch (IOException | NumberFormatException unreadable) {
            // Then the database itself is asked.
            return -1;
        }
    }

    /** Opening it shows whether another server has it open, and that it can be read. */
    private void requireNobodyUsesIt() {
        try (Connection connection = DriverManager.getConnection(
                folder.url(folder.database()) + ";IFEXISTS=TRUE", DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
            connection.createStatement().execute("select 1");
        } catch (SQLException e) {
            throw new UnopenedDatabaseException(folder.database(), e);
        }
    }

    private void requireRoom() throws IOException {
        long needed = (long) (Files.size(folder.database()) * ROOM);
        long free = Files.getFileStore(folder.path()).getUsableSpace();
        if (free < needed) {
            throw new IOException("needs " + needed / 1_000_000 + " MB of free disk for a safe copy, and there are "
                    + free / 1_000_000 + " MB");
        }
    }

    private Path checkedCopy(int version) throws IOException {
        Path kept = folder.before(version);
        Path copying = kept.resolveSibling(kept.getFileName() + ".copying");
        Files.copy(folder.database(), copying, StandardCopyOption.REPLACE_EXISTING);
        force(copying);
        if (!MessageDigest.isEqual(digest(folder.database()), digest(copying))) {
            throw new IOException("the copy of the database is not the same as the database");
        }
        Files.move(copying, kept, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return kept;
    }

    private void migrate() {
        Flyway flyway = Flyway.configure()
                .dataSource(folder.url(folder.migrating()), DatabaseUrl.USER, DatabaseUrl.PASSWORD)
                .locations(SchemaVersions.SCRIPTS)
                // A migration that this version does not know means a newer data folder: refuse it.
                .ignoreMigrationPatterns("repeatable:missing")
                .callbacks(callbacks)
                .load();
        flyway.migrate();
        flyway.validate();
    }

    private MigrationStoppedException stopped(Path kept, Exception e) {
        try {
            Files.deleteIfExists(folder.migrating());
        } catch (IOException second) {
            e.addSuppressed(second);
        }
        return new MigrationStoppedException(folder.database(), kept, e);
    }

    private static void force(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    private static byte[] digest(Path file) throws IOException {
        try (DigestInputStream in =
                new DigestInputStream(Files.newInputStream(file), MessageDigest.getInstance("SHA-256"))) {
            in.transferTo(java.io.OutputStream.nullOutputStream());
            return in.getMessageDigest().digest();
        } catch (NoSuchAlgorithmException e) {
            throw new UncheckedIOException(new IOException("every Java has SHA-256", e));
        }
    }
}
