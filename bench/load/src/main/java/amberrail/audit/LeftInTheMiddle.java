package amberrail.audit;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.h2.value.VersionedValue;

/**
 * Looks into H2's own maps for what no question in SQL tells: rows and entries of indexes that a killed server has left neither written nor taken back
 * (decision 32). They stay for ever, so one look after all kills finds those of every kill.
 */
final class LeftInTheMiddle {
    private LeftInTheMiddle() {}

    /** How many there are in the database of a data folder that no server uses. */
    static long in(Path data) throws SQLException {
        String url = "jdbc:h2:file:" + data.resolve("amber-rail").toAbsolutePath() + ";IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, "amber", "")) {
            SessionLocal session =
                    (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
            MVStore store = session.getDatabase().getStore().getMvStore();
            return store.getMapNames().stream()
                    .filter(name -> name.startsWith("table.") || name.startsWith("index."))
                    .mapToLong(name -> leftIn(store.openMap(name, new MVMap.Builder<>())))
                    .sum();
        }
    }

    private static long leftIn(MVMap<Object, Object> rows) {
        return rows.values().stream()
                .filter(value -> value instanceof VersionedValue<?> one && one.getOperationId() != 0)
                .count();
    }
}
