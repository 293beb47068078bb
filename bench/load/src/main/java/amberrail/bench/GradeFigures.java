package amberrail.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Grades, recipes and the lab, asked of the running server. */
final class GradeFigures {
    private static final int STATIONS = 6;
    private static final int LAB_QUESTIONS = 300;
    private static final int RECIPES = 30;
    private static final int LOOK_EVERY_MS = 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Device coach;
    private final Report report;

    private GradeFigures(Device coach, Report report) {
        this.coach = coach;
        this.report = report;
    }

    static void measure(String url, Report report) throws IOException, InterruptedException {
        Device coach = new Device(url);
        coach.signIn("iris");
        GradeFigures figures = new GradeFigures(coach, report);
        figures.lab();
        figures.recipes();
        figures.sixStations();
        figures.library();
    }

    private void lab() throws IOException, InterruptedException {
        List<Double> milliseconds = new ArrayList<>();
        for (int i = 0; i < LAB_QUESTIONS; i++) {
            String question = i % 2 == 0
                    ? "stop?kind=POOL&distanceMillimetres=" + (200 + 5 * i)
                    : "side?kind=SNOOKER&cutDegrees=20&sideMillimetres=5&distanceMillimetres=" + (200 + 5 * i);
            long begin = System.nanoTime();
            coach.send("GET", "/api/v1/lab/" + question, null);
            if (i >= LAB_QUESTIONS / 3) {
                milliseconds.add((System.nanoTime() - begin) / 1e6);
            }
        }
        report.add(
                "lab: from a slider's question to its answer, p95 with the way there and back",
                "under 50 ms",
                Percentiles.of(milliseconds).at(0.95),
                "ms");
    }

    /** Each with a ring of another size, so that none is remembered. */
    private void recipes() throws IOException, InterruptedException {
        ObjectNode drill = document("roll-on-to-the-ring");
        List<Double> milliseconds = new ArrayList<>();
        for (int i = 0; i < RECIPES; i++) {
            ((ObjectNode) drill.at("/stations/0/shots/0/demands/1/zone")).put("radiusMillimetres", 200 + i);
            ObjectNode body = JSON.createObjectNode().put("tableId", table("pool-9ft"));
            body.put("station", 0).put("shot", 0).put("abilityLogits", 0).set("drill", drill);
            long begin = System.nanoTime();
            coach.send("POST", "/api/v1/bench/recipes", body.toString());
            if (i >= RECIPES / 3) {
                milliseconds.add((System.nanoTime() - begin) / 1e6);
            }
        }
        report.add(
                "ways to play a shot with their chances and paths, p95 with the way there and back",
                "under 300 ms",
                Percentiles.of(milliseconds).at(0.95),
                "ms");
    }

    private void sixStations() throws IOException, InterruptedException {
        ObjectNode drill = document("roll-on-to-the-ring");
        ArrayNode stations = (ArrayNode) drill.get("stations");
        while (stations.size() > 1) {
            stations.remove(1);
        }
        for (int i = 1; i < STATIONS; i++) {
            ObjectNode station = stations.get(0).deepCopy();
            ((ObjectNode) station.at("/shots/0/demands/1/zone")).put("radiusMillimetres", 191.5 - 10 * i);
            stations.add(station);
        }
        ((ObjectNode) stations.at("/0/shots/0/demands/1/zone")).put("radiusMillimetres", 191.5);
        String grades = "/api/v1/drills/" + create(drill) + "/grades?tableId=" + table("pool-9ft");
        long begin = System.nanoTime();
        JsonNode now = coach.send("POST", grades, "{}");
        double first = Double.NaN;
        while (now.get("state").asText().equals("WORKING")) {
            Thread.sleep(LOOK_EVERY_MS);
            now = coach.send("GET", grades, null);
            if (Double.isNaN(first) && now.at("/stations/0").has("grade")) {
                first = (System.nanoTime() - begin) / 1e9;
            }
        }
        report.add("grade of a drill of six stations: first rough value", "under 0.5 s", first, "s");
        report.add("the same, all six with what makes them hard", "under 5 s", (System.nanoTime() - begin) / 1e9, "s");
    }

    /** Copies of all shipped drills, changed so that their shipped grades do not count. */
    private void library() throws IOException, InterruptedException {
        List<String> questions = new ArrayList<>();
        for (JsonNode entry : coach.send("GET", "/api/v1/drills", null).get("drills")) {
            if (entry.get("origin").asText().equals("SHIPPED")) {
                ObjectNode drill = document(entry.at("/drill/id").asText());
                drill.get("stations").forEach(station -> station.get("shots").forEach(GradeFigures::otherArrival));
                questions.add("/api/v1/drills/" + create(drill) + "/grades?tableId="
                        + table(entry.get("homeTable").asText()));
            }
        }
        long begin = System.nanoTime();
        int stations = 0;
        for (String question : questions) {
            coach.send("POST", question, "{}");
        }
        for (String question : questions) {
            JsonNode now = coach.send("GET", question, null);
            while (now.get("state").asText().equals("WORKING")) {
                Thread.sleep(200);
                now = coach.send("GET", question, null);
            }
            stations += now.get("stations").size();
        }
        report.add(
                "the whole shipped library graded, " + stations + " stations",
                "under 300 s",
                (System.nanoTime() - begin) / 1e9,
                "s");
        for (String question : questions) {
            coach.send("DELETE", question.replaceAll("/grades.*", ""), null);
        }
    }

    private static void otherArrival(JsonNode shot) {
        boolean aim = shot.get("arrival").asText().equals("aim");
        ((ObjectNode) shot).put("arrival", aim ? "natural_roll" : "aim");
    }

    private String table(String preset) throws IOException, InterruptedException {
        for (JsonNode table : coach.send("GET", "/api/v1/tables", null)) {
            if (table.get("presetId").asText().equals(preset)) {
                return table.get("id").asText();
            }
        }
        throw new IllegalStateException("no table " + preset);
    }

    private ObjectNode document(String id) throws IOException, InterruptedException {
        return (ObjectNode)
                coach.send("GET", "/api/v1/drills/" + id + "/document", null).get("drill");
    }

    private String create(JsonNode drill) throws IOException, InterruptedException {
        String body = JSON.writeValueAsString(JSON.createObjectNode().set("drill", drill));
        return coach.send("POST", "/api/v1/drills", body).get("id").asText();
    }
}
