package amberrail.app.plan;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.springframework.stereotype.Component;

/** A plan's lines as they are stored. */
@Component
class PlanLines {
    private final ObjectMapper json;

    PlanLines(ObjectMapper json) {
        this.json = json;
    }

    String written(List<PlanItemBody> items) {
        try {
            return json.writeValueAsString(items);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("these are plain values: " + items, e);
        }
    }

    List<PlanItemBody> read(String items) {
        try {
            return json.readValue(items, new TypeReference<>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored plan cannot be read: " + items, e);
        }
    }
}
