package amberrail.app.people;

import java.util.UUID;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Ends what somebody is signed in with, in whatever browser. */
@Component
class OpenSignIns {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OpenSignIns(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    void endAll(UUID accountId) {
        endAllBut(null, accountId);
    }

    /** @param keptSessionId of the one that stays; null: none */
    void endAllBut(String keptSessionId, UUID accountId) {
        sessions.findByPrincipalName(accountId.toString()).keySet().stream()
                .filter(id -> !id.equals(keptSessionId))
                .forEach(sessions::deleteById);
    }
}
