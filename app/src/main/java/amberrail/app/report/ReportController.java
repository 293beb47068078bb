package amberrail.app.report;

import amberrail.app.paper.PaperSize;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A student's report as PDF, for themselves and their coaches. */
@RestController
class ReportController {
    private final ReportMaker reports;

    ReportController(ReportMaker reports) {
        this.reports = reports;
    }

    /** What the coach wants to say on it, and the paper. */
    record ReportBody(
            @NotNull @Size(max = 1200) String note, @NotNull PaperSize paper) {}

    @Costly
    @ChangesNothing
    @PostMapping(path = "/api/v1/students/{id}/report", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> report(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ReportBody body)
            throws IOException {
        byte[] pdf = reports.pdf(who, id, body.note(), body.paper());
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("practice-report.pdf")
                                .build()
                                .toString())
                .body(pdf);
    }
}
