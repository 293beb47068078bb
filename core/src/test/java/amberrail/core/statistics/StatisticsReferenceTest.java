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

/** Every reference case of the methods that are built. Another file: {@code -Damber.statisticsCases=FILE}. */
class StatisticsReferenceTest {

    /** Methods not built yet. This list only ever shrinks; when it is empty, it goes. */
    private static final Set<String> NOT_BUILT_YET = Set.of(
            "compareProportions",
            "streaks",
            "normalEllipse",
            "radialSummary",
            "robust",
            "mirrorCompare",
            "firthTrend",
            "theilSen",
            "radialChange",
            "spreadChange",
            "ewma",
            "verdict",
            "attemptsNeededProportion",
            "attemptsNeededSpread",
            "raschFit",
            "nextStation",
            "planSession",
            "nextInterval",
            "blockPlan");

    private static final JsonNode FILE = CaseFile.read("amber.statisticsCases", "/statistics/reference-cases.json");

    static Stream<Arguments> builtCases() {
        List<Arguments> cases = new ArrayList<>();
        for (JsonNode one : FILE.get("cases")) {
            String method = one.get("method").asText();
            if (!NOT_BUILT_YET.contains(method)) {
                cases.add(Arguments.of(
                        method + " " + one.get("id").asText() + ": "
                                + one.path("note").asText(),
                        one));
            }
        }
        return cases.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("builtCases")
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
    void everyMethodOfTheFileIsBuiltOrListedAsMissing() {
        Set<String> unknown = new TreeSet<>();
        FILE.get("cases").forEach(one -> unknown.add(one.get("method").asText()));
        unknown.removeAll(NOT_BUILT_YET);
        unknown.removeAll(MethodCalls.names());
        assertThat(unknown).isEmpty();
        assertThat(MethodCalls.names()).doesNotContainAnyElementsOf(NOT_BUILT_YET);
    }
}
