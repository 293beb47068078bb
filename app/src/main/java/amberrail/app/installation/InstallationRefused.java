package amberrail.app.installation;

/** A file that is not read; the message is a sentence with the next step. */
final class InstallationRefused extends Exception {
    InstallationRefused(String sentence, Exception cause) {
        super(sentence, cause);
    }
}
