package amberrail.app.web;

import java.sql.SQLException;
import java.util.Optional;

/** What the database says under an exception, by the SQL standard's states and H2's own. */
public final class SqlStates {
    /** A unique row is there already. */
    public static final String DUPLICATE_KEY = "23505";
    /** A text is longer than its column. */
    public static final String TOO_LONG = "22001";

    private SqlStates() {}

    /** The state of the first database exception among the causes. */
    public static Optional<String> of(Throwable e) {
        return sql(e).map(SQLException::getSQLState);
    }

    /** The first database exception among the causes. */
    public static Optional<SQLException> sql(Throwable e) {
        int depth = 0;
        for (Throwable cause = e; cause != null && depth < 20; cause = cause.getCause(), depth++) {
            if (cause instanceof SQLException sql) {
                return Optional.of(sql);
            }
        }
        return Optional.empty();
    }
}
