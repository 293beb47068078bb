package amberrail.app.advice;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.attempts.StationPlayed;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.BackgroundThread;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.OwnErrors.Ability;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.RaschFit;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * A student's own error sizes, from their newest attempts. One worker finds them; whoever asks gets what was found last, and until something was,
 * the sizes of their ability.
 */
@Service
public class OwnErrorSizes {
    private static final Logger LOG = LoggerFactory.getLogger(OwnErrorSizes.class);
    private static final int NEWEST = 300;
    /** Sizes do not move with one attempt. */
    private static final int ANEW_AFTER_ATTEMPTS = 10;

    private final AttemptService attempts;
    private final SeenShots seen;
    private final AbilityModel model;
    private final Access access;
    private final Cache<UUID, Found> known =
            Caffeine.newBuilder().maximumSize(1_000).build();

    private final Set<UUID> underWay = ConcurrentHashMap.newKeySet();
    private final ConcurrentHashMap<UUID, Integer> writtenSince = new ConcurrentHashMap<>();
    private final ExecutorService worker = BackgroundThread.idle("own error sizes");

    OwnErrorSizes(AttemptService attempts, SeenShots seen, AbilityModel model, Access access) {
        this.attempts = attempts;
        this.seen = seen;
        this.model = model;
        this.access = access;
    }

    private record Found(OwnErrors errors) {}

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void played(StationPlayed place) {
        writtenSince.merge(place.studentId(), 1, Integer::sum);
    }

    /** What is known now; the worker sees to what is not, or has become old. */
    public OwnErrors of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        Found found = known.getIfPresent(studentId);
        if (found == null || writtenSince.getOrDefault(studentId, 0) >= ANEW_AFTER_ATTEMPTS) {
            ask(who, studentId);
        }
        return found == null ? OwnErrors.ofAbility(ability(studentId), 0) : found.errors();
    }

    /** The same, found now: for whoever looks at them and not at something else. */
    public OwnErrors found(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        if (known.getIfPresent(studentId) == null || writtenSince.getOrDefault(studentId, 0) > 0) {
            find(who, studentId);
        }
        return known.get(studentId, id -> new Found(OwnErrors.ofAbility(ability(id), 0)))
                .errors();
    }

    private void ask(SignedIn who, UUID studentId) {
        if (underWay.add(studentId)) {
            worker.execute(() -> {
                try {
                    find(who, studentId);
                } catch (RuntimeException failed) {
                    LOG.error("the own error sizes of {} cannot be found", studentId, failed);
                } finally {
                    underWay.remove(studentId);
                }
            });
        }
    }

    private void find(SignedIn who, UUID studentId) {
        writtenSince.remove(studentId);
        List<StudentAttempt> newest = attempts.newestOf(who, studentId, NEWEST);
        List<SeenShots.Group> groups = seen.groups(newest);
        known.put(
                studentId,
                new Found(OwnErrors.of(
                        ability(studentId),
                        band -> groups.stream()
                                .map(group -> seen.cell(group, band))
                                .toList())));
    }

    /** Over all skills in which the student has results, the surer ones counting more. */
    private Ability ability(UUID studentId) {
        Abilities now = model.current();
        double weight = 0;
        double sum = 0;
        for (Skill skill : Skill.values()) {
            Optional<RaschFit.Placed> placed =
                    now.ability(studentId, skill).filter(one -> !one.note().equals(Optional.of(RaschFit.Note.NO_DATA)));
            if (placed.isPresent()) {
                double precision = 1 / (placed.get().se() * placed.get().se());
                weight += precision;
                sum += precision * placed.get().logits();
            }
        }
        return weight == 0 ? Ability.UNKNOWN : new Ability(sum / weight, Math.sqrt(1 / weight));
    }
}
