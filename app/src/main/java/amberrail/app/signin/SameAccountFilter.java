package amberrail.app.signin;

import amberrail.app.people.SignedIn;
import amberrail.app.web.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A page says whose requests it sends. All windows of a browser share one sign-in: if somebody else signed in in another window, what this
 * window recorded must not be stored under their name.
 */
final class SameAccountFilter extends OncePerRequestFilter {
    private static final String HEADER = "X-Amber-Account";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String said = request.getHeader(HEADER);
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        boolean another = said != null
                && known != null
                && known.getPrincipal() instanceof SignedIn who
                && !who.accountId().toString().equals(said);
        if (another) {
            ProblemWriter.write(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "SIGNED_OUT",
                    "Somebody else has signed in in this browser. Sign in again; nothing you recorded is lost.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
