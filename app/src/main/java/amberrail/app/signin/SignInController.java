package amberrail.app.signin;

import amberrail.app.people.PeopleRequests.FirstCoach;
import amberrail.app.people.PeopleRequests.NewSignIn;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.Preferences;
import amberrail.app.people.PreferencesChange;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Races;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Coming in and going out. */
@RestController
@RequestMapping("/api/v1")
class SignInController {
    private final PeopleService people;
    private final SignInThrottle throttle;
    private final KnownDevices devices;
    private final Authenticators authenticators;
    private final SecurityContextRepository contexts;

    SignInController(
            PeopleService people,
            SignInThrottle throttle,
            KnownDevices devices,
            Authenticators authenticators,
            SecurityContextRepository contexts) {
        this.people = people;
        this.throttle = throttle;
        this.devices = devices;
        this.authenticators = authenticators;
        this.contexts = contexts;
    }

    /** As typed; the code where an authenticator app is asked for one. */
    record Credentials(
            @NotNull @Size(max = 60) String signInName,
            @NotNull @Size(max = 800) String password,
            @MayBeMissing @Size(max = 40) String code) {}

    /** The person signed in, with their settings. */
    record Me(PersonView person, Preferences preferences) {}

    @PostMapping("/club/first-coach")
    Me firstCoach(@Valid @RequestBody FirstCoach body, HttpServletRequest request, HttpServletResponse response) {
        SignedIn who = Races.again(() -> people.createFirstCoach(body.name(), body.signInName(), body.password()));
        return welcome(who, request, response);
    }

    @PostMapping("/sign-in")
    Me signIn(@Valid @RequestBody Credentials body, HttpServletRequest request, HttpServletResponse response) {
        String name = body.signInName();
        boolean known = devices.knows(request, name);
        throttle.check(name, request.getRemoteAddr(), known);
        Optional<SignedIn> who = people.signIn(name, body.password());
        if (who.isEmpty()) {
            throttle.failed(name, request.getRemoteAddr(), known);
            throw new BadCredentialsException("wrong name or password");
        }
        requireCode(who.get(), body, request, known);
        throttle.succeeded(name, request.getRemoteAddr(), known);
        devices.remember(request, response, name);
        return welcome(who.get(), request, response);
    }

    /** A wrong code counts as a wrong password does: there are only a million of them. */
    private void requireCode(SignedIn who, Credentials body, HttpServletRequest request, boolean known) {
        if (!authenticators.isOn(who.accountId())) {
            return;
        }
        if (body.code() == null || body.code().isBlank()) {
            throw new CodeNeeded(false);
        }
        if (!authenticators.accepts(who.accountId(), body.code())) {
            throttle.failed(body.signInName(), request.getRemoteAddr(), known);
            throw new CodeNeeded(true);
        }
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    @GetMapping("/me")
    Me me(@AuthenticationPrincipal SignedIn who) {
        return new Me(people.person(who.accountId()), people.preferences(who));
    }

    @PutMapping("/me/preferences")
    Preferences changePreferences(@AuthenticationPrincipal SignedIn who, @RequestBody PreferencesChange body) {
        return Races.again(() -> people.changePreferences(who, body));
    }

    @GetMapping("/invitations/{token}")
    PersonView invitation(@PathVariable String token) {
        return people.invited(token);
    }

    @PostMapping("/invitations/{token}")
    Me accept(
            @PathVariable String token,
            @Valid @RequestBody NewSignIn body,
            HttpServletRequest request,
            HttpServletResponse response) {
        SignedIn who = Races.again(() -> people.accept(token, body.signInName(), body.password()));
        // A new link is the way back in for whoever has lost the phone.
        authenticators.turnOff(who.accountId());
        return welcome(who, request, response);
    }

    /** A new session id for every sign-in, so that one planted before is worth nothing. */
    private Me welcome(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        var authority = new SimpleGrantedAuthority("ROLE_" + who.role());
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(who, null, List.of(authority)));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        request.getSession().setAttribute(SignIns.DEVICE, SignIns.device(request));
        return me(who);
    }
}
