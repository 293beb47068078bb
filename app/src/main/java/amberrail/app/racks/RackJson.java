package amberrail.app.racks;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** What of racks is stored as text. */
@Component
class RackJson {
    private final ObjectMapper json;

    RackJson(ObjectMapper json) {
        this.json = json;
    }

    String written(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values: " + value, e);
        }
    }

    <T> T read(String text, Class<T> kind) {
        try {
            return json.readValue(text, kind);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored rack cannot be read: " + text, e);
        }
    }

    <T> T read(String text, TypeReference<T> kind) {
        try {
            return json.readValue(text, kind);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored rack cannot be read: " + text, e);
        }
    }
}
