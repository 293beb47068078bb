package amberrail.app.people;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Whose data the request under way is about: noted where it is decided that somebody may see them, read by whoever keeps the trail. Outside a
 * request nothing is noted: what the server works out by itself is nobody's looking.
 */
@Component
public class Concerned {
    private static final String NAME = Concerned.class.getName();

    /** This person too. */
    public void with(UUID person) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            noted(request).add(person);
        }
    }

    /** Nobody but this person, after all: of those at a table only one has played. */
    public void only(UUID person) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            Set<UUID> noted = noted(request);
            noted.clear();
            noted.add(person);
        }
    }

    /** Those of the request under way. */
    public Set<UUID> now() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null ? Set.of() : Collections.unmodifiableSet(noted(request));
    }

    @SuppressWarnings("unchecked")
    private static Set<UUID> noted(RequestAttributes request) {
        Object known = request.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST);
        if (known == null) {
            known = new LinkedHashSet<UUID>();
            request.setAttribute(NAME, known, RequestAttributes.SCOPE_REQUEST);
        }
        return (Set<UUID>) known;
    }
}
