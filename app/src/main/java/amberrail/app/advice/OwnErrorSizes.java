package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.diagnosis.OwnErrors;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** A student's own error sizes, from their newest attempts; worked out anew after a few minutes. */
@Service
public class OwnErrorSizes {
    private static final int NEWEST = 300;
    private static final Duration KEPT = Duration.ofMinutes(3);

    private final AttemptService attempts;
    private final SeenShots seen;
    private final Access access;
    private final Cache<UUID, OwnErrors> known =
            Caffeine.newBuilder().maximumSize(500).expireAfterWrite(KEPT).build();

    OwnErrorSizes(AttemptService attempts, SeenShots seen, Access access) {
        this.attempts = attempts;
        this.seen = seen;
        this.access = access;
    }

    public OwnErrors of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return known.get(studentId, id -> OwnErrors.of(seen.groups(attempts.newestOf(who, id, NEWEST))));
    }
}
