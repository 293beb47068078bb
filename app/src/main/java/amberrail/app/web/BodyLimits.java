package amberrail.app.web;

import amberrail.app.config.AmberRailProperties;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;

/** How large a request's body may be. */
final class BodyLimits {
    private static final List<String> IMPORTS =
            List.of("/api/v1/drill-import", "/api/v1/attempt-import/", "/api/v1/calendar-import");

    private final long usualBytes;
    private final long importBytes;

    BodyLimits(AmberRailProperties properties) {
        usualBytes = properties.largestBody().toBytes();
        importBytes = properties.largestImport().toBytes();
    }

    boolean isImport(HttpServletRequest request) {
        return IMPORTS.stream().anyMatch(request.getRequestURI()::startsWith);
    }

    long bytes(HttpServletRequest request) {
        return isImport(request) ? importBytes : usualBytes;
    }
}
