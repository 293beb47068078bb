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

    /** Whatever the schema lets through, the reader reads, or refuses with a place: it never breaks. */
    @Test
    void damagedDrillsAreReadOrRefusedWithAPlace() throws IOException {
        Random random = new Random(78);
        int refused = 0;
        int damagedTimes = 2_000;
        for (int i = 0; i < damagedTimes; i++) {
            JsonNode damaged = json.readTree(DrillJson.write(MadeUpDrills.drill(random)));
            damage(damaged, random);
            boolean schemaRefuses = DrillSchema.problemOfDrill(damaged).isPresent();
            try {
                Drill read = DrillJson.sent(damaged, "drill");
                assertThat(DrillSchema.problemOfDrill(json.readTree(DrillJson.write(read))))
                        .isEmpty();
            } catch (InvalidInputException e) {
                assertThat(e.field()).startsWith("drill");
                refused++;
            }
            assertThat(schemaRefuses || !damaged.isEmpty()).isTrue();
        }
        assertThat(refused).as("most damage is noticed").isGreaterThan(damagedTimes / 2);
    }

    /** Takes out, replaces or adds one thing anywhere. */
    private void damage(JsonNode tree, Random random) {
        List<JsonNode> inner = new ArrayList<>();
        collect(tree, inner);
        JsonNode at = inner.get(random.nextInt(inner.size()));
        if (at instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(4)) {
                case 0 -> object.remove(name);
                case 1 -> object.putNull(name);
                case 2 -> object.put(name, -1e300);
                default -> object.put(name + "x", "more");
            }
        } else {
            ((ArrayNode) at).add(random.nextBoolean() ? "text" : "{}").addNull();
        }
    }

    private static void collect(JsonNode node, List<JsonNode> inner) {
        if (node.isContainerNode() && !node.isEmpty()) {
            inner.add(node);
            node.forEach(child -> collect(child, inner));
        }
    }
}
