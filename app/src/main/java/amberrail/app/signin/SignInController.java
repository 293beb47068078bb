package amberrail.app.signin;

import amberrail.app.people.PeopleRequests.FirstCoach;
import amberrail.app.people.PeopleRequests.NewSignIn;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.Preferences;
import amberrail.app.people.PreferencesChange;
import amberrail.app.people.SignedIn;
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
    private final SecurityContextRepository contexts;

    SignInController(
            PeopleService people, SignInThrottle throttle, KnownDevices devices, SecurityContextRepository contexts) {
        this.people = people;
        this.throttle = throttle;
        this.devices = devices;
        this.contexts = contexts;
    }

    /** Name and password as typed. */
    record Credentials(
            @NotNull @Size(max = 60) String signInName,
            @NotNull @Size(max = 800) String password) {}

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
        throttle.succeeded(name, request.getRemoteAddr(), known);
        devices.remember(request, response, name);
        return welcome(who.get(), request, response);
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
