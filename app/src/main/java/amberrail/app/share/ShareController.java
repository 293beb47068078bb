package amberrail.app.share;

import amberrail.app.paper.PaperSize;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reports by link. */
@RestController
class ShareController {
    private final ShareLinks links;

    ShareController(ShareLinks links) {
        this.links = links;
    }

    /** @param days for which it is good */
    record ShareBody(
            @NotNull @Size(max = 1200) String note,
            @NotNull PaperSize paper,
            @Min(1) @Max(90) int days) {}

    /** @param path shown once */
    record SharedReport(UUID id, String path, Instant expiresAt) {}

    @Costly
    @PostMapping("/api/v1/students/{id}/report-links")
    SharedReport make(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ShareBody body)
            throws IOException {
        ShareLinks.Made made = links.make(who, id, body.note(), body.paper(), body.days());
        return new SharedReport(made.id(), "/shared/" + made.token(), made.expiresAt());
    }

    @GetMapping("/api/v1/students/{id}/report-links")
    List<ShareLinks.ShareLink> links(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return links.of(who, id);
    }

    @DeleteMapping("/api/v1/students/{id}/report-links/{linkId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable UUID linkId) {
        links.end(who, id, linkId);
    }

    /** For whoever has the link; nothing else is told, and no search engine is to keep it. */
    @GetMapping(path = "/api/v1/shared-reports/{token}", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> report(@PathVariable String token) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header("X-Robots-Tag", "noindex")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("practice-report.pdf")
                                .build()
                                .toString())
                .body(links.report(token));
    }
}
