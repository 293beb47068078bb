package amberrail.app.backup;

/** A file that is not put back; the message is a sentence with the next step. */
public final class BackupRefused extends Exception {
    BackupRefused(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    BackupRefused(String sentence) {
        super(sentence);
    }
}
