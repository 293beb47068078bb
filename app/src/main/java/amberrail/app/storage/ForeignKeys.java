package amberrail.app.storage;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;

/** Holds every row to what it refers to: H2 itself does so only while rows are written one after the other. */
public final class ForeignKeys {
    private static final String ALL =
            "select f.table_name, f.column_name, p.table_name, p.column_name from information_schema.referential_constraints r"
                    + " join information_schema.key_column_usage f on f.constraint_name = r.constraint_name"
                    + " join information_schema.key_column_usage p on p.constraint_name = r.unique_constraint_name"
                    + " and p.ordinal_position = f.position_in_unique_constraint"
                    + " where f.table_schema = 'PUBLIC' order by 1, 2";

    private ForeignKeys() {}

    /** How many rows refer to what is not there, by {@code table.column}; empty where all is whole. */
    public static Map<String, Long> broken(Connection connection) throws SQLException {
        Map<String, Long> broken = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet key = statement.executeQuery(ALL)) {
            while (key.next()) {
                long lost = lost(connection, key.getString(1), key.getString(2), key.getString(3), key.getString(4));
                if (lost > 0) {
                    broken.put((key.getString(1) + "." + key.getString(2)).toLowerCase(), lost);
                }
            }
        }
        return broken;
    }

    private static long lost(Connection connection, String table, String column, String parent, String key)
            throws SQLException {
        String question =
                "select count(*) from \"%s\" f where f.\"%s\" is not null and not exists (select 1 from \"%s\" p where p.\"%s\" = f.\"%s\")"
                        .formatted(table, column, parent, key, column);
        try (Statement count = connection.createStatement();
                ResultSet row = count.executeQuery(question)) {
            row.next();
            return row.getLong(1);
        }
    }
}
