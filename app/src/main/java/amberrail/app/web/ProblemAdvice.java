package amberrail.app.web;

import amberrail.core.problem.InvalidInputException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** The one place that turns errors into HTTP: problem details (RFC 9457) with a code, a field path and a sentence. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);
    private static final String CHANGED_MEANWHILE =
            "Somebody else changed this at the same moment. Look at what stands there now, and try again.";

    private final DiskState disk;

    ProblemAdvice(DiskState disk) {
        this.disk = disk;
    }

    @ExceptionHandler
    ProblemDetail invalidInput(InvalidInputException e) {
        return field(HttpStatus.BAD_REQUEST, e.code().name(), e.field(), FieldWords.sentence(e));
    }

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        return field(HttpStatus.BAD_REQUEST, "REFUSED", e.field(), e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail missing(Missing e) {
        return problem(HttpStatus.NOT_FOUND, "NOT_FOUND", "There is no such " + e.what() + " here.");
    }

    @ExceptionHandler
    ProblemDetail notAllowed(NotAllowed e) {
        return problem(HttpStatus.FORBIDDEN, "NOT_ALLOWED", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict e) {
        ProblemDetail detail = problem(HttpStatus.CONFLICT, e.code(), e.getMessage());
        detail.setProperty("current", e.current());
        return detail;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyTries e) {
        ProblemDetail detail = problem(HttpStatus.TOO_MANY_REQUESTS, "TOO_MANY_TRIES", e.getMessage());
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.waitFor().toSeconds()))
                .body(detail);
    }

    @ExceptionHandler
    ProblemDetail wrongSignIn(AuthenticationException e) {
        return problem(
                HttpStatus.UNAUTHORIZED, "WRONG_SIGN_IN", "That name and password do not belong together. Try again.");
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException e) {
        return problem(HttpStatus.FORBIDDEN, "NOT_ALLOWED", "You may not do this.");
    }

    @ExceptionHandler
    ProblemDetail malformedPath(MethodArgumentTypeMismatchException e) {
        return field(
                HttpStatus.BAD_REQUEST,
                "INVALID_PARAMETER",
                e.getName(),
                FieldWords.words(e.getName()) + ": is not written as it must be.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.comeBackIn().toSeconds()))
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "BUSY", e.getMessage()));
    }

    /** Several changed the same thing at once, again and again: nothing of this request was stored. */
    @ExceptionHandler
    ProblemDetail raced(ConcurrencyFailureException e) {
        return problem(HttpStatus.CONFLICT, "CHANGED_MEANWHILE", CHANGED_MEANWHILE);
    }

    @ExceptionHandler
    ProblemDetail unstorable(DataIntegrityViolationException e, HttpServletRequest request) {
        if (Races.isLost(e)) {
            return problem(HttpStatus.CONFLICT, "CHANGED_MEANWHILE", CHANGED_MEANWHILE);
        }
        if (SqlStates.of(e).filter(SqlStates.TOO_LONG::equals).isPresent()) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "INVALID_PARAMETER",
                    "A text is longer than what can be kept. Shorten it and try again.");
        }
        return ours(e, request);
    }

    /** The client went away in the middle of its answer: there is nobody to tell. */
    @ExceptionHandler
    void gone(ClientAbortException e) {
        LOG.debug("a client closed its connection before its answer was through");
    }

    /** Our own fault: logged once with its trace and without what people wrote, shown without both. */
    @ExceptionHandler
    ProblemDetail ours(Exception e, HttpServletRequest request) {
        Faults.Answer answer = Faults.of(e, request.getMethod(), request.getRequestURI(), disk.isAlmostFull());
        return problem(answer.status(), answer.code(), answer.sentence());
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        FieldError first = e.getBindingResult().getFieldErrors().get(0);
        ProblemDetail detail = field(
                HttpStatus.BAD_REQUEST,
                "INVALID_PARAMETER",
                first.getField(),
                FieldWords.words(first.getField()) + ": " + first.getDefaultMessage() + ".");
        return ResponseEntity.badRequest().body(detail);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(unreadable(e).getStatus()).body(unreadable(e));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.badRequest()
                .body(field(
                        HttpStatus.BAD_REQUEST,
                        "INVALID_PARAMETER",
                        e.getParameterName(),
                        FieldWords.words(e.getParameterName()) + ": is missing."));
    }

    /** What Spring itself refuses has a sentence of its own; it gets a code as everything else has. */
    @Override
    protected ResponseEntity<Object> createResponseEntity(
            Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpStatus known = HttpStatus.resolve(status.value());
        if (body instanceof ProblemDetail detail && known != null) {
            detail.setProperty("code", known.name());
        }
        return super.createResponseEntity(body, headers, status, request);
    }

    private static ProblemDetail unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyTooLarge tooLarge) {
                return problem(HttpStatus.PAYLOAD_TOO_LARGE, "BODY_TOO_LARGE", tooLarge.getMessage());
            }
        }
        if (e.getCause() instanceof JsonMappingException mapping
                && !mapping.getPath().isEmpty()) {
            String path = mapping.getPath().stream()
                    .map(step -> step.getFieldName() == null ? "[" + step.getIndex() + "]" : step.getFieldName())
                    .collect(Collectors.joining("."));
            if (mapping instanceof PlainText.UnprintableText) {
                return field(
                        HttpStatus.BAD_REQUEST,
                        "INVALID_PARAMETER",
                        path,
                        FieldWords.words(path) + ": " + PlainText.UnprintableText.RULE + ".");
            }
            String sentence = mapping.getCause() instanceof InvalidInputException invalid
                    ? FieldWords.sentence(invalid.under(path))
                    : FieldWords.words(path) + ": is missing, unknown or not of the right kind.";
            return field(HttpStatus.BAD_REQUEST, "INVALID_PARAMETER", path, sentence);
        }
        String where = e.getCause() instanceof JsonProcessingException json && json.getLocation() != null
                ? " (line " + json.getLocation().getLineNr() + ")"
                : "";
        return problem(HttpStatus.BAD_REQUEST, "MALFORMED_JSON", "The request is not well-formed JSON" + where + ".");
    }

    private static ProblemDetail field(HttpStatus status, String code, String field, String sentence) {
        ProblemDetail detail = problem(status, code, sentence);
        detail.setProperty("field", field);
        return detail;
    }

    private static ProblemDetail problem(HttpStatus status, String code, String sentence) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence);
        detail.setType(URI.create("about:blank"));
        detail.setProperty("code", code);
        return detail;
    }
}
