package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * How a rack may be cleared, step by step, as long as every shot goes as meant.
 *
 * @param steps    in order
 * @param complete whether the last of them clears the rack; else no pot was found after them
 */
public record RackPlan(List<Step> steps, boolean complete) {
    /** Why this ball now. */
    public enum Reason {
        /** It opens a pocket for others. */
        OPENS,
        /** The shot drives balls apart that tie each other up. */
        BREAKS_OPEN,
        /** From it the last ball is reached most surely. */
        KEY,
        /** It is the last. */
        LAST,
        /** No other ball that is on can be potted from there. */
        ONLY_ONE,
        /** After most of the good shots there is a next pot that is more likely than not by far. */
        LEADS_ON,
        /** Nothing that was looked at leaves a better chance. */
        BEST_LEFT,
        /** The person planned it so. */
        LOCKED
    }

    /**
     * One shot.
     *
     * @param ball     by its id
     * @param from     where the cue ball is played from (mm)
     * @param placed   whether it was in hand, and is put there
     * @param stroke   pace, tip and direction
     * @param chance   to pot it and go on, with this student's errors
     * @param landing  where the cue ball should stop (mm)
     * @param landingRadiusMillimetres two in three of the good shots stop within it
     * @param also     balls that go down with it when the shot goes as meant
     * @param reason   why this one
     * @param about    the balls that the reason is about
     * @param second   the next best ball and pocket; empty where there is none
     * @param value    estimated chance to clear from here
     */
    public record Step(
            String ball,
            PocketName pocket,
            Point from,
            boolean placed,
            PlannedStroke stroke,
            double chance,
            Point landing,
            double landingRadiusMillimetres,
            List<String> also,
            Reason reason,
            List<String> about,
            Optional<Second> second,
            double value) {
        public Step {
            also = List.copyOf(also);
            about = List.copyOf(about);
            Objects.requireNonNull(reason);
        }
    }

    /** The second choice: the estimated chance to clear with it stands beside that of the first. */
    public record Second(String ball, PocketName pocket, double value) {}

    /**
     * What a person has decided for one step.
     *
     * @param ball   which
     * @param pocket empty: any
     * @param zone   where the cue ball should stop; empty: anywhere
     */
    public record Locked(String ball, Optional<PocketName> pocket, Optional<Zone> zone) {}

    /** A round place to stop in (mm). */
    public record Zone(Point centre, double radiusMillimetres) {}

    public RackPlan {
        steps = List.copyOf(steps);
    }
}
