package amberrail.app.attempts;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;

/** A list of plain values as JSON in one column, read with its row and never searched. None at all is null. */
final class JsonList {
    private static final ObjectMapper JSON = new ObjectMapper();

    private JsonList() {}

    static String write(List<?> values) {
        if (values == null || values.isEmpty()) {
            return null;
        }
        try {
            return JSON.writeValueAsString(values);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values: " + values, e);
        }
    }

    static <T> List<T> read(String text, TypeReference<List<T>> type) {
        if (text == null) {
            return List.of();
        }
        try {
            return JSON.readValue(text, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored list cannot be read: " + text, e);
        }
    }
}
