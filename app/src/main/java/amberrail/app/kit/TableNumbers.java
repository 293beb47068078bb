package amberrail.app.kit;

import amberrail.core.table.TableSpec;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** A table's measures as the text that is stored with it and with every session played on it. */
@Component
public class TableNumbers {
    private static final int REMEMBERED = 200;

    private final ObjectMapper json;
    /** Every request to a session reads its numbers; the text is the key, so nothing can go stale. */
    private final Cache<String, TableSpec> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

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
        return read.get(numbers, this::parse);
    }

    private TableSpec parse(String numbers) {
        try {
            return json.readValue(numbers, TableSpec.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored table numbers cannot be read: " + numbers, e);
        }
    }
}
