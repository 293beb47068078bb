package amberrail.app.web;

/** Something that does not exist, or that the person asking may not see: the answer is the same 404. */
public final class Missing extends RuntimeException {
    private final String what;

    public Missing(String what) {
        super(what);
        this.what = what;
    }

    public String what() {
        return what;
    }
}
