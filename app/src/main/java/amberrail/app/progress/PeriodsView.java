package amberrail.app.progress;

import amberrail.app.web.MayBeMissing;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.Verdict;
import java.time.LocalDate;
import java.util.List;

/**
 * Two periods of a student beside each other, every drill and station at once.
 *
 * @param overall  over all stations that were played in both, each held against itself
 * @param stations those, with the clearest change first
 * @param orderChanged whether most of the one was practised in blocks and most of the other in turns
 * @param onlyOnce titles of drills that were played in one of the two periods only, or in another version or on another table
 */
record PeriodsView(
        String studentName,
        PeriodView earlier,
        PeriodView later,
        PeriodChange overall,
        List<StationChange> stations,
        boolean orderChanged,
        List<String> onlyOnce) {

    /** Days, both included, and what lies within them; of some sessions nobody has said how their drills were ordered. */
    record PeriodView(LocalDate from, LocalDate to, int sessions, int tries, int blockedTries, int mixedTries) {}

    /**
     * A change of the share of tries that succeeded.
     *
     * @param difference later less earlier, -1 to 1
     * @param lower      of its interval
     * @param visible    the smallest change (0 to 1) that figures as many as these show four times out of five
     */
    record PeriodChange(
            @MayBeMissing Double difference,
            @MayBeMissing Double lower,
            @MayBeMissing Double upper,
            @MayBeMissing Double visible,
            Verdict verdict,
            @MayBeMissing Reason reason) {}

    /** One station of one drill version on one table; {@code station} from 0. */
    record StationChange(
            String drillId,
            String drillTitle,
            int station,
            String stationName,
            int earlierMade,
            int earlierTries,
            int laterMade,
            int laterTries,
            PeriodChange change) {}
}
