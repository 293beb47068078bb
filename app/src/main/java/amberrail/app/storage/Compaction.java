package amberrail.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What is deleted from tables still stands in the database file until the file is written anew. After somebody was erased that is done at the next
 * start, and copies from before a migration, which know them too, go.
 */
@Component
public class Compaction {
    private static final Logger LOG = LoggerFactory.getLogger(Compaction.class);

    private final boolean file;
    private final DataFolder folder;

    Compaction(@Value("${spring.datasource.url}") String url, @Value("${amber.data}") String data) {
        file = url.startsWith("jdbc:h2:file:");
        folder = new DataFolder(Path.of(data));
    }

    /** At the next start. */
    public void want() {
        if (!file) {
            return;
        }
        try {
            Files.writeString(folder.compactionWanted(), "");
        } catch (IOException e) {
            throw new UncheckedIOException("the wish to compact the database could not be written down", e);
        }
    }

    /** Before the server opens the database. */
    static void runIfWanted(DataFolder folder) throws IOException {
        if (!Files.exists(folder.compactionWanted())) {
            return;
        }
        long before = Files.size(folder.database());
        try (Connection connection = DriverManager.getConnection(
                folder.url(folder.database()) + ";IFEXISTS=TRUE", DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
            connection.createStatement().execute("SHUTDOWN COMPACT");
        } catch (SQLException e) {
            throw new UnopenedDatabaseException(folder.database(), e);
        }
        for (Path copy : copies(folder)) {
            Files.delete(copy);
        }
        Files.delete(folder.compactionWanted());
        LOG.info("the database was compacted from {} to {} bytes", before, Files.size(folder.database()));
    }

    private static List<Path> copies(DataFolder folder) throws IOException {
        try (Stream<Path> files = Files.list(folder.path())) {
            return files.filter(folder::isCopyFromBefore).toList();
        }
    }
}
