package amberrail.app.export;

/** Texts in files for spreadsheets: one that begins like a formula gets an apostrophe before it, and loses it again when it is read. */
public final class FormulaSafety {
    /** In ordinary and in full width; spreadsheets skip line ends and tabs before them. */
    private static final String BEGINS = "=+-@\t\r\n\uFF1D\uFF0B\uFF0D\uFF20";

    private static final char GUARD = '\'';

    private FormulaSafety() {}

    public static String guarded(String text) {
        return begins(text, 0) ? GUARD + text : text;
    }

    public static String unguarded(String text) {
        return !text.isEmpty() && text.charAt(0) == GUARD && begins(text, 1) ? text.substring(1) : text;
    }

    private static boolean begins(String text, int at) {
        return text.length() > at && BEGINS.indexOf(text.charAt(at)) >= 0;
    }
}
