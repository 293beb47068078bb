package amberrail.app.web;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import java.io.IOException;
import org.springframework.boot.jackson.JsonComponent;

/**
 * Every text that is sent must be one that can be read, printed and kept: no control characters but line ends and tabs, no halves of a character,
 * nothing that turns the reading direction. Where nothing of it can be seen it is taken as empty.
 */
@JsonComponent
class PlainText extends StringDeserializer {
    @Override
    public String deserialize(JsonParser json, DeserializationContext context) throws IOException {
        String text = super.deserialize(json, context);
        if (text != null && !isPlain(text)) {
            throw new UnprintableText(json);
        }
        return text == null || text.isBlank() || SeenText.isSeen(text) ? text : "";
    }

    static boolean isPlain(String text) {
        if (SeenText.turnsDirection(text)) {
            return false;
        }
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isISOControl(c) && c != '\n' && c != '\r' && c != '\t') {
                return false;
            }
            if (Character.isSurrogate(c)) {
                boolean pair = Character.isHighSurrogate(c)
                        && i + 1 < text.length()
                        && Character.isLowSurrogate(text.charAt(i + 1));
                if (!pair) {
                    return false;
                }
                i++;
            }
        }
        return true;
    }

    /** Caught by {@link ProblemAdvice}, which says the field. */
    static final class UnprintableText extends JsonMappingException {
        static final String RULE = "must be plain text, without control characters";

        UnprintableText(JsonParser json) {
            super(json, RULE);
        }
    }
}
