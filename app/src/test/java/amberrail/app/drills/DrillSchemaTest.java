package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The published schema and the reader say the same about what a drill may be. */
class DrillSchemaTest {
    private static final int MADE_UP = 200;
    private final ObjectMapper json = new ObjectMapper();

    @Test
    void everyShippedFileKeepsToTheSchema() throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:drills/*.json")) {
            JsonNode drill = json.readTree(file.getInputStream());
            assertThat(DrillSchema.problemOfDrill(drill)).as(file.getFilename()).isEmpty();
        }
    }

    @Test
    void soDoesEverythingThatIsWritten() throws IOException {
        Random random = new Random(77);
        for (int i = 0; i < MADE_UP; i++) {
            JsonNode written = json.readTree(DrillJson.write(MadeUpDrills.drill(random)));
            assertThat(DrillSchema.problemOfDrill(written))
                    .as("seed 77, drill " + i)
                    .isEmpty();
        }
    }

    /**
     * A damaged drill is read, or refused with a place: nothing else may come of it. What is read and keeps to the schema comes back the same,
     * and a name that the format does not know is refused by both.
     */
    @Test
    void damagedDrillsAreReadOrRefusedWithAPlace() throws IOException {
        Random random = new Random(78);
        int refusedByReader = 0;
        int refusedBySchema = 0;
        int damagedTimes = 2_000;
        for (int i = 0; i < damagedTimes; i++) {
            JsonNode damaged = json.readTree(DrillJson.write(MadeUpDrills.drill(random)));
            boolean unknownName = damage(damaged, random);
            boolean schemaRefuses = DrillSchema.problemOfDrill(damaged).isPresent();
            refusedBySchema += schemaRefuses ? 1 : 0;
            try {
                Drill read = DrillJson.sent(damaged, "drill");
                assertThat(unknownName)
                        .as("seed 78, %d: an unknown name was read", i)
                        .isFalse();
                assertThat(DrillJson.read(DrillJson.write(read))).isEqualTo(read);
            } catch (InvalidInputException e) {
                assertThat(e.field()).startsWith("drill");
                refusedByReader++;
            }
            assertThat(schemaRefuses || !unknownName)
                    .as("seed 78, %d: the schema let an unknown name through", i)
                    .isTrue();
        }
        assertThat(refusedByReader).as("most damage is noticed").isGreaterThan(damagedTimes / 2);
        assertThat(refusedBySchema).as("by the schema too").isGreaterThan(damagedTimes / 2);
    }

    /** Takes out, replaces or adds one thing anywhere; true if it added a name that the format does not know. */
    private boolean damage(JsonNode tree, Random random) {
        List<JsonNode> inner = new ArrayList<>();
        collect(tree, inner);
        JsonNode at = inner.get(random.nextInt(inner.size()));
        if (at instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            int kind = random.nextInt(4);
            switch (kind) {
                case 0 -> object.remove(name);
                case 1 -> object.putNull(name);
                case 2 -> object.put(name, -1e300);
                default -> object.put(name + "x", "more");
            }
            return kind == 3;
        }
        ((ArrayNode) at).add(random.nextBoolean() ? "text" : "{}").addNull();
        return false;
    }

    private static void collect(JsonNode node, List<JsonNode> inner) {
        if (node.isContainerNode() && !node.isEmpty()) {
            inner.add(node);
            node.forEach(child -> collect(child, inner));
        }
    }
}
