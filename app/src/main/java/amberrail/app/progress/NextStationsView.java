package amberrail.app.progress;

import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Skill;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What a student might play next, by skill.
 *
 * @param tableId where: the table of their last session, else the club's first
 */
public record NextStationsView(
        UUID tableId, String tableName, double bandLow, double bandHigh, List<NextStationView> stations) {
    /**
     * A station and why.
     *
     * @param p             expected success, with its 95 % limits
     * @param inBand        whether that lies between {@code bandLow} and {@code bandHigh}
     * @param studentTries  of this student there; 0: they have not played it
     * @param stationGrade  from simulation and, where anybody has played it, from results
     */
    public record NextStationView(
            Skill skill,
            String drillId,
            String drillTitle,
            int station,
            String stationName,
            double p,
            double lower,
            double upper,
            boolean inBand,
            double stationGrade,
            double studentGrade,
            double studentGradeSe,
            boolean skillUntried,
            int studentTries,
            @MayBeMissing Instant lastPlayedAt) {}
}
