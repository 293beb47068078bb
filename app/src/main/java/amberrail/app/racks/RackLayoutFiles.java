package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackLayoutController.KeptLayoutBody;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Saved layouts as a file that can be read back, here or in another club (docs/formats/racks.md). */
@RestController
@RequestMapping("/api/v1/racks/layouts")
class RackLayoutFiles {
    static final String FORMAT = "amber-rail-layouts";
    static final int VERSION = 1;
    private static final int MOST = 500;

    private final RackLayouts layouts;

    RackLayoutFiles(RackLayouts layouts) {
        this.layouts = layouts;
    }

    /** One layout with its name. */
    record FileLayout(
            @NotBlank @Size(max = 80) String name,
            @NotNull @Valid RackLayoutBody layout,
            boolean madeUp) {}

    /** A file of layouts. */
    record LayoutFile(
            @NotNull String format,
            int version,
            @NotNull @Size(max = MOST) List<@NotNull @Valid FileLayout> layouts) {}

    /**
     * What was read.
     *
     * @param read    saved now
     * @param already saved before, under the same name
     */
    record LayoutsRead(int read, int already, List<LayoutRefused> refused) {}

    /** @param number from 1, in the file */
    record LayoutRefused(int number, String name, String why) {}

    @GetMapping("/export.json")
    ResponseEntity<LayoutFile> file(@AuthenticationPrincipal SignedIn who) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rack-layouts.json\"")
                .body(new LayoutFile(FORMAT, VERSION, all(who)));
    }

    /** What cannot lie on this table is said, and the rest is kept. */
    @PostMapping("/import")
    LayoutsRead read(
            @AuthenticationPrincipal SignedIn who, @RequestParam UUID tableId, @Valid @RequestBody LayoutFile file) {
        if (!file.format().equals(FORMAT) || file.version() != VERSION) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "format",
                    file.format() + " " + file.version(),
                    "must be " + FORMAT + " " + VERSION);
        }
        Set<FileLayout> known = new HashSet<>(all(who));
        List<LayoutRefused> refused = new ArrayList<>();
        int read = 0;
        int already = 0;
        for (int i = 0; i < file.layouts().size(); i++) {
            FileLayout one = file.layouts().get(i);
            if (!known.add(one)) {
                already++;
                continue;
            }
            try {
                layouts.keep(
                        who, UUID.randomUUID(), new KeptLayoutBody(one.name(), tableId, one.layout(), one.madeUp()));
                read++;
            } catch (InvalidInputException refusal) {
                refused.add(new LayoutRefused(i + 1, one.name(), refusal.getMessage()));
            }
        }
        return new LayoutsRead(read, already, refused);
    }

    private List<FileLayout> all(SignedIn who) {
        return layouts.all(who).stream()
                .map(kept -> new FileLayout(kept.name(), kept.layout(), kept.madeUp()))
                .toList();
    }
}
