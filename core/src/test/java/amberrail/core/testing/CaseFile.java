package amberrail.core.testing;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reference cases: the project's own copy, or the file that a system property names. */
public final class CaseFile {
    private CaseFile() {}

    public static JsonNode read(String property, String resource) {
        String named = System.getProperty(property, "");
        try (InputStream in =
                named.isEmpty() ? CaseFile.class.getResourceAsStream(resource) : Files.newInputStream(Path.of(named))) {
            return new ObjectMapper().readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(named.isEmpty() ? resource : named, e);
        }
    }

    /** Our field names carry their unit; the case files' do not. */
    public static String withoutUnits(String field) {
        return field.replace("Millimetres", "").replace("Degrees", "Deg").replace("inOffs", "scratches");
    }
}
