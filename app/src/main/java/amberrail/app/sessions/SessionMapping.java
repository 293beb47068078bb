package amberrail.app.sessions;

import amberrail.app.kit.CueNumbers;
import amberrail.app.kit.TableNumbers;
import amberrail.app.sessions.PracticeSession.DrillVersion;
import amberrail.app.sessions.PracticeSession.Stretch;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;

/** A stored session as everybody else knows it. */
@Component
class SessionMapping {
    private final TableNumbers numbers;

    private final CueNumbers cues;

    SessionMapping(TableNumbers numbers, CueNumbers cues) {
        this.numbers = numbers;
        this.cues = cues;
    }

    /** @param maySee which of its students whoever asks is told of; a list of sessions asks about the same few again and again */
    PracticeSession of(PracticeSessionEntity entity, Predicate<UUID> maySee) {
        return new PracticeSession(
                        entity.id,
                        List.copyOf(entity.studentIds),
                        entity.drills.stream()
                                .map(one -> new DrillVersion(one.drillId, one.drillVersion))
                                .toList(),
                        entity.tableId,
                        entity.tableName,
                        numbers.read(entity.tableNumbers),
                        cues.read(entity.cueNumbers).tipDiameterMillimetres(),
                        entity.coached,
                        Optional.ofNullable(entity.practiceOrder),
                        entity.note,
                        entity.startedAt,
                        Optional.ofNullable(entity.closedAt),
                        entity.closedByItself,
                        entity.stretches.stream()
                                .map(one -> new Stretch(one.begunAt, Optional.ofNullable(one.endedAt)))
                                .toList())
                .asSeenBy(maySee);
    }
}
