package amberrail.app.web;

/** The person is known and may not do this; the message is a sentence for them. */
public final class NotAllowed extends RuntimeException {
    public NotAllowed(String sentence) {
        super(sentence);
    }
}
