package amberrail.app.export;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** RFC 4180: a header with units, commas, CRLF, quotes only where they are needed; decimal points whatever the locale. */
public final class CsvText {
    private CsvText() {}

    /** Numbers with every digit that is known; texts that begin like a formula are guarded. */
    public static String of(List<String> columns, List<List<Object>> rows) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.toArray(String[]::new))
                .get();
        StringWriter text = new StringWriter();
        try (CSVPrinter lines = new CSVPrinter(text, format)) {
            for (List<Object> row : rows) {
                lines.printRecord(row.stream().map(CsvText::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory does not fail", e);
        }
        return text.toString();
    }

    private static Object cell(Object value) {
        if (value instanceof Double number) {
            // What is read in again is judged again: not a digit less than is known.
            return BigDecimal.valueOf(number).toPlainString();
        }
        return value instanceof String text ? FormulaSafety.guarded(text) : value;
    }
}
