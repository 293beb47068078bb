package amberrail.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** A club with a million attempts: a student's progress, a drill's review of five thousand, and their marks on the map. */
public final class MillionAttempts {
    private static final int STUDENTS = 200;
    private static final int SESSIONS_EACH = 250;
    private static final int ATTEMPTS_A_SESSION = 20;
    private static final int ASKED_STUDENTS = 30;
    private static final int ROUNDS = 3;
    private static final int REVIEWS = 100;
    private static final int FIRST_REVIEWS = 20;
    private static final double PAN_SECONDS = 4;
    private static final String DRILL = "roll-on-to-the-ring";

    private MillionAttempts() {}

    static void measure(Path jar, Report report) throws Exception {
        Path data = Files.createTempDirectory("amber-bench-million");
        try (RunningJar first = RunningJar.start(jar, data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            new Device(first.url()).signIn("iris");
        }
        long begun = System.nanoTime();
        fill(data);
        System.out.printf("a million attempts written in %.0f s%n", (System.nanoTime() - begun) / 1e9);
        String path;
        try (RunningJar running = RunningJar.start(jar, data)) {
            Device coach = new Device(running.url());
            coach.signIn("iris");
            begun = System.nanoTime();
            List<String> students = new ArrayList<>();
            for (JsonNode one : coach.send("GET", "/api/v1/students", null)) {
                if (one.get("name").asText().startsWith("Bench")) {
                    students.add(one.get("id").asText());
                }
            }
            // Counts every result that nobody has read yet, and fits the whole model.
            coach.askUntilReady("/api/v1/students/" + students.get(1) + "/progress");
            System.out.printf("counted and fitted in %.0f s%n", (System.nanoTime() - begun) / 1e9);
            report.add(
                    "a student's progress page, a million attempts in the database, p95",
                    "under 100 ms",
                    progress(coach, students).at(0.95),
                    "ms");
            path = "/api/v1/students/" + students.get(0) + "/selection?drillId=" + DRILL + "&station=0";
            report.add(
                    "review of a drill with 5,000 attempts, p95 with the way there and back",
                    "under 150 ms",
                    Percentiles.of(reviews(coach, path, REVIEWS).subList(REVIEWS / 2, REVIEWS))
                            .at(0.95),
                    "ms");
            map(running.url(), students.get(0), report);
        }
        try (RunningJar again = RunningJar.start(jar, data)) {
            Device coach = new Device(again.url());
            coach.signIn("iris");
            report.add(
                    "the same, the first twenty right after a start, p95",
                    "under 150 ms",
                    Percentiles.of(reviews(coach, path, FIRST_REVIEWS)).at(0.95),
                    "ms");
            again.awaitQuiet();
            report.add(
                    "the same, twenty more once the server has nothing else to do, p95",
                    "under 150 ms",
                    Percentiles.of(reviews(coach, path, FIRST_REVIEWS)).at(0.95),
                    "ms");
        }
    }

    /** Straight into the database: through the API it would take an hour. The first student plays one station only. */
    public static void fill(Path data) throws Exception {
        // The file is written past the server, on purpose.
        Files.deleteIfExists(data.resolve("amber-rail.seal"));
        String url = "jdbc:h2:file:" + data.resolve("amber-rail").toAbsolutePath() + ";CACHE_SIZE=262144";
        try (Connection connection = DriverManager.getConnection(url, "amber", "");
                Statement sql = connection.createStatement()) {
            connection.setAutoCommit(false);
            sql.execute(
                    "insert into account (id, name, sign_in_name, role, head_coach, dialect, length_unit, theme, created_at,"
                            + " tip_notation, pace_notation) select random_uuid(), 'Bench ' || lpad(x, 3, '0'), 'bench-' || x, 'STUDENT',"
                            + " false, 'POOL', 'CENTIMETRES', 'LIGHT', current_timestamp, 'TIPS', 'SCALE' from system_range(1, "
                            + STUDENTS
                            + ")");
            sql.execute("insert into coaching select c.id, s.id from account c cross join account s"
                    + " where c.sign_in_name = 'iris' and s.sign_in_name like 'bench-%'");
            sql.execute(
                    "create table made as select random_uuid() id, a.id student, cast(substring(a.sign_in_name, 7) as int) who,"
                            + " r.x n, dateadd('hour', -8 * r.x, current_timestamp) begun, cast(0 as int) station, cast('"
                            + DRILL
                            + "' as varchar(60)) drill from account a cross join system_range(1, " + SESSIONS_EACH
                            + ") r where a.sign_in_name like 'bench-%'");
            List<String> drills =
                    List.of(DRILL, "one-wall", "roll-to-the-mat", "stop-and-slide", "draw-ladder", "walk-in-behind");
            for (int i = 0; i < drills.size(); i++) {
                sql.execute("update made set drill = '" + drills.get(i)
                        + "', station = mod(n / 6, 2) where who > 1 and mod(n, 6) = " + i);
            }
            sql.execute(
                    "insert into practice_session (id, started_by, table_id, table_version, table_name, table_numbers, cue_id,"
                            + " cue_numbers, ball_set_id, started_at, closed_at, coached, note) select m.id, t.started_by, t.table_id,"
                            + " t.table_version, t.table_name, t.table_numbers, t.cue_id, t.cue_numbers, t.ball_set_id, m.begun,"
                            + " dateadd('minute', 15, m.begun), true, '' from made m cross join (select * from practice_session limit 1) t");
            sql.execute("insert into session_student select id, 0, student from made");
            sql.execute("insert into session_drill select id, 0, drill, 1 from made");
            sql.execute("insert into session_stretch select id, 0, begun, dateadd('minute', 15, begun) from made");
            sql.execute(
                    "insert into station_result (student_id, session_id, drill_id, drill_version, station, changes, counted)"
                            + " select student, id, drill, 1, station, 1, 0 from made");
            connection.commit();
            sql.execute(
                    "insert into attempt (id, session_id, drill_id, drill_version, station, mirrored, try_id, shot, sequence,"
                            + " device_id, revision, deleted, outcome, foul, in_off, landing_x_millimetres, landing_y_millimetres, placed_by,"
                            + " placing_sd_millimetres, played_at, changed_at, late, student_id) select random_uuid(), m.id, m.drill, 1, m.station, false,"
                            + " random_uuid(), 0, r.x, 'bench', 0, false, case when rand() < 0.7 then 'POTTED_CLEAN' when rand() < 0.5 then"
                            + " 'MISSED_THICK' else 'MISSED_THIN' end, false, false, 1746 + 160 * (rand() + rand() - 1),"
                            + " 1000 + 160 * (rand() + rand() - 1), 'TAP', 15, dateadd('second', 30 * r.x, m.begun), m.begun, false, m.student"
                            + " from made m cross join system_range(1, " + ATTEMPTS_A_SESSION + ") r");
            sql.execute("drop table made");
            connection.commit();
            // Written at once it is several times as large as a club's of the same size, which is written over years.
            sql.execute("shutdown compact");
        }
    }

    private static Percentiles progress(Device coach, List<String> students) throws Exception {
        List<Double> milliseconds = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (String student : students.subList(0, ASKED_STUDENTS)) {
                long begun = System.nanoTime();
                coach.send("GET", "/api/v1/students/" + student + "/progress", null);
                if (round > 0) {
                    milliseconds.add((System.nanoTime() - begun) / 1e6);
                }
            }
        }
        return Percentiles.of(milliseconds);
    }

    private static List<Double> reviews(Device coach, String path, int times) throws Exception {
        List<Double> milliseconds = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            long begun = System.nanoTime();
            JsonNode review = coach.send("GET", path, null);
            milliseconds.add((System.nanoTime() - begun) / 1e6);
            if (review.get("attempts").size() != SESSIONS_EACH * ATTEMPTS_A_SESSION) {
                throw new IllegalStateException(
                        "reviewed " + review.get("attempts").size() + " attempts");
            }
        }
        return milliseconds;
    }

    private static void map(String url, String student, Report report) {
        BrowserFigures.signedIn(url, "iris", page -> {
            page.navigate("/review/selection?student=" + student + "&drill=" + DRILL + "&station=0");
            page.locator(".map.stamped canvas").nth(1).waitFor();
            page.waitForTimeout(2000);
            BoundingBox box = page.locator(".map.drags").boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 2;
            page.mouse().move(x, y);
            page.mouse().down();
            page.evaluate(BenchFigures.WATCH_FRAMES);
            long end = System.nanoTime() + (long) (PAN_SECONDS * 1e9);
            for (int i = 0; System.nanoTime() < end; i++) {
                page.mouse().move(x + 60 * Math.sin(i / 15.0), y + 40 * Math.sin(i / 11.0));
                page.waitForTimeout(8);
            }
            page.mouse().up();
            report.add("map of 5,000 marks: longest frame while it is dragged", "under 50 ms", longest(page), "ms");
            page.evaluate("window.frames.length = 0");
            for (int i = 0; i < 12; i++) {
                page.mouse().click(x + 4 * i, y + 3 * i);
                page.waitForTimeout(150);
            }
            report.add("the same while marks are chosen", "under 50 ms", longest(page), "ms");
        });
    }

    private static double longest(Page page) {
        return ((List<?>) page.evaluate("window.frames"))
                .stream().mapToDouble(gap -> ((Number) gap).doubleValue()).max().orElseThrow();
    }
}
