package amberrail.app.attemptimport;

import amberrail.app.export.FormulaSafety;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.Require;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Attempts in the columns of the export (RFC 4180); columns may be left out and stand in any order. */
final class AttemptsAsCsv {
    private AttemptsAsCsv() {}

    static AttemptFile read(String text, UUID studentId) {
        AttemptFile file = new AttemptFile(studentId);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (String column : AttemptLine.NEEDED) {
                if (!parser.getHeaderMap().containsKey(column)) {
                    file.problem(1, column, "This column is missing.");
                }
            }
            if (!file.problems().isEmpty()) {
                return file;
            }
            long line = 2;
            for (CSVRecord record : parser) {
                Require.between("lines", file.lines().size() + 1, 1, AttemptFile.MOST_ATTEMPTS);
                file.add(cells(record), line, String.join(",", record.toList()));
                line = parser.getCurrentLineNumber() + 1;
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            if (broken instanceof InvalidInputException tooMany) {
                throw tooMany;
            }
            file.problem(file.lines().size() + 2L, null, "This is no CSV from here on: " + broken.getMessage());
        }
        return file;
    }

    /** The apostrophe that keeps spreadsheets from running a text is taken off again. */
    private static AttemptCells cells(CSVRecord record) {
        return new AttemptCells(
                column -> Optional.of(column)
                        .filter(record::isSet)
                        .map(record::get)
                        .map(String::strip)
                        .map(FormulaSafety::unguarded),
                Function.identity());
    }
}
