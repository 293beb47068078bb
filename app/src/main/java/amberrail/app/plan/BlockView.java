package amberrail.app.plan;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.BlockPlan;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A block with what each of its weeks is for.
 *
 * @param mine     whether the reader may change it
 * @param newShot  left out: none; its title where it is still in the reader's library
 * @param weeks    first to last
 */
public record BlockView(
        @MayBeMissing UUID id,
        UUID studentId,
        String studentName,
        String title,
        LocalDate beginsOn,
        List<DayOfWeek> weekdays,
        int minutes,
        List<Skill> focus,
        @MayBeMissing String newShot,
        @MayBeMissing String newShotTitle,
        int newMinutes,
        boolean mixed,
        @MayBeMissing UUID tableId,
        boolean mine,
        int revision,
        List<WeekView> weeks) {

    /**
     * One week.
     *
     * @param skillMinutes of all its sessions together
     * @param plans        that were made for it
     */
    public record WeekView(
            int week,
            BlockPlan.Phase phase,
            LocalDate from,
            LocalDate to,
            double bandLow,
            double bandHigh,
            int minutesPerSession,
            Map<Skill, Integer> skillMinutes,
            List<BlockPlanView> plans) {}

    /** A plan of a block's week; {@code done} lines of {@code lines}. */
    public record BlockPlanView(UUID planId, String title, LocalDate onDay, int lines, int done) {}
}
