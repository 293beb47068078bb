package amberrail.app.tokens;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own tokens. */
@RestController
@RequestMapping("/api/v1/me/tokens")
class TokenController {
    private final Tokens tokens;

    TokenController(Tokens tokens) {
        this.tokens = tokens;
    }

    record TokenBody(
            @NotBlank(message = "must not be empty") @Size(max = 60)
            String name,

            @NotNull TokenScope scope,
            @Min(1) @Max(366) int days) {}

    record TokenView(
            UUID id,
            String name,
            TokenScope scope,
            Instant madeAt,
            Instant expiresAt,
            @MayBeMissing Instant lastUsedAt) {
        static TokenView of(Tokens.Token token) {
            return new TokenView(
                    token.id(),
                    token.name(),
                    token.scope(),
                    token.madeAt(),
                    token.expiresAt(),
                    token.lastUsedAt().orElse(null));
        }
    }

    /** @param secret shown once */
    record TokenMade(TokenView token, String secret) {}

    @GetMapping
    List<TokenView> tokens(@AuthenticationPrincipal SignedIn who) {
        return tokens.of(who).stream().map(TokenView::of).toList();
    }

    @PostMapping
    TokenMade make(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TokenBody body) {
        Tokens.Made made = tokens.make(who, body.name(), body.scope(), body.days());
        return new TokenMade(TokenView.of(made.token()), made.secret());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        tokens.end(who, id);
    }
}
