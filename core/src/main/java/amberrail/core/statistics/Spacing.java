package amberrail.core.statistics;

import java.util.List;

/**
 * When a drill is due again: the days between visits grow with good ones and shrink to one with bad ones.
 *
 * @param intervalDays after the last visit
 * @param daysSince    the last visit
 * @see "statistics/methods.md, nextInterval; Cepeda et al. 2006"
 */
public record Spacing(int intervalDays, double daysSince) {
    /** One visit: how it went. */
    public record Visit(int made, int attempts) {}

    /** After these visits, oldest first; at least one. */
    public static Spacing after(List<Visit> visits, double daysSinceLast) {
        int interval = 1;
        for (Visit visit : visits) {
            interval = NextStation.intervalDays(interval, visit.made(), visit.attempts());
        }
        return new Spacing(interval, daysSinceLast);
    }

    public boolean due() {
        return daysSince >= intervalDays;
    }
}
