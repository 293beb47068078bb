package amberrail.app.export;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** RFC 4180: a header with units, commas, CRLF, quotes only where they are needed; decimal points whatever the locale. */
final class AttemptCsv {
    static final List<String> COLUMNS = List.of(
            "attempt id",
            "session id",
            "student",
            "played at (UTC)",
            "drill id",
            "drill version",
            "station (from 1)",
            "mirrored",
            "shot (from 1)",
            "try id",
            "sequence",
            "table",
            "outcome",
            "foul",
            "in-off",
            "landing x (mm)",
            "landing y (mm)",
            "placed by",
            "placing SD (mm)",
            "line error (mm; left +)",
            "speed error (mm; long +)",
            "result",
            "faults",
            "called pace (m/s)",
            "called tip height (mm; above +)",
            "called tip side (mm; right +)",
            "observations",
            "note",
            "late");

    private static final String LINE_END = "\r\n";

    private AttemptCsv() {}

    static String of(List<AttemptRow> rows) {
        StringBuilder text = new StringBuilder(line(COLUMNS.stream().map(column -> (Object) column)));
        rows.forEach(row -> text.append(line(values(row))));
        return text.toString();
    }

    private static Stream<Object> values(AttemptRow row) {
        return Arrays.stream(new Object[] {
            row.attemptId(),
            row.sessionId(),
            row.student(),
            row.playedAt(),
            row.drillId(),
            row.drillVersion(),
            row.station(),
            row.mirrored(),
            row.shot(),
            row.tryId(),
            row.sequence(),
            row.tableName(),
            row.outcome(),
            row.foul(),
            row.inOff(),
            row.landingX(),
            row.landingY(),
            row.placedBy(),
            row.placingSd(),
            row.lineError(),
            row.speedError(),
            row.result(),
            String.join("; ", row.faults()),
            row.callPace(),
            row.callHeight(),
            row.callSide(),
            String.join("; ", row.observations()),
            row.note(),
            row.late()
        });
    }

    private static String line(Stream<Object> values) {
        return values.map(AttemptCsv::cell).collect(Collectors.joining(",")) + LINE_END;
    }

    /** A text that begins like a formula is opened as one by spreadsheets; an apostrophe before it keeps it a text. */
    private static String cell(Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof Double number) {
            return String.format(Locale.ROOT, "%.2f", number);
        }
        String text = value.toString();
        boolean written = value instanceof String && !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
        String safe = written ? "'" + text : text;
        return safe.matches("(?s).*[\",\r\n].*") ? '"' + safe.replace("\"", "\"\"") + '"' : safe;
    }
}
