package amberrail.audit;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;

/** Requests made from the API's own description: every operation, with values that fit its schema or, on purpose, do not. */
final class Described {
    private static final List<String> VERBS = List.of("get", "put", "post", "delete", "patch");
    private static final int DEEPEST = 6;

    private final JsonNode api;
    private final Random random;
    /** What ids of the club there are, by a word in the parameter's name or path. */
    private final Function<String, String> ids;

    Described(JsonNode api, Random random, Function<String, String> ids) {
        this.api = api;
        this.random = random;
        this.ids = ids;
    }

    /** One operation. */
    record Operation(String verb, String path, JsonNode described) {}

    /** What is sent. */
    record Request(String verb, String path, String body) {}

    List<Operation> operations() {
        List<Operation> found = new ArrayList<>();
        api.get("paths")
                .properties()
                .forEach(path -> VERBS.stream()
                        .filter(path.getValue()::has)
                        .forEach(verb -> found.add(new Operation(
                                verb.toUpperCase(java.util.Locale.ROOT),
                                path.getKey(),
                                path.getValue().get(verb)))));
        return found;
    }

    /** {@code oddness}: the share of values that do not fit. */
    Request request(Operation operation, double oddness) {
        String path = operation.path();
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.described().path("parameters")) {
            String name = parameter.get("name").asText();
            String value = text(name, path, parameter.path("schema"), oddness);
            if (parameter.get("in").asText().equals("path")) {
                path = path.replace("{" + name + "}", encoded(value));
            } else if (parameter.path("required").asBoolean() || random.nextBoolean()) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(encoded(value));
            }
        }
        JsonNode schema = operation.described().at("/requestBody/content/application~1json/schema");
        String body = schema.isMissingNode() ? null : body(schema, oddness);
        return new Request(operation.verb(), path + query, body);
    }

    private String body(JsonNode schema, double oddness) {
        if (odd(oddness / 6)) {
            return List.of("", "{", "[]", "null", "7", "\"\"", "{\"a\":".repeat(200), "{}", "\u0000")
                    .get(random.nextInt(9));
        }
        return value("", "", schema, oddness, 0);
    }

    private static String encoded(String value) {
        return java.net.URLEncoder.encode(value, java.nio.charset.StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private boolean odd(double share) {
        return random.nextDouble() < share;
    }

    private String text(String name, String path, JsonNode schema, double oddness) {
        String value = value(name, path, schema, oddness, 0);
        return value.startsWith("\"") ? value.substring(1, value.length() - 1) : value;
    }

    private String value(String name, String where, JsonNode given, double oddness, int depth) {
        JsonNode schema = given.has("$ref") ? api.at(given.get("$ref").asText().substring(1)) : given;
        if (odd(oddness)) {
            return oddValue();
        }
        if (schema.has("enum")) {
            return "\""
                    + schema.get("enum")
                            .get(random.nextInt(schema.get("enum").size()))
                            .asText() + "\"";
        }
        return switch (schema.path("type").asText()) {
            case "string" -> "\"" + string(name, where, schema) + "\"";
            case "integer" -> String.valueOf(random.nextInt(4));
            case "number" -> String.valueOf(Math.round(random.nextDouble() * 2000) / 10.0);
            case "boolean" -> String.valueOf(random.nextBoolean());
            case "array" -> depth > DEEPEST ? "[]" : array(name, where, schema, oddness, depth);
            default -> depth > DEEPEST ? "{}" : object(schema, oddness, depth);
        };
    }

    private String array(String name, String where, JsonNode schema, double oddness, int depth) {
        StringBuilder items = new StringBuilder("[");
        int n = 1 + random.nextInt(2);
        for (int i = 0; i < n; i++) {
            items.append(i == 0 ? "" : ",").append(value(name, where, schema.path("items"), oddness, depth + 1));
        }
        return items.append(']').toString();
    }

    private String object(JsonNode schema, double oddness, int depth) {
        StringBuilder fields = new StringBuilder("{");
        for (Map.Entry<String, JsonNode> property : schema.path("properties").properties()) {
            if (odd(oddness / 2)) {
                continue;
            }
            fields.append(fields.length() == 1 ? "" : ",")
                    .append('"')
                    .append(property.getKey())
                    .append("\":")
                    .append(value(property.getKey(), "", property.getValue(), oddness, depth + 1));
        }
        return fields.append('}').toString();
    }

    private String string(String name, String where, JsonNode schema) {
        String format = schema.path("format").asText();
        String known = ids.apply(name.isEmpty() ? where : name + " " + where);
        if (format.equals("uuid")) {
            return known == null || random.nextInt(5) == 0 ? UUID.randomUUID().toString() : known;
        }
        if (format.equals("date-time")) {
            return java.time.Instant.now().toString();
        }
        if (format.equals("date")) {
            return "2026-11-0" + (1 + random.nextInt(9));
        }
        return known == null ? "word" + random.nextInt(50) : known;
    }

    private String oddValue() {
        List<String> values = List.of(
                "null",
                "-1",
                "0",
                "1e308",
                "-1e308",
                "2147483648",
                "9223372036854775808",
                "NaN",
                "\"NaN\"",
                "\"\"",
                "\"\\u0000\"",
                "\"\\ud800\"",
                "\"" + "x".repeat(5000) + "\"",
                "\"'; drop table account; --\"",
                "\"<script>alert(1)</script>\"",
                "\"../../etc/passwd\"",
                "[]",
                "{}",
                "[[[[]]]]",
                "true",
                "\"9999-12-31T23:59:59Z\"",
                "\"+999999999-12-31T23:59:59Z\"",
                "\"0000-00-00\"",
                "\"\\uFEFF\"",
                "\"\\u202E\"",
                "1.5",
                "\"%00\"",
                "\"" + UUID.randomUUID() + "\"");
        return values.get(random.nextInt(values.size()));
    }
}
