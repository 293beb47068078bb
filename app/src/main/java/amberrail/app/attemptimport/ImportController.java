package amberrail.app.attemptimport;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A student's attempts from a file. */
@RestController
class ImportController {
    private final AttemptImport reader;

    ImportController(AttemptImport reader) {
        this.reader = reader;
    }

    /**
     * The file's text.
     *
     * @param csv in the columns of the export; or the export's JSON, known by its bracket
     */
    record CsvFile(@NotNull String csv) {}

    /** A dry run writes nothing; a real one writes all or, with any problem, nothing. */
    @PostMapping("/api/v1/attempt-import/{studentId}")
    ImportView importAttempts(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID studentId,
            @RequestParam(defaultValue = "true") boolean dryRun,
            @Valid @RequestBody CsvFile file) {
        return reader.read(who, studentId, file.csv(), dryRun);
    }

    /** How far a file is that is being read for this student by whoever asks; nothing where none is. */
    record ImportProgress(
            @MayBeMissing Integer done, @MayBeMissing Integer all) {}

    @GetMapping("/api/v1/attempt-import/{studentId}/progress")
    ImportProgress progress(@AuthenticationPrincipal SignedIn who, @PathVariable UUID studentId) {
        return reader.progress(who, studentId)
                .map(one -> new ImportProgress(one.done(), one.all()))
                .orElse(new ImportProgress(null, null));
    }
}
