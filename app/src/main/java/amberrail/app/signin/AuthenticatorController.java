package amberrail.app.signin;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.signin.Authenticators.AuthenticatorSecret;
import amberrail.app.signin.Authenticators.AuthenticatorState;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Codes of an authenticator app for one's own sign-in. */
@RestController
@RequestMapping("/api/v1/me/authenticator")
class AuthenticatorController {
    private final Authenticators authenticators;
    private final PeopleService people;

    AuthenticatorController(Authenticators authenticators, PeopleService people) {
        this.authenticators = authenticators;
        this.people = people;
    }

    record OwnPassword(@NotNull @Size(max = 800) String password) {}

    record TypedCode(@NotNull @Size(max = 40) String code) {}

    /** Shown once. */
    record RecoveryCodes(List<String> recoveryCodes) {}

    @GetMapping
    AuthenticatorState state(@AuthenticationPrincipal SignedIn who) {
        return authenticators.state(who);
    }

    @PostMapping
    AuthenticatorSecret begin(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody OwnPassword body) {
        people.requirePassword(who, body.password());
        return authenticators.begin(who);
    }

    @PutMapping
    RecoveryCodes confirm(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TypedCode body) {
        return new RecoveryCodes(authenticators.confirm(who, body.code()));
    }

    @PostMapping("/off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void turnOff(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody OwnPassword body) {
        people.requirePassword(who, body.password());
        authenticators.turnOff(who.accountId());
    }
}
