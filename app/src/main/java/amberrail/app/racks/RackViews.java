package amberrail.app.racks;

import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.RackEnd;
import amberrail.core.rack.RackGame;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Racks as they are shown. */
final class RackViews {
    private RackViews() {}

    /**
     * One line of a list.
     *
     * @param end    left out while it goes on
     * @param chance of the layout for this student (0 to 1); left out until it is worked out
     */
    record RackRow(
            UUID id,
            UUID studentId,
            String studentName,
            UUID tableId,
            String tableName,
            String game,
            RackOrigin origin,
            Instant startedAt,
            @MayBeMissing RackEnd end,
            int balls,
            int potted,
            int points,
            @MayBeMissing Double chance,
            @MayBeMissing Double chanceError) {}

    /** @param before where everything lay before it; {@code stage} says what was on */
    record PlayedRackShot(UUID id, RackShotBody shot, RackLayoutBody before) {}

    /**
     * A rack with its shots.
     *
     * @param now    how it lies now
     */
    record RackView(
            RackRow row,
            RackGame game,
            HouseRules rules,
            RackLayoutBody layout,
            List<PlannedBall> plan,
            String note,
            @MayBeMissing Integer breakDown,
            @MayBeMissing Boolean breakInOff,
            List<PlayedRackShot> shots,
            RackLayoutBody now,
            int revision) {}

    /** @param next what to ask with as {@code before} for the page after this one; left out on the last */
    record RackPage(
            String studentName,
            List<RackRow> racks,
            @MayBeMissing Instant next) {}
}
