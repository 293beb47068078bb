package amberrail.app.attempts;

import amberrail.app.people.SignedIn;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Every state that an attempt has had, as it was written; nothing is ever taken out. What was never changed is its own only state and stands in its row
 * alone: keeping it here as well was a tenth of what a recorded shot costs. With the first change both states are kept.
 */
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
    List<Revision> of(AttemptEntity row) {
        List<RevisionEntity> kept = revisions.findByIdAttemptIdOrderByIdRevision(row.id);
        return kept.isEmpty()
                ? List.of(new Revision(AttemptMapping.body(row), row.recordedBy, row.firstWrittenAt()))
                : kept.stream()
                        .map(one -> new Revision(read(one.body), one.writtenBy, one.writtenAt))
                        .toList();
    }

    /** Before an attempt is changed for the first time. One that was written before version 27 of the database has been kept from the beginning. */
    void keepFirst(AttemptEntity row) {
        if (row.revision == 0 && !revisions.existsById(new RevisionEntity.Key(row.id, 0))) {
            keep(row.id, AttemptMapping.body(row), row.recordedBy, row.firstWrittenAt());
        }
    }

    /** A change. */
    void keep(SignedIn who, UUID attemptId, AttemptBody body) {
        keep(attemptId, body, who.accountId(), Instant.now(clock));
    }

    private void keep(UUID attemptId, AttemptBody body, UUID writtenBy, Instant writtenAt) {
        RevisionEntity revision = new RevisionEntity();
        revision.id = new RevisionEntity.Key(attemptId, body.revision());
        revision.writtenBy = writtenBy;
        revision.writtenAt = writtenAt;
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
