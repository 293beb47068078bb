package amberrail.app.attemptimport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.AttemptWriter;
import amberrail.app.attempts.FactBody;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.setups.SetUps;
import amberrail.app.testing.AppTest;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Fact;
import amberrail.core.attempt.Landing;
import amberrail.core.diagnosis.SimulatedStudent;
import amberrail.core.drill.Condition;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.TablePlan;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.StringReader;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What is written out and read in again is judged as it was: every kind of drill, facts, second landings and calls included. */
class RoundTripTest extends AppTest {
    private static final double TAP_SD_MILLIMETRES = 17;
    private static final int TRIES = 2;

    @Autowired
    DrillCatalogue catalogue;

    @Autowired
    KitService kit;

    @Autowired
    SessionService sessions;

    @Autowired
    AttemptWriter attempts;

    @Autowired
    SetUps setUps;

    private final Random random = new Random(20_261_127);

    @Test
    void everyVerdictComesBackAsItWent() throws Exception {
        SignedIn first = club.newStudentOf(club.head());
        SignedIn second = club.newStudentOf(club.head());
        Instant day = Instant.now().minus(90, ChronoUnit.DAYS).truncatedTo(ChronoUnit.SECONDS);
        List<Drill> drills = catalogue.seenBy(club.head()).drills().stream()
                .filter(found -> found.origin() == DrillFromLibrary.Origin.SHIPPED)
                .map(DrillFromLibrary::drill)
                .toList();
        for (int i = 0; i < drills.size(); i++) {
            practise(first, drills.get(i), day.plus(i, ChronoUnit.DAYS));
        }
        String written = attemptsCsv(first);
        // Ids are the club's; without them the lines are new ones.
        String asNew = written.replaceFirst("attempt id", "id there");
        post(club.head(), Map.of("csv", asNew), "/api/v1/attempt-import/{id}?dryRun=false", second.accountId())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.written").value(true));
        List<CSVRecord> before = records(written);
        requireAlike(before, records(attemptsCsv(second)));
        assertThat(before.size()).isGreaterThan(400);
        assertThat(before.stream().map(row -> row.get("result")).distinct()).contains("SUCCESS", "FAILURE");
        assertThat(before.stream().filter(row -> row.get("facts (JSON)").contains("place")))
                .as("second landings")
                .isNotEmpty();

        // The same by the other format.
        SignedIn third = club.newStudentOf(club.head());
        ArrayNode asJson = (ArrayNode) tree(read(first, "/api/v1/students/{id}/attempts.json", first.accountId()));
        asJson.forEach(one -> ((ObjectNode) one).remove("attemptId"));
        post(
                        club.head(),
                        Map.of("csv", asJson.toString()),
                        "/api/v1/attempt-import/{id}?dryRun=false",
                        third.accountId())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.written").value(true));
        requireAlike(before, records(attemptsCsv(third)));
    }

    private static void requireAlike(List<CSVRecord> before, List<CSVRecord> after) {
        assertThat(after).hasSameSizeAs(before);
        List<String> unlike = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            for (String column : List.of(
                    "drill id",
                    "drill version",
                    "station (from 1)",
                    "mirrored",
                    "shot (from 1)",
                    "outcome",
                    "facts (JSON)",
                    "called pace (m/s)",
                    "called tip height (mm; above +)",
                    "landing x (mm)",
                    "landing y (mm)",
                    "observations",
                    "note",
                    "result",
                    "faults")) {
                if (!before.get(i).get(column).equals(after.get(i).get(column))) {
                    unlike.add(before.get(i).get("drill id") + " " + column + ": "
                            + before.get(i).get(column) + " came back as "
                            + after.get(i).get(column));
                }
            }
        }
        assertThat(unlike).isEmpty();
    }

    private void practise(SignedIn student, Drill drill, Instant at) {
        KitService.ClubTable table = kit.tables().stream()
                .filter(one -> one.spec().id().equals(drill.tables().get(0)))
                .findFirst()
                .orElseThrow();
        PracticeSession session = sessions.begin(
                club.head(),
                new SessionService.Beginning(List.of(student.accountId()), List.of(drill.id()), table.id(), true),
                at);
        List<AttemptWriter.NewAttempt> all = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            for (boolean mirrored : new boolean[] {false, true}) {
                for (int i = 0; i < TRIES; i++) {
                    UUID tryId = new UUID(random.nextLong(), random.nextLong());
                    for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                        SetUp setUp = SetUp.of(drill, station, shot, mirrored, session.table());
                        all.add(new AttemptWriter.NewAttempt(
                                UUID.randomUUID(), body(setUp, station, mirrored, tryId, shot, all.size(), at)));
                    }
                }
            }
        }
        attempts.writeNew(club.head(), session.id(), all);
    }

    private AttemptBody body(
            SetUp setUp, int station, boolean mirrored, UUID tryId, int shot, long sequence, Instant begun) {
        ShotLayout layout = setUps.layout(setUp);
        Attempt played = new SimulatedStudent(ExecutionErrors.ofAbility(1), random)
                .play(layout, setUp.task(), setUps.usual(setUp).orElseThrow().stroke(), TAP_SD_MILLIMETRES);
        TablePlan plan = TablePlan.of(setUp.table());
        return new AttemptBody(
                0,
                false,
                station,
                mirrored,
                tryId,
                shot,
                sequence,
                "round trip",
                played.outcome(),
                random.nextInt(20) == 0,
                played.inOff(),
                played.landing()
                        .filter(landing ->
                                plan.holds(landing.place(), layout.cueBall().spec()))
                        .map(landing -> new AttemptBody.LandingBody(
                                landing.place().xMillimetres(),
                                landing.place().yMillimetres(),
                                landing.placedBy(),
                                landing.placingSdMillimetres()))
                        .orElse(null),
                facts(layout, played),
                begun.plusSeconds(20 * (sequence + 1)),
                null,
                null,
                random.nextBoolean() ? new AttemptBody.CallBody(1.0 + random.nextDouble(), 2.5, -1.25) : null,
                List.of(),
                null);
    }

    /** Where another ball matters, hidden from it or sent somewhere, a coach marks that too, with a second tap. */
    private List<FactBody> facts(ShotLayout layout, Attempt played) {
        List<FactBody> facts = new ArrayList<>(FactBody.of(played.facts()));
        for (int i = 0; i < layout.conditions().size(); i++) {
            if (layout.conditions().get(i) instanceof Condition.Hidden hidden) {
                int demand = i;
                facts.removeIf(fact -> fact.demand() == demand);
                Point lay = layout.balls().get(hidden.ball()).place();
                facts.add(new FactBody(
                        demand,
                        Fact.Seen.MET,
                        new AttemptBody.LandingBody(
                                lay.xMillimetres() + 60 * random.nextGaussian(),
                                lay.yMillimetres() + 60 * random.nextGaussian(),
                                Landing.PlacedBy.TAP,
                                TAP_SD_MILLIMETRES)));
            }
        }
        return facts;
    }

    private static List<CSVRecord> records(String csv) throws Exception {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(csv), format)) {
            return parser.getRecords();
        }
    }
}
