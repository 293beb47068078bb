package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.support.Journey;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * What the browser draws while a ball is dragged is what the server says on release: every shipped shot, compared leaf by leaf, 0.1 mm and
 * 0.01 degrees.
 */
class BenchAgreesWithServerTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static final double MILLIMETRES = 0.1;
    private static final double DEGREES = 0.01;
    /** The server knows the way to the target from its recipe; the browser does not draw it on the bench. */
    private static final List<String> SERVER_ALONE =
            List.of("arrivalDegrees", "outcomeSides", "cueDistanceMillimetres", "objectDistanceMillimetres", "target");

    private static final int MOST_STATIONS = 20;
    private final ObjectMapper json = new ObjectMapper();

    @Test
    void onEveryShippedShot() throws Exception {
        ApiClient api = new ApiClient(server);
        api.signIn("iris");
        Page page = signedIn("iris", 1280, 800);
        List<String> apart = new ArrayList<>();
        int compared = 0;
        for (String preset : List.of("pool-9ft", "pool-8ft", "pool-7ft", "snooker-12ft", "pub-7ft")) {
            for (ObjectNode drill : byTable(api, preset)) {
                String id = api.send("POST", "/api/v1/drills", "{\"drill\":" + drill + "}")
                        .get("id")
                        .asText();
                page.navigate("/drills/" + id + "/bench");
                BenchPage bench = new BenchPage(page);
                JsonNode said = check(api, preset, drill);
                for (int station = 0; station < drill.get("stations").size(); station++) {
                    bench.answered();
                    JsonNode server = said.at("/stations/" + station + "/0");
                    JsonNode live = bench.live();
                    String where = preset + ", "
                            + drill.at("/stations/" + station + "/name").asText();
                    assertThat(server.has("shot")).as(where + " can be set up").isTrue();
                    compare(apart, where + ": shot", server.get("shot"), live.get("shot"));
                    if (server.has("lines")) {
                        compare(apart, where + ": lines", server.get("lines"), live.get("lines"));
                    }
                    compared++;
                    page.keyboard().press("PageDown");
                }
            }
        }
        assertThat(compared).as("shots compared").isGreaterThan(160);
        assertThat(apart).isEmpty();
    }

    /** Every shot of the drills at home on a table, put together to drills of at most twenty stations of one shot. */
    private List<ObjectNode> byTable(ApiClient api, String preset) throws Exception {
        List<ObjectNode> drills = new ArrayList<>();
        for (JsonNode entry : api.send("GET", "/api/v1/drills", null).get("drills")) {
            if (!entry.get("homeTable").asText().equals(preset)
                    || !entry.get("origin").asText().equals("SHIPPED")) {
                continue;
            }
            String id = entry.at("/drill/id").asText();
            ObjectNode drill = (ObjectNode)
                    api.send("GET", "/api/v1/drills/" + id + "/document", null).get("drill");
            for (JsonNode station : drill.get("stations")) {
                for (JsonNode shot : station.get("shots")) {
                    ObjectNode last = drills.isEmpty() ? null : drills.get(drills.size() - 1);
                    if (last == null || last.get("stations").size() == MOST_STATIONS) {
                        last = drill.deepCopy();
                        ((ArrayNode) last.get("stations")).removeAll();
                        last.put("zonesInSights", false);
                        drills.add(last);
                    }
                    ObjectNode alone = ((ArrayNode) last.get("stations")).addObject();
                    alone.put("name", id).set("rule", json.readTree("{\"kind\":\"whole-run\",\"capTries\":20}"));
                    alone.putArray("shots").add(shot);
                }
            }
        }
        return drills;
    }

    private JsonNode check(ApiClient api, String preset, ObjectNode drill) throws Exception {
        for (JsonNode table : api.send("GET", "/api/v1/tables", null)) {
            if (table.get("presetId").asText().equals(preset)) {
                String body = json.writeValueAsString(json.createObjectNode()
                        .put("tableId", table.get("id").asText())
                        .set("drill", drill));
                return api.send("POST", "/api/v1/bench/check", body);
            }
        }
        throw new IllegalStateException("no table " + preset);
    }

    private static void compare(List<String> apart, String where, JsonNode server, JsonNode live) {
        if (server == null || server.isNull()) {
            return;
        }
        if (live == null) {
            apart.add(where + " is missing in the browser");
        } else if (server.isObject()) {
            server.properties().forEach(field -> {
                if (!SERVER_ALONE.contains(field.getKey()) && !isZoneCentre(where, server, field.getKey())) {
                    compare(apart, where + "." + field.getKey(), field.getValue(), live.get(field.getKey()));
                }
            });
        } else if (server.isArray()) {
            if (server.size() != live.size()) {
                apart.add(where + " has " + server.size() + " and " + live.size());
                return;
            }
            for (int i = 0; i < server.size(); i++) {
                compare(apart, where + "[" + i + "]", server.get(i), live.get(i));
            }
        } else if (server.isNumber()) {
            double difference = Math.abs(server.asDouble() - live.asDouble());
            if (isDirection(where)) {
                // 180 and -180 degrees are one direction.
                difference = Math.min(difference, Math.abs(360 - difference));
            }
            if (!(difference <= tolerance(where))) {
                apart.add(where + ": " + server + " and " + live);
            }
        } else if (!server.equals(live)) {
            apart.add(where + ": " + server + " and " + live);
        }
    }

    /** A polygon's target may be the nearest inside point; where a landing is measured from is the server's alone. */
    private static boolean isZoneCentre(String where, JsonNode zone, String field) {
        return field.equals("centre") && zone.has("outline") && where.endsWith("zone");
    }

    private static boolean isDirection(String where) {
        return where.endsWith("Degrees") || where.endsWith(".degrees");
    }

    private static double tolerance(String where) {
        if (isDirection(where)) {
            return DEGREES;
        }
        if (where.endsWith("Millimetres")) {
            return MILLIMETRES;
        }
        // A sight is 200 mm and more, a milliradian of aim at most 4 mm: both finer than a tenth of a millimetre.
        return where.endsWith("Milliradians") ? 0.02 : 0.0003;
    }
}
