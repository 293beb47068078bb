package amberrail.app.storage;

/** The database is older than what the folder says of it: somebody put another file in its place. */
class ExchangedDatabaseException extends RuntimeException {
    ExchangedDatabaseException() {
        super("the database is older than its folder says");
    }
}
