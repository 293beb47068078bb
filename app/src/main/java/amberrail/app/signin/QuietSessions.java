package amberrail.app.signin;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/**
 * Stored sign-ins whose time of last use is written at most once a minute: written with every request it would be half of what a recorded
 * attempt costs the database. All else is stored at once, and a session in which nothing changed is not stored.
 */
final class QuietSessions<S extends Session>
        implements FindByIndexNameSessionRepository<QuietSessions.QuietSession<S>> {
    private static final Duration WRITTEN_EVERY = Duration.ofMinutes(1);

    /** However often it is used. */
    static final Duration LONGEST_SIGN_IN = Duration.ofDays(30);

    private final FindByIndexNameSessionRepository<S> stored;
    private final ThreadLocal<Known<S>> ofThisRequest = new ThreadLocal<>();

    /** What a request has read or stored; null before it has. */
    private static final class Known<S extends Session> {
        private QuietSession<S> session;
    }

    QuietSessions(FindByIndexNameSessionRepository<S> stored) {
        this.stored = stored;
    }

    /**
     * From now to {@link #endRequest} this thread's request reads its sign-in once: the filter that keeps sessions asks for it again as it has stored
     * it, and once more as the request ends.
     */
    void beginRequest() {
        ofThisRequest.set(new Known<>());
    }

    void endRequest() {
        ofThisRequest.remove();
    }

    @Override
    public QuietSession<S> createSession() {
        return new QuietSession<>(stored.createSession(), true);
    }

    @Override
    public void save(QuietSession<S> session) {
        if (session.changed) {
            stored.save(session.stored);
            session.changed = false;
        }
        remember(session);
    }

    @Override
    public QuietSession<S> findById(String id) {
        Known<S> known = ofThisRequest.get();
        if (known != null && known.session != null && known.session.getId().equals(id)) {
            return known.session;
        }
        return remember(read(id));
    }

    private QuietSession<S> remember(QuietSession<S> session) {
        Known<S> known = ofThisRequest.get();
        if (known != null) {
            known.session = session;
        }
        return session;
    }

    private QuietSession<S> read(String id) {
        S found = stored.findById(id);
        if (found == null) {
            return null;
        }
        if (Duration.between(found.getCreationTime(), Instant.now()).compareTo(LONGEST_SIGN_IN) > 0) {
            stored.deleteById(id);
            return null;
        }
        return new QuietSession<>(found, false);
    }

    @Override
    public void deleteById(String id) {
        remember(null);
        stored.deleteById(id);
    }

    @Override
    public Map<String, QuietSession<S>> findByIndexNameAndIndexValue(String indexName, String indexValue) {
        Map<String, QuietSession<S>> found = new LinkedHashMap<>();
        stored.findByIndexNameAndIndexValue(indexName, indexValue)
                .forEach((id, session) -> found.put(id, new QuietSession<>(session, false)));
        return found;
    }

    /** A stored session that forgets uses within a minute of the last one written. */
    static final class QuietSession<S extends Session> implements Session {
        private final S stored;
        private boolean changed;

        private QuietSession(S stored, boolean changed) {
            this.stored = stored;
            this.changed = changed;
        }

        @Override
        public void setLastAccessedTime(Instant time) {
            if (Duration.between(stored.getLastAccessedTime(), time).compareTo(WRITTEN_EVERY) >= 0) {
                changed = true;
                stored.setLastAccessedTime(time);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return stored.getLastAccessedTime();
        }

        @Override
        public String getId() {
            return stored.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return stored.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return stored.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return stored.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            changed = true;
            stored.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            stored.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return stored.getCreationTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            changed = true;
            stored.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return stored.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return stored.isExpired();
        }
    }
}
