package amberrail.core.problem;

/** The checks that nearly every value makes of itself; each returns what it was given. */
public final class Require {
    private Require() {}

    /** A number that is neither NaN nor infinite, else {@code NOT_FINITE}. */
    public static double finite(String field, double value) {
        if (!Double.isFinite(value)) {
            throw new InvalidInputException(ProblemCode.NOT_FINITE, field, value, "must be a finite number");
        }
        return value;
    }

    /** A finite number above 0, else {@code NOT_FINITE} or {@code INVALID_PARAMETER}. */
    public static double positive(String field, double value) {
        if (finite(field, value) <= 0) {
            throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, value, "must be more than 0");
        }
        return value;
    }

    /** A finite number of 0 or more, else {@code NOT_FINITE} or {@code NEGATIVE_VALUE}. */
    public static double notNegative(String field, double value) {
        if (finite(field, value) < 0) {
            throw new InvalidInputException(ProblemCode.NEGATIVE_VALUE, field, value, "must be 0 or more");
        }
        return value;
    }

    /** A finite number in [lowest, highest], else {@code NOT_FINITE} or {@code INVALID_PARAMETER}. */
    public static double between(String field, double value, double lowest, double highest) {
        if (finite(field, value) < lowest || value > highest) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, value, "must be from " + lowest + " to " + highest);
        }
        return value;
    }

    /** A whole number in [lowest, highest], else {@code INVALID_PARAMETER}. */
    public static int between(String field, int value, int lowest, int highest) {
        if (value < lowest || value > highest) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, value, "must be from " + lowest + " to " + highest);
        }
        return value;
    }

    /** The level of an interval, in [0.5, 1), else {@code INVALID_LEVEL}. */
    public static double level(double level) {
        if (!(level >= 0.5 && level < 1)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_LEVEL, "level", level, "must be from 0.5 to below 1 (95 % is 0.95)");
        }
        return level;
    }

    /** Text with something in it, at most {@code longest} characters, no control characters, else {@code INVALID_PARAMETER}. */
    public static String text(String field, String value, int longest) {
        if (value == null || value.isBlank() || value.length() > longest) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, value, "must have 1 to " + longest + " characters");
        }
        return printable(field, value, value);
    }

    /** Text of at most {@code longest} characters, empty where there is none, else {@code INVALID_PARAMETER}. */
    public static String textOrNone(String field, String value, int longest) {
        String given = value == null ? "" : value;
        if (given.length() > longest) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    field,
                    given.length() + " characters",
                    "must have at most " + longest + " characters");
        }
        return printable(field, given, given.replaceAll("[\\n\\r\\t]", ""));
    }

    /** Signs that nobody can read or print, such as a zero byte, are refused: files and drawings would break on them. */
    private static String printable(String field, String value, String looked) {
        if (looked.codePoints().anyMatch(Character::isISOControl)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, field, null, "must be plain text without control characters");
        }
        return value;
    }
}
