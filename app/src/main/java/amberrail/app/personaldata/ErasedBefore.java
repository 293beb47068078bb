package amberrail.app.personaldata;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.storage.DataFolder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Whoever was erased before an older backup was put back is erased again: the restore has left the hashes of their accounts beside the database. */
@Component
class ErasedBefore {
    private static final Logger LOG = LoggerFactory.getLogger(ErasedBefore.class);

    private final AmberRailProperties properties;
    private final JdbcClient sql;
    private final Eraser eraser;

    ErasedBefore(AmberRailProperties properties, JdbcClient sql, Eraser eraser) {
        this.properties = properties;
        this.sql = sql;
        this.eraser = eraser;
    }

    void eraseAgain() {
        Path list = new DataFolder(properties.data()).erasedBefore();
        if (!Files.exists(list)) {
            return;
        }
        try {
            Set<String> hashes = new TreeSet<>(Files.readAllLines(list));
            for (UUID id : sql.sql("select id from account").query(UUID.class).list()) {
                if (hashes.contains(Former.hash(id))) {
                    eraser.erase(id);
                    LOG.info("somebody whom a backup had brought back was erased again");
                }
            }
            Files.delete(list);
        } catch (IOException e) {
            throw new UncheckedIOException("the list of who was erased before cannot be read", e);
        }
    }
}
