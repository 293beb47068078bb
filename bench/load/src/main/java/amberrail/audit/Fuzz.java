package amberrail.audit;

import amberrail.bench.Report;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Thousands of requests made from the API's description, by every role, half of them odd: none is our fault, none hangs, none tells what is another's. */
final class Fuzz {
    private static final int REQUESTS = 10_000;
    private static final long SEED = 20_261_126;
    private static final double HANGS_MILLISECONDS = 5_000;
    /** Written into what only Iris and Odo may see. */
    private static final String SECRET = "only-iris-and-odo-know";

    private Fuzz() {}

    static void run(Path runFolder, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-audit-fuzz").resolve("data");
        try (AuditServer server =
                new AuditServer(runFolder, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person iris = new Person(server.url()).signedIn("iris");
            Map<String, String> known = seeded(iris);
            Map<String, Person> people = new LinkedHashMap<>();
            people.put("head coach", iris);
            people.put("the student", new Person(server.url()).signedIn("odo"));
            people.put("another coach", new Person(server.url()).signedIn("tomas"));
            people.put("another student", new Person(server.url()).signedIn("halvard"));
            people.put("nobody", new Person(server.url()));
            JsonNode api = iris.send("GET", "/v3/api-docs", null).expect(200).json();
            Random random = new Random(SEED);
            Described described = new Described(api, random, name -> id(known, name));
            List<Described.Operation> operations = described.operations();
            List<String> faults = new ArrayList<>();
            List<String> leaks = new ArrayList<>();
            double slowest = 0;
            String slowestPath = "";
            int sent = 0;
            for (int i = 0; i < REQUESTS; i++) {
                Described.Operation operation = operations.get(i % operations.size());
                if (operation.path().endsWith("/sign-out") || operation.path().endsWith("/me/password")) {
                    continue;
                }
                String role = List.copyOf(people.keySet()).get(random.nextInt(people.size()));
                Described.Request request = described.request(operation, random.nextInt(3) * 0.12);
                Person.Answer answer = people.get(role).send(request.verb(), request.path(), request.body());
                sent++;
                if (answer.status() >= 500) {
                    faults.add(answer.status() + " " + request.verb() + " " + request.path() + " " + request.body());
                }
                if (answer.milliseconds() > slowest) {
                    slowest = answer.milliseconds();
                    slowestPath = request.verb() + " " + operation.path();
                }
                boolean may = role.equals("head coach") || role.equals("the student");
                if (!may && answer.text().contains(SECRET)) {
                    leaks.add(role + ": " + request.verb() + " " + request.path());
                }
            }
            faults.stream()
                    .limit(20)
                    .forEach(one -> System.out.println("  fault: " + one.substring(0, Math.min(600, one.length()))));
            leaks.forEach(one -> System.out.println("  leak: " + one));
            report.add(
                    sent + " requests from the API's description, five roles: answers with 5xx",
                    "0",
                    faults.size() + "");
            report.add("answers that told another's", "0", leaks.size() + "");
            report.add(
                    "slowest of them",
                    "under " + (int) HANGS_MILLISECONDS + " ms",
                    Math.round(slowest) + " ms (" + slowestPath + ")");
        }
    }

    private static Map<String, String> seeded(Person iris) throws Exception {
        Map<String, String> known = new LinkedHashMap<>();
        JsonNode students = iris.send("GET", "/api/v1/students", null).json();
        for (JsonNode one : students) {
            if (one.get("name").asText().startsWith("Odo")) {
                known.put("student", one.get("id").asText());
            }
        }
        String session = iris.beginSession(known.get("student"));
        UUID attempt = UUID.randomUUID();
        String body =
                Person.attempt(attempt, 0).replace("\"revision\":0", "\"revision\":0,\"note\":\"" + SECRET + "\"");
        iris.send("PUT", "/api/v1/sessions/" + session + "/attempts/" + attempt, body)
                .expect(200);
        iris.send("PUT", "/api/v1/sessions/" + session + "/note", "{\"note\":\"" + SECRET + "\"}")
                .expect(200);
        known.put("session", session);
        known.put("attempt", attempt.toString());
        known.put("table", iris.table());
        // Iris coaches Odo already: whoever is made a coach by the way may see him, and that would be no leak.
        known.put("coach", iris.id());
        known.put("drill", "roll-on-to-the-ring");
        return known;
    }

    private static String id(Map<String, String> known, String name) {
        String lower = name.toLowerCase(java.util.Locale.ROOT);
        if (lower.startsWith("id ")) {
            return lower.contains("/attempts/")
                    ? known.get("attempt")
                    : lower.contains("/sessions/")
                            ? known.get("session")
                            : lower.contains("/drills/")
                                    ? known.get("drill")
                                    : lower.contains("/tables/") ? known.get("table") : known.get("student");
        }
        for (Map.Entry<String, String> one : known.entrySet()) {
            if (lower.split(" ")[0].contains(one.getKey())) {
                return one.getValue();
            }
        }
        return null;
    }
}
