package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.testing.CaseFile;
import amberrail.core.testing.LeafComparison;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every reference case. Another file: {@code -Damber.statisticsCases=FILE}. */
class StatisticsReferenceTest {

    private static final JsonNode FILE = CaseFile.read("amber.statisticsCases", "/statistics/reference-cases.json");

    static Stream<Arguments> allCases() {
        List<Arguments> cases = new ArrayList<>();
        for (JsonNode one : FILE.get("cases")) {
            String method = one.get("method").asText();
            cases.add(Arguments.of(
                    method + " " + one.get("id").asText() + ": "
                            + one.path("note").asText(),
                    one));
        }
        return cases.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("allCases")
    void agreesWithTheReference(String name, JsonNode one) {
        MethodCalls.Call call = MethodCalls.named(one.get("method").asText());
        if (one.has("expectedError")) {
            InvalidInputException thrown =
                    catchThrowableOfType(InvalidInputException.class, () -> call.answer(one.get("input")));
            assertThat(thrown).as("an error is expected").isNotNull();
            assertThat(thrown.code().name())
                    .isEqualTo(one.at("/expectedError/code").asText());
            assertThat(CaseFile.withoutUnits(thrown.field()))
                    .isEqualTo(one.at("/expectedError/field").asText());
        } else {
            LeafComparison.of(one).compare(call.answer(one.get("input")), one.get("expected"));
        }
    }

    @Test
    void everyMethodOfTheFileIsBuilt() {
        Set<String> unknown = new TreeSet<>();
        FILE.get("cases").forEach(one -> unknown.add(one.get("method").asText()));
        unknown.removeAll(MethodCalls.names());
        assertThat(unknown).isEmpty();
    }
}
