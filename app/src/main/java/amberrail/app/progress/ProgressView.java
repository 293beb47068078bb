package amberrail.app.progress;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.Verdict;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A student over time.
 *
 * @param attempts that it comes of, over all sessions
 */
record ProgressView(UUID studentId, String studentName, int attempts, List<StationProgress> stations) {

    /** One session at a station, original and mirror together; {@code meanRadialMillimetres} is geometric, of made pots. */
    record SessionPoint(
            UUID sessionId,
            Instant startedAt,
            int successes,
            int judged,
            int potted,
            int attempts,
            int landings,
            @MayBeMissing Double meanRadialMillimetres) {}

    /**
     * Success over the sessions (Firth's logistic trend).
     *
     * @param fittedFirst share at the first session as the trend has it
     * @param oddsRatio   for one session more
     * @param phi         how much more form varies from day to day than chance explains
     */
    record SuccessTrend(
            Verdict verdict,
            @MayBeMissing Double oddsRatio,
            @MayBeMissing Double oddsLower,
            @MayBeMissing Double oddsUpper,
            @MayBeMissing Double fittedFirst,
            @MayBeMissing Double fittedLast,
            @MayBeMissing Double phi,
            @MayBeMissing Reason reason) {}

    /** Distance from the target over the sessions (Theil and Sen): change for one session more, negative is closer. */
    record DistanceTrend(
            Verdict verdict,
            @MayBeMissing Double change,
            @MayBeMissing Double changeLower,
            @MayBeMissing Double changeUpper,
            @MayBeMissing Reason reason) {}

    /** One station, sessions oldest first. */
    record StationProgress(
            String drillId,
            String drillTitle,
            Skill skill,
            int station,
            String stationName,
            List<SessionPoint> sessions,
            SuccessTrend success,
            DistanceTrend distance) {}
}
