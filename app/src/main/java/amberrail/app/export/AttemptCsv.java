package amberrail.app.export;

import amberrail.app.attempts.FactsText;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

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
            "facts (JSON)",
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

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS.toArray(String[]::new))
            .get();

    private AttemptCsv() {}

    static String of(List<AttemptRow> rows) {
        StringWriter text = new StringWriter();
        try (CSVPrinter lines = new CSVPrinter(text, FORMAT)) {
            for (AttemptRow row : rows) {
                lines.printRecord(values(row).map(AttemptCsv::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory does not fail", e);
        }
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
            FactsText.write(row.facts()),
            hundredths(row.lineError()),
            hundredths(row.speedError()),
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

    private static BigDecimal hundredths(Double value) {
        return value == null ? null : BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_EVEN);
    }

    private static Object cell(Object value) {
        if (value instanceof Double number) {
            // What is read in again is judged again: not a digit less than is known.
            return BigDecimal.valueOf(number).toPlainString();
        }
        return value instanceof String text ? FormulaSafety.guarded(text) : value;
    }
}
