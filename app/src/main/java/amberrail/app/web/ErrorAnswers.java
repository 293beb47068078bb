package amberrail.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container itself refuses is answered like everything else. Asked for by its own address it is a page that does not exist. */
@Controller
class ErrorAnswers implements ErrorController {
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus known = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        HttpStatus status = known == null ? HttpStatus.NOT_FOUND : known;
        ProblemWriter.write(response, status, status.name(), sentence(status));
    }

    static String sentence(HttpStatus status) {
        if (status == HttpStatus.NOT_FOUND) {
            return "There is no such page here.";
        }
        return status.is5xxServerError()
                ? "Something went wrong on the server. What you had saved before is kept; please try again."
                : "The server cannot make sense of this request (" + status.value() + ").";
    }
}
