package amberrail.app.drills;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;

/** The published schema (docs/formats/drill.schema.json), asked with a known validator. */
final class DrillSchema {
    private static final String FILE = "/formats/drill.schema.json";
    private static final JsonSchema WHOLE = load("");
    private static final JsonSchema DRILL = load("/$defs/drill");

    private DrillSchema() {}

    /** What is wrong with a whole file, the deepest place first; empty if it keeps to the schema. */
    static Optional<String> problemOfFile(JsonNode file) {
        return first(WHOLE.validate(file));
    }

    /** The same for one drill in it. */
    static Optional<String> problemOfDrill(JsonNode drill) {
        return first(DRILL.validate(drill));
    }

    /** The deepest message is nearest to the cause: a choice that fits none of its kinds also fails at every level above. */
    private static Optional<String> first(Set<ValidationMessage> messages) {
        return messages.stream()
                .max(Comparator.comparingInt(
                        message -> message.getInstanceLocation().getNameCount()))
                .map(ValidationMessage::getMessage);
    }

    /** The schema itself, or one of its definitions as a schema of its own. */
    private static JsonSchema load(String definition) {
        try (InputStream in = DrillSchema.class.getResourceAsStream(FILE)) {
            ObjectNode root = (ObjectNode) new ObjectMapper().readTree(in);
            if (!definition.isEmpty()) {
                root.remove("oneOf");
                root.put("$ref", "#" + definition);
            }
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(root, SchemaValidatorsConfig.builder().build());
        } catch (IOException e) {
            throw new UncheckedIOException("the drill schema cannot be read", e);
        }
    }
}
