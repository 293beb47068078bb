package amberrail.app.storage;

/** The data were written by a version of the program that came later than this one. */
class NewerDataException extends RuntimeException {
    NewerDataException() {
        super("the schema is newer than this program");
    }
}
