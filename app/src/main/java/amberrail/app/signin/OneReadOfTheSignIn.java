package amberrail.app.signin;

import amberrail.app.web.EveryDispatchFilter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;

/** Around the filter that keeps sessions, which would read a request's sign-in three times. */
@Component
@Order(SessionRepositoryFilter.DEFAULT_ORDER - 1)
class OneReadOfTheSignIn extends EveryDispatchFilter {
    private final QuietSessions<?> sessions;

    OneReadOfTheSignIn(QuietSessions<?> sessions) {
        this.sessions = sessions;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        sessions.beginRequest();
        try {
            chain.doFilter(request, response);
        } finally {
            sessions.endRequest();
        }
    }
}
