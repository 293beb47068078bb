package amberrail.app.backup;

import amberrail.app.storage.WritersGate;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.h2.engine.Database;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.FileStore;
import org.springframework.dao.DataAccessResourceFailureException;

/**
 * A copy of the database while it is in use, as it was at one moment at which nobody was writing.
 *
 * <p>H2's {@code BACKUP TO} is not used, for three reasons. Beside a busy writer one copy in some dozens held half of a transaction. It takes in every
 * file whose name begins as the database's does, and fails over the first one that an upgrade or a restore has kept aside. And it packs as tightly
 * as it can, which takes most of a minute for a million attempts.
 *
 * <p>The file is only ever appended to while space is not used again, so what lay in it at that moment can be read at leisure. It is read through H2's
 * own channel: to open and close the file once more would give up the lock on it.
 */
final class LiveCopy {
    private static final int AT_ONCE = 1 << 16;
    /** The two blocks that say where the newest part lies: the only ones that are written over. */
    private static final int HEADER = 2 * 4096;

    private final WritersGate gate;

    LiveCopy(WritersGate gate) {
        this.gate = gate;
    }

    /** Writes the database file and returns its SHA-256. */
    String write(Connection connection, Path database) throws IOException, SQLException {
        return write(connection, database, OutputStream.nullOutputStream());
    }

    /** Writes it twice, as it is and into a zip of its own, and returns the SHA-256 of the file. */
    String writePacked(Connection connection, Path database, Path zip) throws IOException, SQLException {
        try (ZipOutputStream packed = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(zip)))) {
            packed.setLevel(Deflater.BEST_SPEED);
            packed.putNextEntry(new ZipEntry(BackupArchive.DATABASE));
            return write(connection, database, packed);
        }
    }

    private String write(Connection connection, Path to, OutputStream beside) throws IOException, SQLException {
        DigestOutputStream digested = new DigestOutputStream(Files.newOutputStream(to), BackupArchive.digest());
        try (digested) {
            copy(connection, bytes -> {
                digested.write(bytes);
                beside.write(bytes);
            });
        }
        return HexFormat.of().formatHex(digested.getMessageDigest().digest());
    }

    private static Database database(Connection connection) throws SQLException {
        return ((SessionLocal) connection.unwrap(JdbcConnection.class).getSession()).getDatabase();
    }

    private interface Sink {
        void take(byte[] bytes) throws IOException;
    }

    private record Moment(byte[] header, long size) {}

    private void copy(Connection connection, Sink to) throws IOException, SQLException {
        FileStore<?> file = database(connection).getStore().getMvStore().getFileStore();
        boolean spaceReused = file.isSpaceReused();
        file.setReuseSpace(false);
        try {
            Moment moment = moment(connection, file);
            to.take(moment.header());
            for (long at = HEADER; at < moment.size(); at += AT_ONCE) {
                to.take(read(file, at, (int) Math.min(AT_ONCE, moment.size() - at)));
            }
        } finally {
            file.setReuseSpace(spaceReused);
        }
    }

    private Moment moment(Connection connection, FileStore<?> file) throws IOException {
        Moment[] moment = new Moment[1];
        try {
            gate.alone(() -> moment[0] = inTurn(connection, file));
        } catch (WritersGate.NotAlone busy) {
            throw new IOException(
                    "For half a minute somebody was writing all the time. Please make the backup again.", busy);
        }
        return moment[0];
    }

    /** The turn to write (decision 32) keeps out those few, too, who write without a transaction. H2 writes what it has in memory before this answers. */
    private static Moment inTurn(Connection connection, FileStore<?> file) {
        try (Statement sql = connection.createStatement()) {
            connection.setAutoCommit(false);
            sql.execute("checkpoint");
            Moment moment = new Moment(read(file, 0, HEADER), file.size());
            connection.rollback();
            connection.setAutoCommit(true);
            return moment;
        } catch (SQLException e) {
            throw new DataAccessResourceFailureException("what is in memory could not be written", e);
        }
    }

    private static byte[] read(FileStore<?> file, long at, int length) {
        return file.readFully(null, at, length).array();
    }
}
