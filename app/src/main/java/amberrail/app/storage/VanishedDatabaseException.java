package amberrail.app.storage;

import java.nio.file.Path;

/** A folder that was a club's, and its database is not there or holds nothing. */
class VanishedDatabaseException extends RuntimeException {
    private final transient Path folder;
    private final boolean missing;

    VanishedDatabaseException(Path folder, boolean missing) {
        super("no database in " + folder);
        this.folder = folder;
        this.missing = missing;
    }

    Path folder() {
        return folder;
    }

    boolean isMissing() {
        return missing;
    }
}
