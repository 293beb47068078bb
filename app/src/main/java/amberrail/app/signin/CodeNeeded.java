package amberrail.app.signin;

/** Name and password belong together, and a code of the authenticator app is asked for too. */
final class CodeNeeded extends RuntimeException {
    CodeNeeded(boolean wrong) {
        super(
                wrong
                        ? "Code: that is not it, or it was used before. Take the one that the app shows now, or a recovery code."
                        : "Type the six digits that your authenticator app shows, or one of your recovery codes.");
    }
}
