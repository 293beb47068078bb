package amberrail.app.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The report as it is read: figures with their intervals, the coach's words, one page or two. */
class StudentReportTest extends AppTest {
    private static final String REPORT = "/api/v1/students/{id}/report";

    private String text(SignedIn who, SignedIn student, String note, int pages) throws Exception {
        byte[] pdf = post(who, Map.of("note", note, "paper", "A4"), REPORT, student.accountId())
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(pages);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void aPractisedStudentGetsFiguresMapsAndTheCoachsNote() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(student, student);
        for (int i = 0; i < 8; i++) {
            put(
                    student,
                    Club.potted(i, 1746 + 9 * i, 1016 - 7 * i % 30),
                    "/api/v1/sessions/{s}/attempts/{id}",
                    session,
                    UUID.randomUUID());
        }
        String text = text(club.head(), student, "Stay down until the cue ball stops.", 2);
        assertThat(text)
                .contains("Student")
                .contains("1 session, ")
                .contains("8 of 8: 100 % (68 to 100)")
                .contains("pread along the way")
                .contains("Roll on to the ring, Near, wide ring, original")
                .contains("From Head Coach")
                .contains("Stay down until the cue ball stops.")
                .contains("one session is too few for a trend");
    }

    @Test
    void everyShotOfAPatternIsShown() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        String session = beginSession(student, student, "two-in-order");
        for (int i = 0; i < 4; i++) {
            UUID run = UUID.randomUUID();
            for (int shot = 0; shot < 2; shot++) {
                put(
                                student,
                                Club.ofRun(run, shot, 2 * i + shot, 1300 + 40 * i, 600 + 20 * i),
                                "/api/v1/sessions/{s}/attempts/{id}",
                                session,
                                UUID.randomUUID())
                        .andExpect(status().isOk());
            }
        }
        assertThat(text(student, student, "", 2)).contains("shot 1 of 2").contains("shot 2 of 2");
    }

    @Test
    void aStudentWithoutPracticeGetsOnePageThatSaysSo() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        assertThat(text(student, student, "", 1)).contains("No practice recorded yet.");
    }

    @Test
    void aNoteThatIsTooLongIsRefusedWithItsField() throws Exception {
        SignedIn student = club.newStudentOf(club.head());
        post(student, Map.of("note", "x".repeat(1201), "paper", "A4"), REPORT, student.accountId())
                .andExpect(status().isBadRequest());
    }
}
