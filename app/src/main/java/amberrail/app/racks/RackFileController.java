package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackViews.PlayedRackShot;
import amberrail.app.racks.RackViews.RackRow;
import amberrail.app.racks.RackViews.RackView;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.Races;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    static final String FORMAT = "amber-rail-racks";
    static final int VERSION = 1;
    private static final int MOST = 1_000;

    private final RackReader reader;
    private final RackService racks;
    private final RackWorth worth;

    RackFileController(RackReader reader, RackService racks, RackWorth worth) {
        this.reader = reader;
        this.racks = racks;
        this.worth = worth;
    }

    /** One shot with its id. */
    record FileShot(@NotNull UUID id, @NotNull @Valid RackShotBody shot) {}

    /** One rack with its shots. */
    record FileRack(
            @NotNull UUID id,
            @NotNull @Valid RackBody rack,
            @NotNull @Size(max = 120) List<@NotNull @Valid FileShot> shots) {}

    /** A file of racks. */
    record RackFile(
            @NotNull String format,
            int version,
            @NotNull @Size(max = MOST) List<@NotNull @Valid FileRack> racks) {}

    /** What was read: racks that are there now, and why others are not. */
    record RacksRead(int racks, int shots, List<RackRefused> refused) {}

    /** @param number from 1, in the file */
    record RackRefused(int number, String why) {}

    @GetMapping("/export.json")
    ResponseEntity<RackFile> json(@AuthenticationPrincipal SignedIn who, @RequestParam UUID studentId) {
        List<FileRack> told = new ArrayList<>();
        for (RackView view : all(who, studentId)) {
            told.add(new FileRack(
                    view.row().id(),
                    body(view),
                    view.shots().stream()
                            .map(shot -> new FileShot(shot.id(), shot.shot()))
                            .toList()));
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"racks.json\"")
                .body(new RackFile(FORMAT, VERSION, told));
    }

    private static RackBody body(RackView view) {
        return new RackBody(
                view.row().studentId(),
                view.row().tableId(),
                view.rules(),
                view.layout(),
                view.row().origin(),
                view.breakDown(),
                view.breakInOff(),
                view.plan(),
                view.note(),
                view.row().startedAt());
    }

    private List<RackView> all(SignedIn who, UUID studentId) {
        List<RackView> views = new ArrayList<>();
        Optional<Instant> before = Optional.empty();
        do {
            RackViews.RackPage page = reader.list(who, studentId, before);
            for (RackRow row : page.racks()) {
                views.add(reader.view(who, row.id()));
            }
            before = Optional.ofNullable(page.next());
        } while (before.isPresent() && views.size() < MOST);
        return views;
    }

    @GetMapping(value = "/shots.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn who, @RequestParam UUID studentId) {
        List<RackShotCsv.Row> rows = new ArrayList<>();
        for (RackView view : all(who, studentId)) {
            for (PlayedRackShot shot : view.shots()) {
                rows.add(new RackShotCsv.Row(view.row(), shot));
            }
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rack-shots.csv\"")
                .body(RackShotCsv.of(rows));
    }

    /** What is there already is written again as it stands in the file; what cannot be read is said, and the rest is kept. */
    @PostMapping("/import")
    RacksRead read(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody RackFile file) {
        if (!file.format().equals(FORMAT) || file.version() != VERSION) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "format",
                    file.format() + " " + file.version(),
                    "must be " + FORMAT + " " + VERSION);
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
