package amberrail.app.testing;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.regex.Pattern;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Fails whatever writes without a transaction, or in one that was to read only: it would go past the gate of those who write (decision 28). */
public class WritesInTransactions extends WatchedDatabase {
    private static final Pattern WRITES =
            Pattern.compile("\\s*(insert|update|delete|merge)\\b.*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** Tables that no person hangs on. */
    private static final Pattern ABOUT_NOBODY = Pattern.compile(
            "\\W(set_up|station_grade|installation_secret|club_setting|data_repair|ability_snapshot)\\W");

    @Override
    protected void executing(Connection connection, String text) throws SQLException {
        if (!WRITES.matcher(text).matches() || ABOUT_NOBODY.matcher(text).find() || isATestsOwn()) {
            return;
        }
        if (connection.getAutoCommit()) {
            throw new IllegalStateException("written without a transaction: " + text);
        }
        if (TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            throw new IllegalStateException("written where only reading was said: " + text);
        }
    }

    private static boolean isATestsOwn() {
        return StackWalker.getInstance()
                .walk(frames -> frames.map(StackWalker.StackFrame::getClassName)
                        .filter(name -> name.startsWith("amberrail.") && !name.startsWith("amberrail.app.testing."))
                        .findFirst())
                .filter(name -> name.split("\\$")[0].endsWith("Test"))
                .isPresent();
    }
}
