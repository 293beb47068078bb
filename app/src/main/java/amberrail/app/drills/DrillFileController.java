package amberrail.app.drills;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Drills as files: out, and in after a look at what will change. */
@RestController
@RequestMapping("/api/v1")
class DrillFileController {
    private final DrillFiles files;
    private final Access access;

    DrillFileController(DrillFiles files, Access access) {
        this.files = files;
        this.access = access;
    }

    /** Which drills, and what the set is called. */
    record SetRequest(
            @NotBlank @Size(max = 80) String title, @NotNull List<@NotNull String> ids) {}

    /** A file to take, as its own text, so that a broken one can be spoken about by line. */
    record ImportRequest(String text) {}

    @GetMapping(path = "/drills/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        return download(files.file(who, id), id + ".json");
    }

    /** Asked for by POST, since the ids of hundreds of drills are too long for an address. */
    @PostMapping(path = "/drill-set", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> set(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody SetRequest body) {
        return download(files.set(who, body.title(), body.ids()), "drills.json");
    }

    @PostMapping("/drill-import/preview")
    DrillFiles.Preview preview(@AuthenticationPrincipal SignedIn who, @RequestBody ImportRequest body) {
        access.requireCoach(who);
        return files.preview(who, text(body));
    }

    @PostMapping("/drill-import")
    DrillFiles.Preview take(@AuthenticationPrincipal SignedIn who, @RequestBody ImportRequest body) {
        access.requireCoach(who);
        return files.take(who, text(body));
    }

    private static String text(ImportRequest body) {
        return body.text() == null ? "" : body.text();
    }

    private static ResponseEntity<byte[]> download(String text, String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
