package amberrail.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.autoconfigure.web.servlet.WebMvcRegistrations;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Finds endpoints sooner: Spring takes a path with values in it (a session's, an attempt's) apart and compares it with each of some three hundred endpoints,
 * a sixteenth of what a recorded shot costs. Here those are passed over whose fixed beginning is another.
 */
@Component
class EndpointsByBeginning implements WebMvcRegistrations {
    @Override
    public RequestMappingHandlerMapping getRequestMappingHandlerMapping() {
        return new Lookup();
    }

    private static final class Lookup extends RequestMappingHandlerMapping {
        private final Map<RequestMappingInfo, List<String>> beginnings = new ConcurrentHashMap<>();
        /** The path that this thread looks for: asked of the request for each endpoint it would go through all of its wrappers. */
        private final ThreadLocal<String> looking = new ThreadLocal<>();

        @Override
        protected HandlerMethod lookupHandlerMethod(String path, HttpServletRequest request) throws Exception {
            looking.set(path);
            try {
                return super.lookupHandlerMethod(path, request);
            } finally {
                looking.remove();
            }
        }

        @Override
        protected RequestMappingInfo getMatchingMapping(RequestMappingInfo endpoint, HttpServletRequest request) {
            return mayBe(endpoint) ? super.getMatchingMapping(endpoint, request) : null;
        }

        private boolean mayBe(RequestMappingInfo endpoint) {
            String path = looking.get();
            // Not looked for by its path, or with signs that Spring reads first.
            if (path == null || path.indexOf('%') >= 0) {
                return true;
            }
            for (String beginning : beginnings.computeIfAbsent(endpoint, Lookup::fixedBeginnings)) {
                if (path.startsWith(beginning)) {
                    return true;
                }
            }
            return false;
        }

        private static List<String> fixedBeginnings(RequestMappingInfo endpoint) {
            return endpoint.getPatternValues().stream()
                    .map(Lookup::fixedBeginning)
                    .toList();
        }

        /** Up to the first value or wildcard. */
        private static String fixedBeginning(String pattern) {
            for (int i = 0; i < pattern.length(); i++) {
                if ("{*?".indexOf(pattern.charAt(i)) >= 0) {
                    return pattern.substring(0, i);
                }
            }
            return pattern;
        }
    }
}
