package amberrail.app.attemptimport;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.FactsText;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * One attempt of a file, in the columns of the export.
 *
 * @param line      in a CSV, the header being 1; in a list the attempt's place, from 1
 * @param session   lines with the same word here are of one session
 * @param tableName empty: the club's first
 * @param drillVersion empty: the newest
 */
record AttemptLine(
        long line,
        UUID id,
        String session,
        Optional<String> tableName,
        Optional<Integer> drillVersion,
        AttemptBody body) {
    static final String PLAYED_AT = "played at (UTC)";
    static final String DRILL = "drill id";
    static final String STATION = "station (from 1)";
    static final String OUTCOME = "outcome";
    static final List<String> NEEDED = List.of(PLAYED_AT, DRILL, STATION, OUTCOME);

    private static final double TAP_SD_MILLIMETRES = 17;

    /**
     * {@code InvalidInputException} names the column.
     *
     * @param whole all of it as one text: its id, where it has none
     */
    static AttemptLine of(AttemptCells cells, long line, UUID studentId, String whole) {
        Instant playedAt = cells.needed(PLAYED_AT, Instant::parse, "must be a time like 2026-11-26T18:30:00Z");
        String drillId = cells.needed(DRILL, Function.identity(), "is missing");
        String day = playedAt.toString().substring(0, 10);
        UUID id = cells.value("attempt id", UUID::fromString, "must be a UUID")
                .orElseGet(() -> named(studentId + " " + line + " " + whole));
        Optional<Double> x = cells.number("landing x (mm)");
        Optional<Double> y = cells.number("landing y (mm)");
        if (x.isPresent() != y.isPresent()) {
            throw cells.wrong(
                    x.isPresent() ? "landing y (mm)" : "landing x (mm)", "", "must be there, since the other is");
        }
        AttemptBody.LandingBody landing = x.isEmpty()
                ? null
                : new AttemptBody.LandingBody(
                        x.get(),
                        y.get(),
                        cells.value(
                                        "placed by",
                                        text -> constant(Landing.PlacedBy.class, text),
                                        oneOf(Landing.PlacedBy.class))
                                .orElse(Landing.PlacedBy.TAP),
                        cells.number("placing SD (mm)").orElse(TAP_SD_MILLIMETRES));
        AttemptBody body = new AttemptBody(
                0,
                false,
                cells.needed(STATION, text -> counted(text) - 1, "must be a whole number from 1"),
                cells.flag("mirrored"),
                cells.value("try id", UUID::fromString, "must be a UUID").orElse(id),
                cells.value("shot (from 1)", text -> counted(text) - 1, "must be a whole number from 1")
                        .orElse(0),
                cells.value("sequence", AttemptLine::notNegative, "must be a whole number from 0")
                        .orElse((int) line),
                "import",
                cells.needed(OUTCOME, text -> constant(PotOutcome.class, text), oneOf(PotOutcome.class)),
                cells.flag("foul"),
                cells.flag("in-off"),
                landing,
                cells.value("facts (JSON)", FactsText::read, "must be a list of facts as this tool writes them")
                        .orElse(List.of()),
                playedAt,
                studentId,
                drillId,
                call(cells),
                cells.text("observations")
                        .map(text -> Arrays.stream(text.split(";"))
                                .map(String::strip)
                                .filter(word -> !word.isEmpty())
                                .toList())
                        .orElse(List.of()),
                cells.text("note").orElse(null));
        return new AttemptLine(
                line,
                id,
                cells.text("session id").orElse(day),
                cells.text("table"),
                cells.value("drill version", AttemptLine::counted, "must be a whole number from 1"),
                body);
    }

    private static AttemptBody.CallBody call(AttemptCells cells) {
        Optional<Double> pace = cells.number("called pace (m/s)");
        return pace.map(metresPerSecond -> new AttemptBody.CallBody(
                        metresPerSecond,
                        cells.number("called tip height (mm; above +)").orElse(0.0),
                        cells.number("called tip side (mm; right +)").orElse(0.0)))
                .orElse(null);
    }

    private static UUID named(String text) {
        return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8));
    }

    private static int counted(String text) {
        int number = Integer.parseInt(text);
        if (number < 1) {
            throw new IllegalArgumentException(text);
        }
        return number;
    }

    private static int notNegative(String text) {
        int number = Integer.parseInt(text);
        if (number < 0) {
            throw new IllegalArgumentException(text);
        }
        return number;
    }

    private static <E extends Enum<E>> E constant(Class<E> type, String text) {
        return Enum.valueOf(type, text.toUpperCase(Locale.ROOT));
    }

    private static <E extends Enum<E>> String oneOf(Class<E> type) {
        return "must be one of "
                + Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", "));
    }
}
