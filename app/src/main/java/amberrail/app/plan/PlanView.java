package amberrail.app.plan;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A plan.
 *
 * @param mine     whether the one who asks may change it
 * @param students those whom the one who asks may see
 * @param done     whether every line has been practised
 */
public record PlanView(
        UUID id,
        String title,
        boolean pattern,
        @MayBeMissing LocalDate onDay,
        double minutes,
        double bandLow,
        double bandHigh,
        boolean mixed,
        boolean withTest,
        @MayBeMissing UUID tableId,
        boolean mine,
        int revision,
        Instant changedAt,
        List<StudentInPlan> students,
        List<PlanItemView> items,
        boolean done) {
    /** Whose it is. */
    public record StudentInPlan(UUID studentId, String name) {}

    /**
     * A line with what has come of it.
     *
     * @param title   left out where the drill is no longer in the library of the one who asks
     * @param rackGame the game's key where the line is for racks; else left out
     * @param stations names of the stations in {@code item.places}, in their order
     * @param done    tries of each student in sessions of the plan's day, with the plan or without it
     * @param ticked  whether everybody has played as many as planned
     */
    public record PlanItemView(
            PlanItemBody item,
            @MayBeMissing String title,
            @MayBeMissing Skill skill,
            @MayBeMissing String rackGame,
            List<String> stations,
            List<DoneView> done,
            boolean ticked) {}

    /** Tries of one student. */
    public record DoneView(UUID studentId, int tries) {}
}
