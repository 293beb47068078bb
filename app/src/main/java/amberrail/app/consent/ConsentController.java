package amberrail.app.consent;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
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

/** Age, consent, names, and who has long not been seen. */
@RestController
@RequestMapping("/api/v1")
class ConsentController {
    private final ClubCare care;
    private final Guardianship guardianship;
    private final NotSeen notSeen;

    ConsentController(ClubCare care, Guardianship guardianship, NotSeen notSeen) {
        this.care = care;
        this.guardianship = guardianship;
        this.notSeen = notSeen;
    }

    /** As {@link ClubCare.Care}. */
    record CareBody(
            @NotNull ClubCare.Asks asks,
            @NotNull @Size(max = 200) String safeguarding,
            @Min(1) @Max(240) int askAfterMonths) {}

    record ConsentLine(
            UUID id,
            Consent.Kind kind,
            String givenBy,
            LocalDate givenOn,
            String notedBy,
            @MayBeMissing Instant withdrawnAt) {}

    /** As {@link Guardianship.Kept}. */
    record AgeAndConsent(
            ClubCare.Asks asks,
            String safeguarding,
            boolean minor,
            @MayBeMissing Integer birthYear,
            String guardian,
            String contact,
            List<ConsentLine> consents,
            boolean nicknameOnly,
            boolean mayChange) {
        static AgeAndConsent of(Guardianship.Kept kept) {
            return new AgeAndConsent(
                    kept.care().asks(),
                    kept.care().safeguarding(),
                    kept.minor(),
                    kept.birthYear().orElse(null),
                    kept.guardian(),
                    kept.contact(),
                    kept.consents().stream()
                            .map(one -> new ConsentLine(
                                    one.id(),
                                    one.kind(),
                                    one.givenBy(),
                                    one.givenOn(),
                                    one.notedBy(),
                                    one.withdrawn().orElse(null)))
                            .toList(),
                    kept.nicknameOnly(),
                    kept.mayChange());
        }
    }

    /** @param nickname by which a minor is kept for whom nobody has consented to records */
    record AgeBody(
            boolean minor,
            @MayBeMissing Integer birthYear,
            @NotNull @Size(max = 80) String nickname) {}

    record GuardianBody(
            @NotNull @Size(max = 80) String guardian,
            @NotNull @Size(max = 120) String contact) {}

    record ConsentBody(
            @NotNull Consent.Kind kind,

            @NotBlank(message = "must not be empty") @Size(max = 80)
            String givenBy,

            @NotNull LocalDate givenOn) {}

    /** @param nickname by which the student is kept where the consent to records goes */
    record Withdrawal(@NotNull @Size(max = 80) String nickname) {}

    record NameBody(
            @NotBlank(message = "must not be empty") @Size(max = 80)
            String name) {}

    @GetMapping("/club/care")
    ClubCare.Care care() {
        return care.get();
    }

    @PutMapping("/club/care")
    ClubCare.Care changeCare(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody CareBody body) {
        Races.again(() -> care.change(who, new ClubCare.Care(body.asks(), body.safeguarding(), body.askAfterMonths())));
        return care.get();
    }

    @GetMapping("/people/not-seen")
    List<NotSeen.NotSeenStudent> notSeen(@AuthenticationPrincipal SignedIn who) {
        return notSeen.of(who);
    }

    @PutMapping("/people/{id}/kept")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        notSeen.keep(who, id);
    }

    @PutMapping("/people/{id}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody NameBody body) {
        Races.again(() -> guardianship.rename(who, id, body.name()));
    }

    @GetMapping("/people/{id}/consent")
    AgeAndConsent consent(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return AgeAndConsent.of(guardianship.of(who, id));
    }

    @PutMapping("/people/{id}/age")
    AgeAndConsent mark(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody AgeBody body) {
        Races.again(
                () -> guardianship.mark(who, id, body.minor(), Optional.ofNullable(body.birthYear()), body.nickname()));
        return consent(who, id);
    }

    @PutMapping("/people/{id}/guardian")
    AgeAndConsent guardian(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody GuardianBody body) {
        guardianship.guardian(who, id, body.guardian(), body.contact());
        return consent(who, id);
    }

    @PostMapping("/people/{id}/consents")
    AgeAndConsent give(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody ConsentBody body) {
        guardianship.give(who, id, body.kind(), body.givenBy(), body.givenOn());
        return consent(who, id);
    }

    @PostMapping("/people/{id}/consents/{consentId}/withdrawal")
    AgeAndConsent withdraw(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @PathVariable UUID consentId,
            @Valid @RequestBody Withdrawal body) {
        Races.again(() -> guardianship.withdraw(who, id, consentId, body.nickname()));
        return consent(who, id);
    }
}
