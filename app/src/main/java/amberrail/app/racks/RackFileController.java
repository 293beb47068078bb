package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackFiles.FileRack;
import amberrail.app.racks.RackFiles.FileShot;
import amberrail.app.racks.RackFiles.RackFile;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.Races;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
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

/** Racks as files: JSON that can be read back (docs/formats/racks.md), shots as CSV. */
@RestController
@RequestMapping("/api/v1/racks")
class RackFileController {
    private final RackFiles files;
    private final RackService racks;
    private final RackWorth worth;

    RackFileController(RackFiles files, RackService racks, RackWorth worth) {
        this.files = files;
        this.racks = racks;
        this.worth = worth;
    }

    /** What was read: racks that are there now, and why others are not. */
    record RacksRead(int racks, int shots, List<RackRefused> refused) {}

    /** @param number from 1, in the file */
    record RackRefused(int number, String why) {}

    @GetMapping("/export.json")
    ResponseEntity<RackFile> json(@AuthenticationPrincipal SignedIn who, @RequestParam UUID studentId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"racks.json\"")
                .body(files.file(who, studentId));
    }

    @GetMapping(value = "/shots.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn who, @RequestParam UUID studentId) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rack-shots.csv\"")
                .body(files.csv(who, studentId));
    }

    /** What is there already is written again as it stands in the file; what cannot be read is said, and the rest is kept. */
    @PostMapping("/import")
    RacksRead read(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody RackFile file) {
        if (!file.format().equals(RackFiles.FORMAT) || file.version() != RackFiles.VERSION) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "format",
                    file.format() + " " + file.version(),
                    "must be " + RackFiles.FORMAT + " " + RackFiles.VERSION);
        }
        int shots = 0;
        int read = 0;
        List<RackRefused> refused = new ArrayList<>();
        for (int i = 0; i < file.racks().size(); i++) {
            FileRack rack = file.racks().get(i);
            try {
                Races.again(() -> racks.write(who, rack.id(), rack.rack()));
                for (FileShot shot : rack.shots()) {
                    Races.again(() -> racks.writeShot(who, rack.id(), shot.id(), shot.shot()));
                    shots++;
                }
                worth.ask(who, rack.id());
                read++;
            } catch (InvalidInputException | Missing | Conflict refusal) {
                refused.add(new RackRefused(i + 1, refusal.getMessage()));
            }
        }
        return new RacksRead(read, shots, refused);
    }
}
