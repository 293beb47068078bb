package amberrail.app.export;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;

/** What a spreadsheet or another program gets of a student's attempts. */
class AttemptExportTest extends AppTest {

    @Test
    void everyAttemptIsARowWithUnitsInTheHeader() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        ObjectNode first = json.valueToTree(Club.potted(0, 1700.25, 1000));
        first.put("note", "=HYPERLINK(\"x\"), \"soft\" cloth");
        playedAPotAndAMiss(student, first);
        String csv = attemptsCsv(student);
        String[] lines = csv.split("\r\n");
        assertThat(lines).hasSize(3);
        assertThat(lines[0]).contains("landing x (mm)", "called pace (m/s)");
        assertThat(lines[0].split(",")).hasSize(AttemptCsv.COLUMNS.size());
        assertThat(lines[1])
                .contains("1700.25,1000.0,TAP")
                .as("quoted, its quotes doubled, and no formula any more")
                .contains("\"'=HYPERLINK(\"\"x\"\"), \"\"soft\"\" cloth\"");
        assertThat(lines[2]).contains("MISSED_THIN,false,false,,,,,,,,FAILURE,NOT_POTTED");
        JsonNode rows = tree(read(student, "/api/v1/students/{id}/attempts.json", student.accountId()));
        assertThat(rows).hasSize(2);
        assertThat(rows.at("/0/landingX").asDouble()).isEqualTo(1700.25);
        assertThat(rows.at("/0/station").asInt()).isEqualTo(1);
        assertThat(rows.at("/1").has("landingX")).isFalse();
    }
}
