package amberrail.app.web;

/** Something sent that cannot be taken, with its place and a whole sentence for the person who sent it. */
public final class Refused extends RuntimeException {
    private final String field;

    /** {@code field} is empty where it is about the whole. */
    public Refused(String field, String sentence) {
        super(sentence);
        this.field = field;
    }

    String field() {
        return field;
    }
}
