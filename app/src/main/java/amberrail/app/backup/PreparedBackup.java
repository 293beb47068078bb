package amberrail.app.backup;

import amberrail.app.storage.DataFolder;
import amberrail.app.storage.SchemaVersions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Map;
import java.util.Optional;

/**
 * A backup unpacked beside the database, opened, compared and counted: everything that can refuse it has been asked before anything is touched.
 *
 * @param database where it was unpacked
 * @param counts   what is in it
 */
record PreparedBackup(BackupManifest manifest, Path database, Map<String, Long> counts) {
    /** {@link BackupRefused} where it is broken, foreign, newer, encrypted otherwise, or not what it says. */
    static PreparedBackup of(DataFolder folder, Path file, Optional<char[]> passphrase)
            throws BackupRefused, IOException {
        if (!Files.isRegularFile(file)) {
            throw new BackupRefused("There is no file " + file + ".");
        }
        Files.createDirectories(folder.path());
        Path database = folder.restoring();
        Files.deleteIfExists(database);
        try {
            BackupManifest manifest = new BackupArchive(file, passphrase).extract(database);
            if (manifest.schema() > SchemaVersions.newest()) {
                throw new BackupRefused(
                        file + " was written by a newer Amber Rail. Install that version, then restore.");
            }
            Map<String, Long> counts = counted(file, database);
            if (!counts.equals(manifest.counts())) {
                throw new BackupRefused(file + " does not hold what it says. Use another backup.");
            }
            return new PreparedBackup(manifest, database, counts);
        } catch (BackupRefused | RuntimeException refused) {
            Files.deleteIfExists(database);
            throw refused;
        }
    }

    private static Map<String, Long> counted(Path file, Path database) throws BackupRefused {
        try {
            return RecordCounts.of(database);
        } catch (SQLException e) {
            throw new BackupRefused(file + " is damaged: its database cannot be opened. Use another backup.", e);
        }
    }

    void drop() throws IOException {
        Files.deleteIfExists(database);
    }
}
