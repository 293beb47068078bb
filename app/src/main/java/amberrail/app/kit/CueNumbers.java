package amberrail.app.kit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** A cue's numbers as the text that is stored with every session played with it. */
@Component
public class CueNumbers {
    private final ObjectMapper json;

    CueNumbers(ObjectMapper json) {
        this.json = json;
    }

    /** Tip in mm; ball mass over the cue's effective end mass. */
    public record CueUsed(double tipDiameterMillimetres, double endMassRatio) {}

    public String write(CueUsed cue) {
        try {
            return json.writeValueAsString(cue);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a cue is plain numbers: " + cue, e);
        }
    }

    public CueUsed read(String numbers) {
        try {
            return json.readValue(numbers, CueUsed.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored cue numbers cannot be read: " + numbers, e);
        }
    }
}
