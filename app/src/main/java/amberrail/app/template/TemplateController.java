package amberrail.app.template;

import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.core.geometry.Point;
import amberrail.core.problem.Require;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A student's cushion marks. */
@RestController
@RequestMapping("/api/v1/students/{id}/template")
class TemplateController {
    private final TemplateService template;

    private final PredictedTemplate predictions;

    TemplateController(TemplateService template, PredictedTemplate predictions) {
        this.template = template;
        this.predictions = predictions;
    }

    /** Where the cue ball first met a cushion (mm from the SW corner), and with which tip height. */
    record NewMark(@NotNull UUID tableId, @NotNull TemplateMark.Tip tip, double xMillimetres, double yMillimetres) {}

    /** Without a table the one of the newest marks. */
    @GetMapping
    TemplateView template(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam Optional<UUID> tableId) {
        return view(who, id, tableId);
    }

    @PostMapping("/marks")
    TemplateView addMark(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody NewMark mark) {
        template.add(
                who,
                id,
                mark.tableId(),
                mark.tip(),
                new Point(
                        Require.finite("xMillimetres", mark.xMillimetres()),
                        Require.finite("yMillimetres", mark.yMillimetres())));
        return view(who, id, Optional.of(mark.tableId()));
    }

    /** The predictions are worked out before anything is read: nobody waits for the engine within a transaction. */
    private TemplateView view(SignedIn who, UUID id, Optional<UUID> tableId) {
        KitService.ClubTable table = template.tableFor(who, id, tableId);
        return template.of(who, id, table, predictions.on(who, id, table.spec()));
    }

    @DeleteMapping("/marks/{mark}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeMark(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable UUID mark) {
        template.remove(who, id, mark);
    }
}
