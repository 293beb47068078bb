package amberrail.app.kit;

import amberrail.core.table.TableSpec;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** A table's measures as the text that is stored with it and with every session played on it. */
@Component
public class TableNumbers {
    private final ObjectMapper json;

    TableNumbers(ObjectMapper json) {
        this.json = json;
    }

    public String write(TableSpec table) {
        try {
            return json.writeValueAsString(table);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a table spec is plain numbers: " + table, e);
        }
    }

    public TableSpec read(String numbers) {
        try {
            return json.readValue(numbers, TableSpec.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored table numbers cannot be read: " + numbers, e);
        }
    }
}
