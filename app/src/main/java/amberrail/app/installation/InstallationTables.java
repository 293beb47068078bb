package amberrail.app.installation;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The tables of an installation and their columns; secrets stay where they are. */
final class InstallationTables {
    /** What opens doors here, is worked out again, or belongs to the file and not to the club. */
    private static final Set<String> LEFT_OUT = Set.of(
            "spring_session",
            "spring_session_attributes",
            "installation_secret",
            "invitation",
            "access_token",
            "authenticator",
            "recovery_code",
            "share_link",
            "calendar_feed",
            "flyway_schema_history");

    /** Left empty: nobody takes a password along to another club. */
    static final Set<String> BLANK = Set.of("account.password_hash");

    private InstallationTables() {}

    /** Columns by table, both by name. */
    static Map<String, List<String>> of(Connection connection) throws SQLException {
        Map<String, List<String>> tables = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select lower(c.table_name), lower(c.column_name) from information_schema.columns c"
                                + " join information_schema.tables t on t.table_schema = c.table_schema and t.table_name = c.table_name"
                                + " where c.table_schema = 'PUBLIC' and t.table_type = 'BASE TABLE'"
                                + " order by c.table_name, c.column_name")) {
            while (row.next()) {
                if (!LEFT_OUT.contains(row.getString(1))) {
                    tables.computeIfAbsent(row.getString(1), name -> new ArrayList<>())
                            .add(row.getString(2));
                }
            }
        }
        return tables;
    }
}
