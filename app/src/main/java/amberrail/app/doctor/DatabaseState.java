package amberrail.app.doctor;

import amberrail.app.backup.RecordCounts;
import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import amberrail.app.storage.SchemaVersions;
import amberrail.app.storage.Seal;
import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Optional;

/**
 * A database file looked at without changing it.
 *
 * @param sentence how much is in it
 * @param newest   the time of its newest attempt
 */
record DatabaseState(Kind kind, String sentence, Optional<Instant> newest) {
    private static final int DATABASE_IN_USE = 90020;

    enum Kind {
        GOOD,
        IN_USE,
        NEWER,
        CHANGED_OUTSIDE,
        DAMAGED
    }

    static DatabaseState of(DataFolder folder) {
        String url = DataFolder.urlOf(folder.database()) + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, DatabaseUrl.USER, DatabaseUrl.PASSWORD);
                Statement statement = connection.createStatement()) {
            if (schema(statement) > SchemaVersions.newest()) {
                return new DatabaseState(Kind.NEWER, "", Optional.empty());
            }
            Optional<Instant> newest = newest(statement);
            String counts = RecordCounts.sentence(RecordCounts.of(folder.database()));
            return new DatabaseState(Seal.holds(folder) ? Kind.GOOD : Kind.CHANGED_OUTSIDE, counts, newest);
        } catch (SQLException e) {
            return new DatabaseState(
                    e.getErrorCode() == DATABASE_IN_USE ? Kind.IN_USE : Kind.DAMAGED, "", Optional.empty());
        } catch (IOException unreadable) {
            return new DatabaseState(Kind.DAMAGED, "", Optional.empty());
        }
    }

    private static int schema(Statement statement) throws SQLException {
        try (ResultSet row =
                statement.executeQuery("select max(cast(\"version\" as integer)) from \"flyway_schema_history\"")) {
            row.next();
            return row.getInt(1);
        }
    }

    private static Optional<Instant> newest(Statement statement) throws SQLException {
        try (ResultSet row = statement.executeQuery("select max(changed_at) from attempt")) {
            row.next();
            return Optional.ofNullable(row.getObject(1, OffsetDateTime.class)).map(OffsetDateTime::toInstant);
        }
    }
}
