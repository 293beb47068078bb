package amberrail.app.installation;

import java.io.IOException;
import java.io.Reader;
import java.sql.Blob;
import java.sql.Clob;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;

/** Values of a database as cells of a CSV file (RFC 4180): nothing at all is a missing value, two quotes an empty text. */
final class CsvCells {
    private static final int END = -1;

    private CsvCells() {}

    static String of(Object value) throws SQLException {
        if (value == null) {
            return "";
        }
        String text = text(value);
        boolean plain = !text.isEmpty() && text.chars().noneMatch(c -> c == '"' || c == ',' || c == '\r' || c == '\n');
        return plain ? text : '"' + text.replace("\"", "\"\"") + '"';
    }

    private static String text(Object value) throws SQLException {
        if (value instanceof byte[] bytes) {
            return Base64.getEncoder().encodeToString(bytes);
        }
        if (value instanceof Blob blob) {
            return Base64.getEncoder().encodeToString(blob.getBytes(1, (int) blob.length()));
        }
        if (value instanceof Clob clob) {
            return clob.getSubString(1, (int) clob.length());
        }
        return value instanceof OffsetDateTime time ? time.toInstant().toString() : value.toString();
    }

    /** The cells of the next line; empty at the end of the file. */
    static Optional<List<Optional<String>>> next(Reader in) throws IOException {
        int first = in.read();
        if (first == END) {
            return Optional.empty();
        }
        List<Optional<String>> cells = new ArrayList<>();
        int c = first;
        while (true) {
            StringBuilder text = new StringBuilder();
            boolean quoted = c == '"';
            if (quoted) {
                c = quoted(in, text);
            } else {
                while (c != ',' && c != '\r' && c != '\n' && c != END) {
                    text.append((char) c);
                    c = in.read();
                }
            }
            cells.add(quoted || !text.isEmpty() ? Optional.of(text.toString()) : Optional.empty());
            if (c != ',') {
                if (c == '\r') {
                    in.read();
                }
                return Optional.of(cells);
            }
            c = in.read();
        }
    }

    /** What follows the closing quote. */
    private static int quoted(Reader in, StringBuilder text) throws IOException {
        while (true) {
            int c = in.read();
            if (c == END) {
                throw new IOException("a quoted text is not closed");
            }
            if (c != '"') {
                text.append((char) c);
                continue;
            }
            int after = in.read();
            if (after != '"') {
                return after;
            }
            text.append('"');
        }
    }
}
