package amberrail.app.attempts;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;

/** Facts as one text for a column of a file: JSON, and nothing where there are none. */
public final class FactsText {
    private static final ObjectMapper JSON =
            new ObjectMapper().setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);

    private FactsText() {}

    public static String write(List<FactBody> facts) {
        if (facts == null || facts.isEmpty()) {
            return "";
        }
        try {
            return JSON.writeValueAsString(facts);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("facts are plain values: " + facts, e);
        }
    }

    /** {@code IllegalArgumentException} for what is no list of facts. */
    public static List<FactBody> read(String text) {
        try {
            return JSON.readValue(text, new TypeReference<>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException("no list of facts", e);
        }
    }
}
