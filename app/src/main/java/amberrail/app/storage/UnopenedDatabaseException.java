package amberrail.app.storage;

import java.nio.file.Path;
import java.sql.SQLException;

/** The database file is there and cannot be opened: another server has it, or it is damaged. */
class UnopenedDatabaseException extends RuntimeException {
    UnopenedDatabaseException(Path database, SQLException cause) {
        super("cannot open " + database, cause);
    }
}
