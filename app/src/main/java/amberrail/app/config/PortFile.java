package amberrail.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Writes the port that a server on {@code --server.port=0} was given, for the script that started it. */
@Component
class PortFile {
    private final String file;

    PortFile(@Value("${amber.port-file:}") String file) {
        this.file = file;
    }

    @EventListener
    void serverIsUp(ServletWebServerInitializedEvent event) throws IOException {
        if (!file.isEmpty()) {
            Files.writeString(Path.of(file), String.valueOf(event.getWebServer().getPort()));
        }
    }
}
