package amberrail.app.sessions;

import amberrail.app.web.MayBeMissing;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** A session in a list or as a heading. */
public record SessionView(
        UUID id,
        List<TakingPart> students,
        List<PlayedDrill> drills,
        String tableName,
        boolean coached,
        @MayBeMissing PracticeOrder order,
        String note,
        Instant startedAt,
        boolean paused,
        @MayBeMissing Instant closedAt,
        boolean closedByItself) {

    /** A student who takes turns in it. */
    public record TakingPart(UUID id, String name) {}

    /** A drill of it; {@code newerVersion} where the drill has been changed since. */
    public record PlayedDrill(String id, int version, String title, boolean newerVersion) {}
}
