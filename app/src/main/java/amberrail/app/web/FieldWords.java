package amberrail.app.web;

import amberrail.core.problem.InvalidInputException;
import java.util.Locale;
import java.util.regex.Pattern;

/** Field paths and rules of core in the words of a sentence for a coach. */
public final class FieldWords {
    private static final Pattern CAMEL_HUMP = Pattern.compile("(?<=[a-z])(?=[A-Z])");
    private static final Pattern UNIT_AT_END = Pattern.compile(
            " (millimetres|metres per second|metres|degrees|milliradians|percent|seconds|square millimetres)$");

    private FieldWords() {}

    /** "stroke.tipHeightMillimetres" with "must be ..." reads "Stroke, tip height: must be ... (it is 25.0)." */
    public static String sentence(InvalidInputException e) {
        if (e.isWholeSentence()) {
            return e.rule() + ".";
        }
        String given = e.value() == null ? "" : " (it is " + e.value() + ")";
        return words(e.field()) + ": " + e.rule() + given + ".";
    }

    /** The path without its units, its first letter large: "shots[0].balls.1" is "Shots 1, balls, 1". */
    static String words(String field) {
        StringBuilder words = new StringBuilder();
        for (String step : field.split("\\.")) {
            int index = step.indexOf('[');
            String name = index < 0 ? step : step.substring(0, index);
            String spaced = CAMEL_HUMP.matcher(name).replaceAll(" ").toLowerCase(Locale.ROOT);
            String bare = UNIT_AT_END.matcher(spaced).replaceAll("");
            words.append(words.isEmpty() ? "" : ", ").append(bare);
            if (index >= 0) {
                // People count from one.
                words.append(' ').append(Integer.parseInt(step.substring(index + 1, step.indexOf(']'))) + 1);
            }
        }
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
