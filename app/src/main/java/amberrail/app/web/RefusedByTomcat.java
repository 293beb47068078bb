package amberrail.app.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Requests that Tomcat refuses before they reach the application, such as an address with a broken escape, are answered like everything else. */
@Component
class RefusedByTomcat implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new InWords()));
    }

    /** Nearer to the application than Tomcat's own, so that it reports first. */
    private static final class InWords extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable fault) {
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            if (status == null
                    || !status.isError()
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            try {
                ProblemWriter.write(response, status, status.name(), ErrorAnswers.sentence(status));
                response.finishResponse();
            } catch (IOException gone) {
                throw new UncheckedIOException("the client went away before it was told what is wrong", gone);
            }
        }
    }
}
