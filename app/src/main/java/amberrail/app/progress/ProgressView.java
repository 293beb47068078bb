package amberrail.app.progress;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.Verdict;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A student over time.
 *
 * @param attempts that it comes of, over all sessions
 * @param weeks    from the first to the last with practice, oldest first, none left out
 * @param potting  all pots of all stations together: which drills were played moves it too
 */
public record ProgressView(
        UUID studentId,
        String studentName,
        int attempts,
        int sessions,
        double minutes,
        @MayBeMissing OverallChange overall,
        List<SkillProgress> skills,
        List<WeekPoint> weeks,
        SuccessTrend potting,
        List<DrillSpread> spreads,
        List<StationProgress> stations,
        List<MilestoneView> milestones) {

    /** What all skills say together: points now against six weeks ago, with its 95 % interval. */
    public record OverallChange(
            Verdict verdict,
            double change,
            double lower,
            double upper,
            @MayBeMissing Double visible) {}

    /** Ability in a week, by its last day; grade with its standard error in points. */
    public record AbilityPoint(LocalDate week, double grade, double gradeSe, int tries) {}

    /**
     * Ability in one skill on the scale 0 to 1000.
     *
     * @param change  now against six weeks ago, in points, drawn towards what all skills say together; with its 97.5 % interval, since they share a
     *     page
     * @param note    all made ("at least") or all missed ("at most")
     */
    public record SkillProgress(
            Skill skill,
            List<AbilityPoint> points,
            @MayBeMissing String note,
            Verdict verdict,
            @MayBeMissing Double change,
            @MayBeMissing Double changeLower,
            @MayBeMissing Double changeUpper,
            @MayBeMissing Reason reason) {}

    /** One week, from its Monday (UTC). */
    public record WeekPoint(LocalDate week, double minutes, int sessions, int attempts, int pots, int potted) {}

    /** Spread of one drill's landings in a session, stations and sides each about their own mean; standard deviations with 95 % intervals. */
    public record SpreadPoint(
            UUID sessionId,
            Instant startedAt,
            int landings,
            double sdLineMillimetres,
            double lineLower,
            double lineUpper,
            double sdSpeedMillimetres,
            double speedLower,
            double speedUpper) {}

    public record DrillSpread(String drillId, String drillTitle, List<SpreadPoint> sessions) {}

    /** One session at a station, original and mirror together; {@code meanRadialMillimetres} is geometric, of made pots. */
    public record SessionPoint(
            UUID sessionId,
            Instant startedAt,
            int successes,
            int judged,
            int potted,
            int attempts,
            int landings,
            boolean passed,
            @MayBeMissing Double meanRadialMillimetres) {}

    /**
     * Success over the sessions (Firth's logistic trend).
     *
     * @param fittedFirst share at the first session as the trend has it
     * @param oddsRatio   for one session more
     * @param phi         how much more form varies from day to day than chance explains
     */
    public record SuccessTrend(
            Verdict verdict,
            @MayBeMissing Double oddsRatio,
            @MayBeMissing Double oddsLower,
            @MayBeMissing Double oddsUpper,
            @MayBeMissing Double fittedFirst,
            @MayBeMissing Double fittedLast,
            @MayBeMissing Double phi,
            @MayBeMissing Reason reason) {}

    /** Distance from the target over the sessions (Theil and Sen): change for one session more, negative is closer. */
    public record DistanceTrend(
            Verdict verdict,
            @MayBeMissing Double change,
            @MayBeMissing Double changeLower,
            @MayBeMissing Double changeUpper,
            @MayBeMissing Reason reason) {}

    /** One station, sessions oldest first. */
    public record StationProgress(
            String drillId,
            String drillTitle,
            Skill skill,
            int station,
            String stationName,
            boolean passed,
            List<SessionPoint> sessions,
            SuccessTrend success,
            DistanceTrend distance) {}

    /** What a milestone is about. */
    public enum MilestoneKind {
        /** The first time that a station's rule was met. */
        STATION_PASSED,
        /** The last station of a drill was passed. */
        DRILL_FINISHED,
        /** So many attempts in all: 100, 250, 500, 1000 and so on. */
        ATTEMPTS
    }

    /** Something reached for the first time. */
    public record MilestoneView(
            MilestoneKind kind,
            Instant at,
            UUID sessionId,
            @MayBeMissing String drillTitle,
            @MayBeMissing Integer station,
            @MayBeMissing String stationName,
            @MayBeMissing Integer attempts) {}
}
