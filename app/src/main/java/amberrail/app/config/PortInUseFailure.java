package amberrail.app.config;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says what to do when the port is taken, in the words of ./amber. */
@Order(Ordered.HIGHEST_PRECEDENCE)
class PortInUseFailure extends AbstractFailureAnalyzer<PortInUseException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, PortInUseException cause) {
        return new FailureAnalysis(
                "Port " + cause.getPort() + " is in use by another program.",
                "Choose another one with --port, for example --port " + (cause.getPort() + 1) + ".",
                cause);
    }
}
