package amberrail.app.setups;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Drill;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Every screen says the same about the same shot: all shipped drills, stations, shots and sides, leaf by leaf. */
@Tag("simulation")
class SameAnswerEverywhereTest extends AppTest {
    @Autowired
    DrillCatalogue catalogue;

    @Autowired
    KitService kit;

    /** A stroke's table is a quarter of a second's work, and is asked for with the same stroke everywhere. */
    private static final int ADVISED_ON_EVERY = 5;

    private final List<String> unlike = new ArrayList<>();

    @Test
    void theUsualStrokeAndTheLineOfArrival() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        List<Drill> shipped = catalogue.seenBy(club.head()).drills().stream()
                .filter(found -> found.origin() == DrillFromLibrary.Origin.SHIPPED)
                .map(DrillFromLibrary::drill)
                .toList();
        assertThat(shipped).hasSizeGreaterThan(60);
        for (int i = 0; i < shipped.size(); i++) {
            String session = compare(shipped.get(i), student);
            if (i % ADVISED_ON_EVERY == 0) {
                advice(shipped.get(i), student, session);
            }
        }
        assertThat(unlike).isEmpty();
    }

    private String compare(Drill drill, SignedIn student) throws Exception {
        UUID table = table(drill);
        JsonNode page = tree(read(club.head(), "/api/v1/drills/{id}?tableId={t}", drill.id(), table));
        String session = tree(post(
                        club.head(),
                        Map.of(
                                "studentIds",
                                List.of(student.accountId()),
                                "drillIds",
                                List.of(drill.id()),
                                "tableId",
                                table,
                                "coached",
                                true),
                        "/api/v1/sessions"))
                .get("id")
                .asText();
        JsonNode recording = tree(read(club.head(), "/api/v1/sessions/{s}", session));
        same(drill.id() + " recording", page.at("/drill/stations"), recording.at("/drills/0/stations"));
        same(drill.id() + " known", page.at("/workedOut/all"), page.at("/workedOut/known"));
        ObjectNode document = document(club.head(), drill.id());
        for (int station = 0; station < drill.stations().size(); station++) {
            for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                strokes(drill.id(), table, document, station, shot);
                for (boolean mirrored : new boolean[] {false, true}) {
                    String side = mirrored ? "mirror" : "original";
                    JsonNode drawn = page.at("/drill/stations/" + station + "/" + side + "/" + shot);
                    JsonNode review = tree(read(
                            club.head(),
                            "/api/v1/sessions/{s}/review?station={n}&mirrored={m}&shot={h}",
                            session,
                            station,
                            mirrored,
                            shot));
                    same(where(drill.id(), station, shot) + " review " + side, drawn, review.get("shot"));
                }
            }
        }
        return session;
    }

    /** The stroke that advice judges by, where none was called. */
    private void advice(Drill drill, SignedIn student, String session) throws Exception {
        JsonNode usual = tree(read(
                        club.head(),
                        "/api/v1/drills/{id}/usual-way?tableId={t}&station=0&shot=0",
                        drill.id(),
                        table(drill)))
                .get("usual");
        UUID attempt = UUID.randomUUID();
        put(student, Club.body(0, 0, PotOutcome.OTHER, null), "/api/v1/sessions/{s}/attempts/{id}", session, attempt);
        JsonNode advice = tree(read(student, "/api/v1/sessions/{s}/attempts/{id}/advice", session, attempt));
        same(drill.id() + " advice, assumed", true, advice.get("assumed").asBoolean());
        same(drill.id() + " advice, pace", usual.at("/stroke/paceMetresPerSecond"), advice.get("paceMetresPerSecond"));
    }

    private UUID table(Drill drill) {
        return kit.tables().stream()
                .filter(one -> one.spec().id().equals(drill.tables().get(0)))
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** Drill page, ways to play and bench. */
    private void strokes(String drill, UUID table, ObjectNode document, int station, int shot) throws Exception {
        String where = where(drill, station, shot);
        String place = "?tableId={t}&station={n}&shot={h}";
        JsonNode usual = tree(read(club.head(), "/api/v1/drills/{id}/usual-way" + place, drill, table, station, shot))
                .get("usual");
        JsonNode mirror = tree(read(
                        club.head(),
                        "/api/v1/drills/{id}/usual-way" + place + "&mirrored=true",
                        drill,
                        table,
                        station,
                        shot))
                .get("usual");
        JsonNode board = tree(read(club.head(), "/api/v1/drills/{id}/recipes" + place, drill, table, station, shot));
        JsonNode bench = tree(post(
                        club.head(),
                        Map.of("tableId", table, "drill", document, "station", station, "shot", shot),
                        "/api/v1/bench/usual"))
                .get("usual");
        JsonNode starred = null;
        for (JsonNode way : board.get("ways")) {
            starred = way.get("preferred").asBoolean() ? way : starred;
        }
        for (String leaf : List.of("way", "cushions", "stroke")) {
            same(where + " ways to play, " + leaf, usual.get(leaf), starred.get(leaf));
            same(where + " bench, " + leaf, usual.get(leaf), bench.get(leaf));
        }
        same(where + " ways to play, share", usual.get("share"), starred.at("/chance/probability"));
        same(where + " bench, share", usual.get("share"), bench.get("successProbability"));
        same(where + " fault", usual.get("firstFault"), starred.get("firstFault"));
        for (String leaf : List.of("paceMetresPerSecond", "tipHeightMillimetres", "elevationDegrees")) {
            same(where + " mirror, " + leaf, usual.at("/stroke/" + leaf), mirror.at("/stroke/" + leaf));
        }
        same(
                where + " mirror, side",
                -usual.at("/stroke/tipSideMillimetres").asDouble() + 0.0,
                mirror.at("/stroke/tipSideMillimetres").asDouble() + 0.0);
    }

    private static String where(String drill, int station, int shot) {
        return drill + " station " + (station + 1) + " shot " + (shot + 1);
    }

    private void same(String what, Object one, Object other) {
        if (!one.equals(other)) {
            unlike.add(what + ": " + one + " and " + other);
        }
    }
}
