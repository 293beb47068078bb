package amberrail.app.attemptimport;

import amberrail.core.problem.Require;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

/** Attempts as the export's JSON: a list of objects, each field the same as a column of the CSV. */
final class AttemptsAsJson {
    private static final ObjectMapper JSON = new ObjectMapper().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);

    /** What a column of the CSV is called here. */
    private static final Map<String, String> FIELDS = Map.ofEntries(
            Map.entry("attempt id", "attemptId"),
            Map.entry("session id", "sessionId"),
            Map.entry("played at (UTC)", "playedAt"),
            Map.entry("drill id", "drillId"),
            Map.entry("drill version", "drillVersion"),
            Map.entry("station (from 1)", "station"),
            Map.entry("shot (from 1)", "shot"),
            Map.entry("try id", "tryId"),
            Map.entry("table", "tableName"),
            Map.entry("in-off", "inOff"),
            Map.entry("landing x (mm)", "landingX"),
            Map.entry("landing y (mm)", "landingY"),
            Map.entry("placed by", "placedBy"),
            Map.entry("placing SD (mm)", "placingSd"),
            Map.entry("facts (JSON)", "facts"),
            Map.entry("called pace (m/s)", "callPace"),
            Map.entry("called tip height (mm; above +)", "callHeight"),
            Map.entry("called tip side (mm; right +)", "callSide"));

    private AttemptsAsJson() {}

    static AttemptFile read(String text, UUID studentId) {
        AttemptFile file = new AttemptFile(studentId);
        JsonNode list;
        try {
            list = JSON.readTree(text);
        } catch (JsonProcessingException broken) {
            file.problem(broken.getLocation().getLineNr(), null, "This is no JSON from here on.");
            return file;
        }
        Require.between("attempts", list.size(), 0, AttemptFile.MOST_ATTEMPTS);
        for (int i = 0; i < list.size(); i++) {
            JsonNode one = list.get(i);
            if (one.isObject()) {
                file.add(cells(one), i + 1L, one.toString());
            } else {
                file.problem(i + 1L, null, "This is no attempt: an object with its fields is missing here.");
            }
        }
        return file;
    }

    private static AttemptCells cells(JsonNode attempt) {
        return new AttemptCells(
                column -> Optional.ofNullable(attempt.get(field(column)))
                        .filter(value -> !value.isNull())
                        .map(value -> text(column, value)),
                AttemptsAsJson::field);
    }

    private static String field(String column) {
        return FIELDS.getOrDefault(column, column);
    }

    /** As it would stand in the CSV. */
    private static String text(String column, JsonNode value) {
        if (column.equals("observations") && value.isArray()) {
            return StreamSupport.stream(value.spliterator(), false)
                    .map(JsonNode::asText)
                    .collect(Collectors.joining("; "));
        }
        return value.isValueNode() ? value.asText() : value.toString();
    }
}
