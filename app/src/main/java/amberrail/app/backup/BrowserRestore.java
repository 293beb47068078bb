package amberrail.app.backup;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.storage.DataFolder;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/**
 * A backup put back from a browser: it is prepared beside the database, which takes its place when the server has stopped; the next start does that
 * ({@code storage.PutBack}), keeping aside what was there. As with the command, nothing is touched before everything has been checked.
 */
@Service
class BrowserRestore {
    private static final Logger LOG = LoggerFactory.getLogger(BrowserRestore.class);

    private final AmberRailProperties properties;
    private final Backups backups;
    private final PeopleService people;
    private final JdbcClient sql;
    private final DataSource database;
    private final Restart restart;

    BrowserRestore(
            AmberRailProperties properties,
            Backups backups,
            PeopleService people,
            JdbcClient sql,
            DataSource database,
            Restart restart) {
        this.properties = properties;
        this.backups = backups;
        this.people = people;
        this.sql = sql;
        this.database = database;
        this.restart = restart;
    }

    /** What is in a backup, and what is there now. */
    record Compared(Instant madeAt, Map<String, Long> inIt, Map<String, Long> now) {}

    synchronized Compared look(String name, String passphrase) throws IOException, SQLException {
        PreparedBackup prepared = prepared(name, passphrase);
        try {
            return new Compared(prepared.manifest().madeAt(), prepared.counts(), now());
        } finally {
            prepared.drop();
        }
    }

    private Map<String, Long> now() throws SQLException {
        try (var connection = database.getConnection()) {
            return RecordCounts.of(connection);
        }
    }

    /** Whoever was erased since the backup was made must not come back with it. */
    synchronized void putBack(SignedIn who, String name, String passphrase, String password) throws IOException {
        people.requirePassword(who, password);
        prepared(name, passphrase);
        DataFolder folder = folder();
        String erased = String.join(
                "\n",
                sql.sql("select account_hash from erased_account")
                        .query(String.class)
                        .list());
        if (!erased.isEmpty()) {
            Files.writeString(folder.erasedBefore(), erased + "\n");
        }
        Files.writeString(folder.restoreWanted(), name + "\n");
        LOG.warn("the server stops to put the backup {} back", name);
        restart.soon();
    }

    private PreparedBackup prepared(String name, String passphrase) throws IOException {
        BackupFolder.Kept kept = backups.state().kept().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Missing("backup"));
        Path file = backups.state().folder().resolve(kept.name());
        try {
            Optional<char[]> secret = passphrase.isEmpty()
                    ? Passphrase.in(properties.backup().passphrase())
                    : Optional.of(passphrase.toCharArray());
            return PreparedBackup.of(folder(), file, secret);
        } catch (BackupRefused refused) {
            Conflict conflict = new Conflict("BACKUP_REFUSED", refused.getMessage(), null);
            conflict.initCause(refused);
            throw conflict;
        }
    }

    private DataFolder folder() {
        return new DataFolder(properties.data().toAbsolutePath().normalize());
    }
}
