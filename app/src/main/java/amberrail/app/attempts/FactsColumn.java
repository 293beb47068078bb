package amberrail.app.attempts;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;

/** Facts as JSON in one column: they are read with their attempt and never searched. None at all is null. */
@Converter
class FactsColumn implements AttributeConverter<List<FactBody>, String> {
    @Override
    public String convertToDatabaseColumn(List<FactBody> facts) {
        return JsonList.write(facts);
    }

    @Override
    public List<FactBody> convertToEntityAttribute(String text) {
        return JsonList.read(text, new TypeReference<>() {});
    }
}
