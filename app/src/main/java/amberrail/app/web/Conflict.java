package amberrail.app.web;

/** What was sent does not fit what is stored; carries the stored copy. */
public final class Conflict extends RuntimeException {
    private final String code;
    private final transient Object current;

    public Conflict(String code, String sentence, Object current) {
        super(sentence);
        this.code = code;
        this.current = current;
    }

    public String code() {
        return code;
    }

    public Object current() {
        return current;
    }
}
