package amberrail.app.web;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Problem details from where no controller is reached: filters, and the server's own errors. */
public final class ProblemWriter {
    private static final JsonFactory JSON = new JsonFactory();

    private ProblemWriter() {}

    public static void write(HttpServletResponse response, HttpStatus status, String code, String sentence)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.setHeader("Cache-Control", "no-store");
        try (JsonGenerator json = JSON.createGenerator(response.getWriter())) {
            json.writeStartObject();
            json.writeStringField("type", "about:blank");
            json.writeStringField("title", status.getReasonPhrase());
            json.writeNumberField("status", status.value());
            json.writeStringField("code", code);
            json.writeStringField("detail", sentence);
            json.writeEndObject();
        }
    }
}
