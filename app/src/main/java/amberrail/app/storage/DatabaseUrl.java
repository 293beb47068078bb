package amberrail.app.storage;

/** How H2 is opened, in one place: the server's own address of it (application.yaml) and a migration's must not differ. */
public final class DatabaseUrl {
    /**
     * WRITE_DELAY=0: an answered attempt survives kill -9 (decision 3). TRACE_LEVEL_FILE=0: no trace file, which would hold what people wrote and
     * grow without end on a full disk.
     */
    public static final String OPTIONS = ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0;LOCK_TIMEOUT=4000";

    public static final String USER = "amber";
    public static final String PASSWORD = "";

    private DatabaseUrl() {}
}
