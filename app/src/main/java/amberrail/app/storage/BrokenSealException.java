package amberrail.app.storage;

/** The database file is not as the server left it. */
class BrokenSealException extends RuntimeException {
    BrokenSealException() {
        super("the database file has changed since it was closed");
    }
}
