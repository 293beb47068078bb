package amberrail.app.export;

import amberrail.app.people.SignedIn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A student's attempts as files. */
@RestController
@RequestMapping("/api/v1/students/{id}")
class ExportController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final AttemptExport export;

    ExportController(AttemptExport export) {
        this.export = export;
    }

    @GetMapping(value = "/attempts.csv", produces = "text/csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, named("attempts.csv"))
                .body(AttemptCsv.of(export.of(who, id)));
    }

    @GetMapping("/attempts.json")
    ResponseEntity<List<AttemptRow>> json(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named("attempts.json"))
                .body(export.of(who, id));
    }

    private static String named(String file) {
        return ContentDisposition.attachment().filename(file).build().toString();
    }
}
