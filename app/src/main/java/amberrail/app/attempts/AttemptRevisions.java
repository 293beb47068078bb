package amberrail.app.attempts;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Every state that an attempt has had, as it was written; nothing is ever taken out. */
@Component
public class AttemptRevisions {
    private final RevisionRepository revisions;
    private final ObjectMapper json;
    private final Clock clock;

    AttemptRevisions(RevisionRepository revisions, ObjectMapper json, Clock clock) {
        this.revisions = revisions;
        this.json = json;
        this.clock = clock;
    }

    /** A state of an attempt, who wrote it and when. */
    public record Revision(AttemptBody body, UUID writtenBy, Instant writtenAt) {}

    /** Oldest first. */
    List<Revision> of(UUID attemptId) {
        return revisions.findByIdAttemptIdOrderByIdRevision(attemptId).stream()
                .map(kept -> new Revision(read(kept.body), kept.writtenBy, kept.writtenAt))
                .toList();
    }

    void keep(SignedIn who, UUID attemptId, AttemptBody body) {
        RevisionEntity revision = new RevisionEntity();
        revision.id = new RevisionEntity.Key(attemptId, body.revision());
        revision.writtenBy = who.accountId();
        revision.writtenAt = Instant.now(clock);
        try {
            revision.body = json.writeValueAsString(body);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("an attempt body is plain JSON: " + body, e);
        }
        revisions.save(revision);
    }

    private AttemptBody read(String kept) {
        try {
            return json.readValue(kept, AttemptBody.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored revision cannot be read: " + kept, e);
        }
    }
}
