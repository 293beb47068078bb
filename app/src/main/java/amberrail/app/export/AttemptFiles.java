package amberrail.app.export;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A student's attempts as the bytes of their two files (docs/formats/attempts.md), for other files that hold them. */
@Component
public class AttemptFiles {
    private final AttemptExport export;
    private final ObjectMapper json;

    AttemptFiles(AttemptExport export, ObjectMapper json) {
        this.export = export;
        this.json = json;
    }

    /** Both say the same. */
    public record Written(int rows, String csv, byte[] json) {}

    public Written of(SignedIn who, UUID studentId) {
        List<AttemptRow> rows = export.of(who, studentId);
        try {
            return new Written(rows.size(), AttemptCsv.of(rows), json.writeValueAsBytes(rows));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values", e);
        }
    }
}
