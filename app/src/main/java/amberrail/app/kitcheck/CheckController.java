package amberrail.app.kitcheck;

import amberrail.app.kitcheck.CheckViews.CheckRow;
import amberrail.app.kitcheck.CheckViews.KitCheckView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import amberrail.core.kit.CheckPlaces;
import amberrail.core.kit.Reading;
import amberrail.core.kit.ReboundReading;
import amberrail.core.kit.RollReading;
import amberrail.core.kit.SideReading;
import amberrail.core.kit.SlideReading;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
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

/** Checks of tables and cues. */
@RestController
@RequestMapping("/api/v1/kit")
class CheckController {
    private final CheckService checks;
    private final CheckReader reader;

    CheckController(CheckService checks, CheckReader reader) {
        this.checks = checks;
        this.reader = reader;
    }

    /** {@code cueId} left out: the table itself is checked. */
    record NewCheck(@NotNull UUID tableId, @MayBeMissing UUID cueId) {}

    /** Which check it is. */
    record CheckBegun(UUID id) {}

    record OtherTable(@NotNull UUID tableId) {}

    /** Version of the table or the cue that was looked at. */
    record Taking(int version) {}

    /**
     * A reading: metres from the SW corner, seconds, degrees counter-clockwise from +x.
     *
     * @param metres             of a roll its length, of a rebound how far from the cushion it rests, of a slide how far it slid
     * @param asideMillimetres   to the left: of a roll, or of the mark that a stroke with side was sent at
     * @param tipSideMillimetres of a stroke with side: the tip, to the right
     */
    record ReadingBody(
            @NotNull CheckPlaces.Kind kind,
            double xMetres,
            double yMetres,
            double directionDegrees,
            double seconds,
            @MayBeMissing Double metres,
            @MayBeMissing Double asideMillimetres,
            @MayBeMissing Double tipSideMillimetres,
            @NotNull Instant takenAt,
            boolean confirmed,
            boolean withdrawn) {
        CheckService.Written written() {
            return new CheckService.Written(reading(), takenAt, confirmed, withdrawn);
        }

        private Reading reading() {
            return switch (kind) {
                case ROLL ->
                    new RollReading(
                            xMetres,
                            yMetres,
                            directionDegrees,
                            seconds,
                            given("metres", metres),
                            given("asideMillimetres", asideMillimetres));
                case REBOUND ->
                    new ReboundReading(xMetres, yMetres, directionDegrees, seconds, given("metres", metres));
                case SLIDE -> new SlideReading(xMetres, yMetres, directionDegrees, seconds, given("metres", metres));
                case SIDE ->
                    new SideReading(
                            xMetres,
                            yMetres,
                            directionDegrees,
                            given("tipSideMillimetres", tipSideMillimetres),
                            seconds,
                            given("asideMillimetres", asideMillimetres));
            };
        }

        private static double given(String field, Double typed) {
            if (typed == null) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, field, null, "must be given for this kind of reading");
            }
            return typed;
        }
    }

    /** Joins the check that is under way, if there is one: two people may check one table together. */
    @PostMapping("/checks")
    CheckBegun begin(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewCheck body) {
        return new CheckBegun(Races.again(() -> checks.begin(who, body.tableId(), Optional.ofNullable(body.cueId()))));
    }

    @GetMapping("/checks/{id}")
    KitCheckView check(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return reader.view(who, id);
    }

    /** The id is the device's: sent twice, it is kept once. */
    @PutMapping("/checks/{id}/readings/{readingId}")
    KitCheckView write(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @PathVariable UUID readingId,
            @Valid @RequestBody ReadingBody body) {
        CheckService.Written written = body.written();
        Races.again(() -> checks.write(who, id, readingId, written));
        return reader.view(who, id);
    }

    @PutMapping("/checks/{id}/table")
    KitCheckView moveTo(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody OtherTable body) {
        checks.moveTo(who, id, body.tableId());
        return reader.view(who, id);
    }

    @PostMapping("/checks/{id}/take")
    KitCheckView take(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody Taking body) {
        checks.take(who, id, body.version());
        return reader.view(who, id);
    }

    @PostMapping("/checks/{id}/leave")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        checks.leave(who, id);
    }

    @GetMapping("/tables/{id}/checks")
    List<CheckRow> ofTable(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return reader.of(who, id, false);
    }

    @GetMapping("/cues/{id}/checks")
    List<CheckRow> ofCue(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return reader.of(who, id, true);
    }
}
