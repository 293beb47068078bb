package amberrail.app.backup;

import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;

/** Opens a database file, without changing it, and counts what is in it: what cannot be opened and counted is no backup. */
public final class RecordCounts {
    private static final Map<String, String> TABLES = new LinkedHashMap<>();

    static {
        TABLES.put("people", "account");
        TABLES.put("sessions", "practice_session");
        TABLES.put("attempts", "attempt");
        TABLES.put("racks", "rack");
        TABLES.put("plans", "practice_plan");
        TABLES.put("drills of the club's own", "own_drill");
        TABLES.put("entries in the calendar", "calendar_entry");
    }

    private RecordCounts() {}

    /** Tables that an older schema does not have are left out. */
    public static Map<String, Long> of(Path database) throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                DataFolder.urlOf(database) + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE",
                DatabaseUrl.USER,
                DatabaseUrl.PASSWORD)) {
            return of(connection);
        }
    }

    /** The same of a database that is open. */
    public static Map<String, Long> of(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            Map<String, Long> counts = new LinkedHashMap<>();
            for (Map.Entry<String, String> one : TABLES.entrySet()) {
                if (hasTable(connection, one.getValue())) {
                    try (ResultSet row = statement.executeQuery("select count(*) from " + one.getValue())) {
                        row.next();
                        counts.put(one.getKey(), row.getLong(1));
                    }
                }
            }
            return counts;
        }
    }

    private static boolean hasTable(Connection connection, String table) throws SQLException {
        try (ResultSet found = connection.getMetaData().getTables(null, "PUBLIC", table.toUpperCase(), null)) {
            return found.next();
        }
    }

    /** "12 people, 24 sessions, 297 attempts". */
    public static String sentence(Map<String, Long> counts) {
        return counts.entrySet().stream()
                .map(one -> one.getValue() + " " + one.getKey())
                .reduce((a, b) -> a + ", " + b)
                .orElse("nothing");
    }
}
