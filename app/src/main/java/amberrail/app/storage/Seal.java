package amberrail.app.storage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.zip.CRC32C;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A checksum of the database file from when the server closed it, checked by the next start and then taken away: H2 does not notice a bit that has
 * changed within a text, and a club would go on recording into a file that is rotting. After a kill there is none, and nothing is checked.
 */
public final class Seal {
    private static final Logger LOG = LoggerFactory.getLogger(Seal.class);
    private static final int BUFFER = 1 << 20;

    private Seal() {}

    /** Of a file that nobody has open any more; what cannot be written is no reason not to stop. */
    static void write(DataFolder folder) {
        try {
            if (Files.exists(folder.database()) && isClosed(folder.database())) {
                Files.writeString(folder.seal(), sum(folder.database()) + "\n");
                folder.ownersOnly();
            }
        } catch (IOException e) {
            LOG.warn("the database was closed without a checksum: {}", e.getMessage());
        }
    }

    /** H2 holds a lock on the file while it is open, in whichever process. */
    private static boolean isClosed(Path database) throws IOException {
        try (FileChannel channel = FileChannel.open(database, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock != null;
        } catch (OverlappingFileLockException inThisProcess) {
            return false;
        }
    }

    /** Whether the file is as it was closed, or was not closed by us. */
    public static boolean holds(DataFolder folder) throws IOException {
        return Files.notExists(folder.seal())
                || Files.notExists(folder.database())
                || Files.readString(folder.seal()).strip().equals(sum(folder.database()));
    }

    /**
     * @throws UnopenedDatabaseException where the file was changed since it was closed and cannot be opened
     * @throws BrokenSealException where it was changed and can be
     */
    static void open(DataFolder folder) throws IOException {
        if (!holds(folder)) {
            requireOpens(folder);
            throw new BrokenSealException();
        }
        lift(folder);
    }

    private static void requireOpens(DataFolder folder) {
        String readOnly = ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(
                DataFolder.urlOf(folder.database()) + readOnly, DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
            connection.getMetaData();
        } catch (SQLException e) {
            throw new UnopenedDatabaseException(folder.database(), e);
        }
    }

    /** Before the file is written by anybody. */
    public static void lift(DataFolder folder) throws IOException {
        Files.deleteIfExists(folder.seal());
    }

    /** Length and CRC-32C: against disks that fail, not against people. */
    private static String sum(Path file) throws IOException {
        CRC32C sum = new CRC32C();
        byte[] buffer = new byte[BUFFER];
        try (InputStream in = Files.newInputStream(file)) {
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                sum.update(buffer, 0, read);
            }
        }
        return Files.size(file) + " " + Long.toHexString(sum.getValue());
    }
}
