package amberrail.app.signin;

import amberrail.app.people.AccountNotice;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.signin.SignIns.SignInView;
import amberrail.app.web.Races;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A person's own account: password, sign-ins, what others did with it. */
@RestController
@RequestMapping("/api/v1/me")
class AccountController {
    private final PeopleService people;
    private final SignIns signIns;

    AccountController(PeopleService people, SignIns signIns) {
        this.people = people;
        this.signIns = signIns;
    }

    /** The present password, and the one that takes its place. */
    record NewPassword(
            @NotNull @Size(max = 800) String old,
            @NotNull @Size(max = 800) String password) {}

    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewPassword body, HttpServletRequest request) {
        String kept = sessionId(request);
        Races.again(() -> people.changePassword(who, body.old(), body.password(), kept));
    }

    @GetMapping("/sign-ins")
    List<SignInView> signIns(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        return signIns.of(who, sessionId(request));
    }

    @DeleteMapping("/sign-ins/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        signIns.end(who, id);
    }

    @GetMapping("/notices")
    List<AccountNotice> notices(@AuthenticationPrincipal SignedIn who) {
        return people.notices(who);
    }

    @DeleteMapping("/notices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void noticesRead(@AuthenticationPrincipal SignedIn who) {
        people.noticesRead(who);
    }

    private static String sessionId(HttpServletRequest request) {
        return request.getSession(false) == null
                ? ""
                : request.getSession(false).getId();
    }
}
