package amberrail.app.signin;

import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where a person is signed in now; each can be ended from any other. */
@Component
class SignIns {
    static final String DEVICE = "amber-device";
    private static final int LONGEST_DEVICE = 200;
    private static final int ID_CHARACTERS = 24;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    SignIns(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * One sign-in.
     *
     * @param id     of this list; the session's own id is a secret of its browser
     * @param device what the browser says it is
     */
    record SignInView(String id, String device, Instant begunAt, Instant lastUsedAt, boolean current) {}

    List<SignInView> of(SignedIn who, String currentId) {
        return all(who).values().stream()
                .map(session -> new SignInView(
                        publicId(session.getId()),
                        Optional.<String>ofNullable(session.getAttribute(DEVICE))
                                .orElse(""),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(currentId)))
                .sorted(Comparator.comparing(SignInView::lastUsedAt).reversed())
                .toList();
    }

    /** {@link Missing} if this person has none of that id. */
    void end(SignedIn who, String id) {
        String found = all(who).keySet().stream()
                .filter(one -> publicId(one).equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("sign-in"));
        sessions.deleteById(found);
    }

    static String device(HttpServletRequest request) {
        String said = Optional.ofNullable(request.getHeader("User-Agent")).orElse("");
        String plain = said.replaceAll("\\p{Cntrl}", " ");
        return plain.length() > LONGEST_DEVICE ? plain.substring(0, LONGEST_DEVICE) : plain;
    }

    private Map<String, ? extends Session> all(SignedIn who) {
        return sessions.findByPrincipalName(who.getName());
    }

    private static String publicId(String sessionId) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(sessionId.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash).substring(0, ID_CHARACTERS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
