package amberrail.core.problem;

import java.util.Objects;

/** Input that breaks a stated rule. Reads "successes = 6, must be at most trials = 5". */
public final class InvalidInputException extends RuntimeException {
    private final ProblemCode code;
    private final String field;
    private final transient Object value;
    private final String rule;

    /**
     * @param code  stable name of the problem
     * @param field path of the field, as the caller named it
     * @param value what was given; may be null
     * @param rule  the rule it broke, as the end of the sentence "field = value, ..."
     */
    public InvalidInputException(ProblemCode code, String field, Object value, String rule) {
        super(field + " = " + value + ", " + rule);
        this.code = Objects.requireNonNull(code);
        this.field = Objects.requireNonNull(field);
        this.value = value;
        this.rule = Objects.requireNonNull(rule);
    }

    /** A problem that says all in one sentence, without its full stop: "Ball 2 lies 7 mm outside the bed". */
    public static InvalidInputException told(ProblemCode code, String field, String sentence) {
        return new InvalidInputException(code, field, null, sentence);
    }

    /** Whether the rule is a whole sentence, which needs neither field nor value beside it. */
    public boolean isWholeSentence() {
        return Character.isUpperCase(rule.charAt(0));
    }

    public ProblemCode code() {
        return code;
    }

    public String field() {
        return field;
    }

    /** What was given; may be null. */
    public Object value() {
        return value;
    }

    public String rule() {
        return rule;
    }

    /** The same problem seen from one level up: field "radius" in "zone" is "zone.radius". */
    public InvalidInputException under(String parent) {
        return new InvalidInputException(code, parent + "." + field, value, rule);
    }
}
