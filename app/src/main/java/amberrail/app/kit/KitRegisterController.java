package amberrail.app.kit;

import amberrail.app.kit.KitViews.BallsSetRow;
import amberrail.app.kit.KitViews.CueSetRow;
import amberrail.app.kit.KitViews.KitTablePage;
import amberrail.app.kit.KitViews.KitView;
import amberrail.app.kit.KitViews.Made;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.PlausibleDays;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tables, ball sets and cues: looked at by everybody, changed by coaches; a student's own cue by the student too. Nothing is deleted. */
@RestController
@RequestMapping("/api/v1/kit")
class KitRegisterController {
    private final KitReader reader;
    private final ClubTables tables;
    private final ClubGear gear;

    KitRegisterController(KitReader reader, ClubTables tables, ClubGear gear) {
        this.reader = reader;
        this.tables = tables;
        this.gear = gear;
    }

    record NewTable(
            @NotBlank @Size(max = 80) String name, @NotNull String presetId) {}

    /** Measures in mm; {@code version} is that which was looked at. */
    record TableChange(
            int version,
            @NotBlank @Size(max = 80) String name,
            double cornerMouthMillimetres,
            double sideMouthMillimetres,
            double noseHeightMillimetres) {}

    /** {@code isNew}: another cloth than before, so that what was measured no longer holds. */
    record ClothChange(
            int version,
            @MayBeMissing @Size(max = 80) String clothName,
            @MayBeMissing LocalDate fittedOn,
            @MayBeMissing Nap nap,
            boolean isNew) {}

    record Archiving(boolean archived) {}

    /** Which version of the table was looked at. */
    record TakeBack(int version) {}

    /** Sizes in mm, masses in kg; {@code version} is ignored for a new one. */
    record BallsBody(
            int version,
            @NotBlank @Size(max = 80) String name,
            double cueBallDiameterMillimetres,
            double cueBallMassKilograms,
            double objectBallDiameterMillimetres,
            double objectBallMassKilograms) {
        BallSet balls() {
            return new BallSet(
                    new BallSpec(cueBallDiameterMillimetres, cueBallMassKilograms),
                    new BallSpec(objectBallDiameterMillimetres, objectBallMassKilograms));
        }
    }

    /**
     * A cue; {@code version} is ignored for a new one.
     *
     * @param ownerId a student; left out: the club's
     * @param newTip  of a change: what was measured with the old tip no longer holds
     */
    record CueBody(
            int version,
            @NotBlank @Size(max = 80) String name,
            double tipDiameterMillimetres,
            double endMassRatio,
            double elevationDegrees,
            @MayBeMissing UUID ownerId,
            boolean newTip) {
        ClubGear.Cue cue() {
            return new ClubGear.Cue(
                    name, tipDiameterMillimetres, endMassRatio, elevationDegrees, Optional.ofNullable(ownerId));
        }
    }

    @GetMapping
    KitView all(@AuthenticationPrincipal SignedIn who) {
        return reader.all(who);
    }

    @PostMapping("/tables")
    @ResponseStatus(HttpStatus.CREATED)
    Made addTable(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewTable body) {
        return new Made(tables.add(who, body.name(), body.presetId()));
    }

    @GetMapping("/tables/{id}")
    KitTablePage kitTable(@PathVariable UUID id) {
        return reader.table(id);
    }

    /** Refused (409) if somebody else has changed it since; the others too. */
    @PutMapping("/tables/{id}")
    KitTablePage changeTable(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody TableChange body) {
        tables.change(
                who,
                id,
                body.version(),
                body.name(),
                new ClubTables.Measures(
                        body.cornerMouthMillimetres(), body.sideMouthMillimetres(), body.noseHeightMillimetres()));
        return reader.table(id);
    }

    @PutMapping("/tables/{id}/cloth")
    KitTablePage clothe(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ClothChange body) {
        Optional<LocalDate> fitted = Optional.ofNullable(body.fittedOn());
        fitted.ifPresent(day -> PlausibleDays.within("fittedOn", day));
        tables.clothe(
                who,
                id,
                body.version(),
                new ClubTables.Cloth(Optional.ofNullable(body.clothName()), fitted, Optional.ofNullable(body.nap())),
                body.isNew());
        return reader.table(id);
    }

    @PutMapping("/tables/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archiveTable(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Archiving body) {
        tables.archive(who, id, body.archived());
    }

    /** An earlier set of numbers again. */
    @PostMapping("/tables/{id}/sets/{setId}")
    KitTablePage takeBack(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @PathVariable UUID setId,
            @Valid @RequestBody TakeBack body) {
        tables.takeBack(who, id, body.version(), setId);
        return reader.table(id);
    }

    @PostMapping("/ball-sets")
    @ResponseStatus(HttpStatus.CREATED)
    Made addBalls(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody BallsBody body) {
        return new Made(gear.addBalls(who, body.name(), body.balls()));
    }

    @PutMapping("/ball-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeBalls(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody BallsBody body) {
        gear.changeBalls(who, id, body.version(), body.name(), body.balls());
    }

    @PutMapping("/ball-sets/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archiveBalls(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Archiving body) {
        gear.archiveBalls(who, id, body.archived());
    }

    @PostMapping("/cues")
    @ResponseStatus(HttpStatus.CREATED)
    Made addCue(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody CueBody body) {
        return new Made(gear.addCue(who, body.cue()));
    }

    @PutMapping("/cues/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeCue(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody CueBody body) {
        gear.changeCue(who, id, body.version(), body.cue(), body.newTip());
    }

    /** What it was, and since when; empty where it has always been the same. */
    @GetMapping("/cues/{id}/history")
    List<CueSetRow> cueHistory(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return reader.cueHistory(who, id);
    }

    @GetMapping("/ball-sets/{id}/history")
    List<BallsSetRow> ballsHistory(@PathVariable UUID id) {
        return reader.ballsHistory(id);
    }

    @PutMapping("/cues/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archiveCue(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Archiving body) {
        gear.archiveCue(who, id, body.archived());
    }
}
