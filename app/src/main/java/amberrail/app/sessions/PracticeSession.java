package amberrail.app.sessions;

import amberrail.app.web.Missing;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * One practice, as one person may see it.
 *
 * @param studentIds in the order of their turns; only those whom this person may see, and at least one
 * @param drills     in the order in which they are played, each with the version that is kept to
 * @param table      the table's numbers as they were when it began
 * @param tipDiameterMillimetres of the cue that it is played with: one tip
 * @param coached    whether a coach is there; else the student practises alone
 * @param order      left out where nobody has said
 * @param note       empty for whoever may not see everybody in it
 * @param closedByItself nobody ended it, and six hours went by
 * @param stretches  when it was under way; the last one has no end while it is
 */
public record PracticeSession(
        UUID id,
        List<UUID> studentIds,
        List<DrillVersion> drills,
        UUID tableId,
        String tableName,
        TableSpec table,
        double tipDiameterMillimetres,
        boolean coached,
        Optional<PracticeOrder> order,
        String note,
        Instant startedAt,
        Optional<Instant> closedAt,
        boolean closedByItself,
        List<Stretch> stretches) {

    /** A drill of the session. */
    public record DrillVersion(String drillId, int version) {}

    /** From then, until then or still. */
    public record Stretch(Instant begunAt, Optional<Instant> endedAt) {}

    /** What one person may see of it: the students that they may see, and the note only where that is everybody. */
    PracticeSession asSeenBy(Predicate<UUID> maySee) {
        List<UUID> seen = studentIds.stream().filter(maySee).toList();
        // What is noted of a group may be about any of them.
        String told = seen.size() == studentIds.size() ? note : "";
        return new PracticeSession(
                id,
                seen,
                drills,
                tableId,
                tableName,
                table,
                tipDiameterMillimetres,
                coached,
                order,
                told,
                startedAt,
                closedAt,
                closedByItself,
                stretches);
    }

    public boolean isClosed() {
        return closedAt.isPresent();
    }

    /** Begun, not closed, and not under way. */
    public boolean isPaused() {
        return !isClosed()
                && !stretches.isEmpty()
                && stretches.get(stretches.size() - 1).endedAt().isPresent();
    }

    /** The student's id if they take part; {@link Missing} else. Nobody named: the first. */
    public UUID student(UUID id) {
        if (id == null) {
            return studentIds.get(0);
        }
        if (!studentIds.contains(id)) {
            throw new Missing("student");
        }
        return id;
    }

    /** The version of a drill that this session keeps to; {@link Missing} if it is not played here. None named: the first. */
    public DrillVersion drill(String id) {
        return drills.stream()
                .filter(one -> id == null || one.drillId().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("drill"));
    }
}
