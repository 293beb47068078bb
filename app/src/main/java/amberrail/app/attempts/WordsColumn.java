package amberrail.app.attempts;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;

/** Observations in the words that they had when they were made. */
@Converter
class WordsColumn implements AttributeConverter<List<String>, String> {
    @Override
    public String convertToDatabaseColumn(List<String> words) {
        return JsonList.write(words);
    }

    @Override
    public List<String> convertToEntityAttribute(String text) {
        return JsonList.read(text, new TypeReference<>() {});
    }
}
