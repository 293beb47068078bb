package amberrail.app.attemptimport;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A file of attempts: the dry run says what the real run does, a wrong line keeps everything out, and twice is once. */
class AttemptImportTest extends AppTest {
    private static final String HEADER =
            "played at (UTC),drill id,station (from 1),outcome,landing x (mm),landing y (mm),mirrored,note\r\n";

    private JsonNode send(SignedIn who, SignedIn student, String csv, boolean dryRun) throws Exception {
        return tree(
                post(who, Map.of("csv", csv), "/api/v1/attempt-import/{id}?dryRun={dry}", student.accountId(), dryRun));
    }

    private static String line(int second, String rest) {
        return String.format("2026-10-01T18:00:%02dZ,%s,%s\r\n", second, Club.DRILL, rest);
    }

    private JsonNode stored(SignedIn student) throws Exception {
        return tree(read(student, "/api/v1/students/{id}/attempts.json", student.accountId()));
    }

    @Test
    void theDryRunWritesNothingAndTheRealOneAllOfIt() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String csv = HEADER
                + line(1, "1,POTTED_CLEAN,1746.3,1016,false,\"first, quoted\"")
                + line(2, "1,MISSED_THICK,,,false,'=1+1")
                + line(3, "2,POTTED_CLEAN,1700,1000,true,");
        JsonNode dry = send(club.head(), student, csv, true);
        assertThat(dry.get("attempts").asInt()).isEqualTo(3);
        assertThat(dry.get("sessions").asInt()).isEqualTo(1);
        assertThat(dry.get("written").asBoolean()).isFalse();
        assertThat(stored(student)).isEmpty();
        assertThat(send(club.head(), student, csv, false).get("written").asBoolean())
                .isTrue();
        JsonNode all = stored(student);
        assertThat(all).hasSize(3);
        assertThat(all.get(0).get("result").asText()).isEqualTo("SUCCESS");
        assertThat(all.get(1).get("note").asText()).isEqualTo("=1+1");
        assertThat(all.get(2).get("mirrored").asBoolean()).isTrue();
        JsonNode again = send(club.head(), student, csv, false);
        assertThat(again.get("alreadyHere").asInt()).isEqualTo(3);
        assertThat(again.get("attempts").asInt()).isZero();
        assertThat(stored(student)).hasSize(3);
    }

    @Test
    void everyWrongLineIsNamedAndNothingIsWritten() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String csv = HEADER
                + line(1, "1,POTTED_CLEAN,1746.3,1016,false,")
                + "yesterday," + Club.DRILL + ",1,POTTED_CLEAN,,,,\r\n"
                + line(3, "1,SCREWED_BACK,,,,")
                + line(4, "1,POTTED_CLEAN,99999,1016,,")
                + line(5, "9,POTTED_CLEAN,,,,")
                + line(6, "1,POTTED_CLEAN,1746,,,")
                + "2026-10-01T18:00:07Z,no-such-drill,1,POTTED_CLEAN,,,,\r\n";
        JsonNode found = send(club.head(), student, csv, false);
        assertThat(found.get("written").asBoolean()).isFalse();
        assertThat(found.get("problems").findValuesAsText("line")).contains("3", "4", "7");
        assertThat(found.toString()).contains("played at (UTC)").contains("must be a time like");
        assertThat(stored(student)).isEmpty();
        String withoutUnknownDrill = csv.substring(0, csv.lastIndexOf("2026-10-01T18:00:07Z"));
        JsonNode rest = send(club.head(), student, withoutUnknownDrill, false);
        assertThat(rest.get("problems").findValuesAsText("line")).containsExactlyInAnyOrder("3", "4", "5", "6", "7");
        assertThat(stored(student)).isEmpty();
    }

    @Test
    void aFileWithoutItsColumnsAndOneThatIsNoCsvAreRefusedInWords() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        assertThat(send(club.head(), student, "a,b\r\n1,2\r\n", true).toString())
                .contains("drill id")
                .contains("This column is missing.");
        assertThat(send(club.head(), student, HEADER + "\"never closed", true).get("problems"))
                .isNotEmpty();
    }

    @Test
    void whatWasWrittenOutIsReadInAgain() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        playedAPotAndAMiss(student, Club.potted(0, 1746.3, 1016));
        String csv = attemptsCsv(student);
        assertThat(send(student, student, csv, false).get("alreadyHere").asInt())
                .isEqualTo(2);
        SignedIn other = club.newStudentOf(club.head());
        String asNew = csv.replaceAll("(?m)^[0-9a-f-]{36},", ",");
        assertThat(send(other, other, asNew, false).get("written").asBoolean()).isTrue();
        assertThat(stored(other)).hasSize(2);
        assertThat(stored(other).get(0).get("lineError"))
                .isEqualTo(stored(student).get(0).get("lineError"));
    }

    @Test
    void whatIsWrongInAListIsNamedByItsFields() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String good = "{\"playedAt\":\"2026-10-01T18:00:01Z\",\"drillId\":\"" + Club.DRILL
                + "\",\"station\":1,\"outcome\":\"POTTED_CLEAN\"}";
        JsonNode found = send(
                club.head(),
                student,
                "[" + good + "," + good.replace("POTTED_CLEAN", "SCREWED_BACK") + ","
                        + good.replace("\"station\":1", "\"station\":\"one\"") + ","
                        + good.replace("}", ",\"landingX\":3}")
                        + ",7]",
                false);
        assertThat(found.get("written").asBoolean()).isFalse();
        assertThat(found.get("problems").findValuesAsText("line")).containsExactly("2", "3", "4", "5");
        assertThat(found.get("problems").findValuesAsText("column")).containsExactly("outcome", "station", "landingY");
        assertThat(stored(student)).isEmpty();
        assertThat(send(club.head(), student, "[" + good + ",", true).toString())
                .contains("This is no JSON");
        assertThat(send(club.head(), student, "[" + good + "] and more", true).toString())
                .contains("This is no JSON");
        assertThat(send(club.head(), student, "[" + good + "]", false)
                        .get("written")
                        .asBoolean())
                .isTrue();
        assertThat(stored(student)).hasSize(1);
    }
}
