package amberrail.app.web;

import java.util.Set;

/**
 * What of a text can be seen: a name of zero-width spaces is no name, and a sign that turns the reading direction makes one name look like another.
 * Asked where texts come in, and not where they are read back: what an older version took must stay readable.
 */
final class SeenText {
    /** Letters and signs by their class that are drawn as nothing (Hangul fillers, the Braille pattern without dots). */
    private static final Set<Integer> DRAWN_AS_NOTHING = Set.of(0x115F, 0x1160, 0x3164, 0xFFA0, 0x2800);

    private SeenText() {}

    /** Whether anything of it would be seen on paper. */
    static boolean isSeen(String text) {
        return text.codePoints().anyMatch(SeenText::isSeen);
    }

    private static boolean isSeen(int sign) {
        int kind = Character.getType(sign);
        return !Character.isWhitespace(sign)
                && !Character.isSpaceChar(sign)
                && kind != Character.FORMAT
                && kind != Character.CONTROL
                && !DRAWN_AS_NOTHING.contains(sign);
    }

    /** Whether it holds a sign that overrides or embeds a reading direction (U+202A to U+202E, U+2066 to U+2069); no language needs one in a name or a note. */
    static boolean turnsDirection(String text) {
        return text.codePoints().anyMatch(sign -> sign >= 0x202A && sign <= 0x202E || sign >= 0x2066 && sign <= 0x2069);
    }
}
