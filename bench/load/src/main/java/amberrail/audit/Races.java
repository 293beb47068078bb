package amberrail.audit;

import amberrail.bench.Report;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Eight at once over real connections: founding the club, editing an attempt, a link, a session. */
final class Races {
    private static final int AT_ONCE = 8;
    private static final int ROUNDS = 20;

    private Races() {}

    private interface Work {
        Person.Answer of(int i) throws Exception;
    }

    static void run(Path runFolder, Report report) throws Exception {
        Path folder = Files.createTempDirectory("amber-audit-race");
        int founders = 0;
        int faults = 0;
        for (int round = 0; round < 5; round++) {
            try (AuditServer server = new AuditServer(runFolder, folder.resolve("club" + round))) {
                server.start();
                List<Person> first = people(server, AT_ONCE);
                List<Integer> got = together(i -> first.get(i)
                        .send(
                                "POST",
                                "/api/v1/club/first-coach",
                                Person.JSON.writeValueAsString(Map.of(
                                        "name",
                                        "Coach " + i,
                                        "signInName",
                                        "coach" + i,
                                        "password",
                                        "tin owl river lamp"))));
                founders += got.stream().filter(status -> status == 200).count();
                faults += got.stream().filter(status -> status >= 500).count();
            }
        }
        report.add("8 first coaches at once, 5 clubs: head coaches", "5", founders + "");
        try (AuditServer server = new AuditServer(
                runFolder, folder.resolve("demo"), "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            server.start();
            Person iris = new Person(server.url()).signedIn("iris");
            String student = iris.send("GET", "/api/v1/students", null)
                    .json()
                    .at("/0/id")
                    .asText();
            int lost = 0;
            for (int round = 0; round < ROUNDS; round++) {
                String session = iris.beginSession(student);
                UUID attempt = UUID.randomUUID();
                String path = "/api/v1/sessions/" + session + "/attempts/" + attempt;
                String body = Person.attempt(attempt, 0);
                iris.send("PUT", path, body).expect(200);
                List<Integer> edits = together(i -> iris.send(
                        "PUT",
                        path,
                        body.replace("\"revision\":0", "\"revision\":1")
                                .replace("\"yMillimetres\":300", "\"yMillimetres\":" + (310 + i))));
                long won = edits.stream().filter(status -> status == 200).count();
                lost += won == 1 ? 0 : 1;
                List<Integer> mixed = together(i -> switch (i % 4) {
                    case 0 -> iris.send("PUT", "/api/v1/sessions/" + session + "/note", "{\"note\":\"kept\"}");
                    case 1 ->
                        iris.send("POST", "/api/v1/sessions/" + session + "/drills", "{\"drillId\":\"down-the-hall\"}");
                    case 2 -> iris.send("POST", "/api/v1/sessions/" + session + "/pause", "{}");
                    default ->
                        iris.send(
                                "PUT",
                                "/api/v1/sessions/" + session + "/attempts/" + UUID.randomUUID(),
                                Person.attempt(UUID.randomUUID(), 5));
                });
                lost += iris.send("GET", "/api/v1/sessions/" + session, null)
                                .json()
                                .at("/session/note")
                                .asText()
                                .equals("kept")
                        ? 0
                        : 1;
                String name = "folder " + round;
                List<Integer> folders =
                        together(i -> iris.send("POST", "/api/v1/folders", "{\"name\":\"" + name + "\"}"));
                lost += folders.stream().filter(status -> status == 201).count() == 1 ? 0 : 1;
                for (List<Integer> all : List.of(edits, mixed, folders)) {
                    faults += all.stream()
                            .filter(status -> status >= 500 || status < 0)
                            .count();
                }
            }
            report.add(
                    "8 at once at attempts, sessions, folders, " + ROUNDS + " rounds: answers with 5xx",
                    "0",
                    faults + "");
            report.add("updates lost or won twice", "0", lost + "");
        }
    }

    private static List<Person> people(AuditServer server, int n) throws Exception {
        List<Person> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Person one = new Person(server.url());
            one.send("GET", "/api/v1/club", null);
            all.add(one);
        }
        return all;
    }

    private static List<Integer> together(Work work) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);
        CyclicBarrier start = new CyclicBarrier(AT_ONCE);
        List<Callable<Integer>> all = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            int which = i;
            all.add(() -> {
                start.await();
                return work.of(which).status();
            });
        }
        List<Integer> statuses = new ArrayList<>();
        for (Future<Integer> one : pool.invokeAll(all)) {
            statuses.add(one.get());
        }
        pool.shutdown();
        return statuses;
    }
}
