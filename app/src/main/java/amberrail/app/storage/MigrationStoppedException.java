package amberrail.app.storage;

import java.nio.file.Path;

/** The database could not be brought up to date; it is as it was. */
class MigrationStoppedException extends RuntimeException {
    private final transient Path database;
    private final transient Path kept;

    /** {@code kept} is null where no copy had been made yet. */
    MigrationStoppedException(Path database, Path kept, Exception cause) {
        super("the database was not brought up to date", cause);
        this.database = database;
        this.kept = kept;
    }

    Path database() {
        return database;
    }

    Path kept() {
        return kept;
    }
}
