package amberrail.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Outside of everything: what fails before a controller is reached (the sign-in's own lookup, for one) is answered as a problem too, never as a page of the server. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FaultFilter extends EveryDispatchFilter {
    private final DiskState disk;

    FaultFilter(DiskState disk) {
        this.disk = disk;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (BodyTooLarge tooLarge) {
            ProblemWriter.write(response, HttpStatus.PAYLOAD_TOO_LARGE, "BODY_TOO_LARGE", tooLarge.getMessage());
        } catch (IOException gone) {
            // The client has closed its connection: there is nobody to answer.
            throw gone;
        } catch (ServletException | RuntimeException fault) {
            Faults.Answer answer = Faults.of(fault, request.getMethod(), request.getRequestURI(), disk.isAlmostFull());
            ProblemWriter.write(response, answer.status(), answer.code(), answer.sentence());
        }
    }
}
