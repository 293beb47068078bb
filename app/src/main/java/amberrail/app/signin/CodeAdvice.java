package amberrail.app.signin;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Says at the sign-in that a code is wanted. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class CodeAdvice {
    @ExceptionHandler
    ProblemDetail codeNeeded(CodeNeeded e) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.UNAUTHORIZED, e.getMessage());
        detail.setProperty("code", "CODE_NEEDED");
        detail.setProperty("field", "code");
        return detail;
    }
}
