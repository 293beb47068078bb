package amberrail.app.attemptimport;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * The values of one attempt in a file, by the column of the CSV that they stand in; an empty one is none.
 *
 * @param texts the text of a column
 * @param names what the file calls a column, for its problems
 */
record AttemptCells(Function<String, Optional<String>> texts, Function<String, String> names) {
    Optional<String> text(String column) {
        return texts.apply(column).map(String::strip).filter(text -> !text.isEmpty());
    }

    <T> Optional<T> value(String column, Function<String, T> read, String rule) {
        return text(column).map(text -> {
            try {
                return read.apply(text);
            } catch (IllegalArgumentException | DateTimeParseException unreadable) {
                throw wrong(column, text, rule);
            }
        });
    }

    <T> T needed(String column, Function<String, T> read, String rule) {
        return value(column, read, rule).orElseThrow(() -> wrong(column, "", rule));
    }

    Optional<Double> number(String column) {
        return value(
                column,
                text -> {
                    double number = Double.parseDouble(text);
                    if (!Double.isFinite(number)) {
                        throw new IllegalArgumentException(text);
                    }
                    return number;
                },
                "must be a number with a decimal point");
    }

    boolean flag(String column) {
        return value(
                        column,
                        text -> switch (text.toLowerCase(Locale.ROOT)) {
                            case "true" -> true;
                            case "false" -> false;
                            default -> throw new IllegalArgumentException(text);
                        },
                        "must be true or false")
                .orElse(false);
    }

    InvalidInputException wrong(String column, String text, String rule) {
        return new InvalidInputException(ProblemCode.INVALID_PARAMETER, names.apply(column), text, rule);
    }
}
