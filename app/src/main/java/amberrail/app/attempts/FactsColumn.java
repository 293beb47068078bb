package amberrail.app.attempts;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;

/** Facts as JSON in one column: they are read with their attempt and never searched. None at all is null. */
@Converter
class FactsColumn implements AttributeConverter<List<FactBody>, String> {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Override
    public String convertToDatabaseColumn(List<FactBody> facts) {
        if (facts == null || facts.isEmpty()) {
            return null;
        }
        try {
            return JSON.writeValueAsString(facts);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("facts are plain values: " + facts, e);
        }
    }

    @Override
    public List<FactBody> convertToEntityAttribute(String text) {
        if (text == null) {
            return List.of();
        }
        try {
            return JSON.readValue(text, new TypeReference<>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored facts cannot be read: " + text, e);
        }
    }
}
