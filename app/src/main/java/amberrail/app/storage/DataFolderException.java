package amberrail.app.storage;

import java.io.IOException;
import java.nio.file.Path;

/** The data folder cannot be made or written. */
class DataFolderException extends RuntimeException {
    private final transient Path folder;

    DataFolderException(Path folder, IOException cause) {
        super("cannot write to " + folder, cause);
        this.folder = folder;
    }

    Path folder() {
        return folder;
    }
}
