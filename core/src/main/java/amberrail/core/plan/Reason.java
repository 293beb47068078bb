package amberrail.core.plan;

import java.util.OptionalDouble;

/**
 * What a drill was taken for.
 *
 * @param chance       of success, 0 to 1; in a group, of whoever it suits least
 * @param daysSince    last practised; empty: never. In a group, of whoever was away from it longest
 * @param intervalDays after which it is due again
 * @param need         of its skill, 0 to 1: how far the goal is away
 * @param score        without unit, the greater the more wanted (methods.md, planSession); 0 for a warm-up
 */
public record Reason(double chance, OptionalDouble daysSince, int intervalDays, double need, double score) {
    public boolean isDue() {
        return daysSince.isPresent() && daysSince.getAsDouble() >= intervalDays;
    }
}
