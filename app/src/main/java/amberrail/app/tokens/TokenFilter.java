package amberrail.app.tokens;

import amberrail.app.web.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UrlPathHelper;

/** Lets somebody in who shows a token in place of a sign-in, for this one request and as far as the token goes. */
@Component
public class TokenFilter extends OncePerRequestFilter {
    private static final String BEARER = "Bearer ";

    /** Asked for when the first token is shown: filters are made before anything is answered, and this hangs on all of Hibernate. */
    private final ObjectProvider<Tokens> tokens;

    TokenFilter(ObjectProvider<Tokens> tokens) {
        this.tokens = tokens;
    }

    /** A page of another site cannot send this header for somebody, so such requests need no token against forgery. */
    public static boolean hasToken(HttpServletRequest request) {
        String said = request.getHeader(HttpHeaders.AUTHORIZATION);
        return said != null && said.startsWith(BEARER);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasToken(request)) {
            chain.doFilter(request, response);
            return;
        }
        String secret = request.getHeader(HttpHeaders.AUTHORIZATION)
                .substring(BEARER.length())
                .strip();
        Optional<Tokens.Known> known = tokens.getObject().known(secret);
        if (known.isEmpty()) {
            ProblemWriter.write(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "TOKEN_ENDED",
                    "This token is not known here, or has ended. Make a new one in the settings.");
        } else if (!known.get().scope().allows(request.getMethod(), path(request))) {
            ProblemWriter.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "BEYOND_TOKEN",
                    known.get().scope().sentence());
        } else {
            asTheirOwner(known.get());
            chain.doFilter(request, response);
        }
    }

    /** As it is matched to an endpoint, escapes undone: "%70eople" is "people". */
    private static String path(HttpServletRequest request) {
        return UrlPathHelper.defaultInstance.getPathWithinApplication(request);
    }

    private static void asTheirOwner(Tokens.Known known) {
        var authority = new SimpleGrantedAuthority("ROLE_" + known.who().role());
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(known.who(), null, List.of(authority)));
        SecurityContextHolder.setContext(context);
    }
}
