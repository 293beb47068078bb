package amberrail.core.testing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;

/** Compares every leaf of the expected tree: numbers within the case's tolerance, all else exactly. */
public final class LeafComparison {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final JsonNode tolerance;
    private final JsonNode fieldTolerance;

    private LeafComparison(JsonNode tolerance, JsonNode fieldTolerance) {
        this.tolerance = tolerance;
        this.fieldTolerance = fieldTolerance;
    }

    public static LeafComparison of(JsonNode one) {
        return new LeafComparison(one.get("tolerance"), one.path("fieldTolerance"));
    }

    /** {@code got} is a tree of maps, lists and plain values. */
    public void compare(Object got, JsonNode expected) {
        compare(JSON.valueToTree(got), expected, "", "");
    }

    private void compare(JsonNode got, JsonNode expected, String path, String leaf) {
        if (expected.isObject()) {
            assertThat(got.isObject()).as(path + " is an object").isTrue();
            expected.properties()
                    .forEach(field -> compare(
                            got.path(field.getKey()), field.getValue(), path + "/" + field.getKey(), field.getKey()));
        } else if (expected.isArray()) {
            assertThat(got.size()).as(path + " length").isEqualTo(expected.size());
            for (int i = 0; i < expected.size(); i++) {
                compare(got.get(i), expected.get(i), path + "/" + i, leaf);
            }
        } else if (expected.isNumber()) {
            JsonNode allowed = fieldTolerance.has(leaf) ? fieldTolerance.get(leaf) : tolerance;
            double room = Math.max(
                    allowed.get("abs").asDouble(), allowed.get("rel").asDouble() * Math.abs(expected.asDouble()));
            assertThat(got.isNumber()).as(path + " is a number, got " + got).isTrue();
            assertThat(got.asDouble()).as(path).isCloseTo(expected.asDouble(), within(room));
        } else if (expected.isNull()) {
            assertThat(got.isNull() || got.isMissingNode())
                    .as(path + " is null, got " + got)
                    .isTrue();
        } else {
            assertThat(got).as(path).isEqualTo(expected);
        }
    }
}
