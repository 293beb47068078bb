package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.sessions.SessionService;
import amberrail.core.attempt.StationCount;
import amberrail.core.drill.Station;
import amberrail.core.table.TableSpec;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts attempts of one student at one station of a session; nobody is asked who they are, so no endpoint calls this. */
@Service
public class PlayedStations {
    private final AttemptRepository attempts;
    private final AttemptJudging judging;
    private final SessionService sessions;
    private final DrillCatalogue drills;

    PlayedStations(AttemptRepository attempts, AttemptJudging judging, SessionService sessions, DrillCatalogue drills) {
        this.attempts = attempts;
        this.judging = judging;
        this.sessions = sessions;
        this.drills = drills;
    }

    /** Undone ones left out. */
    @Transactional(readOnly = true)
    public StationCount count(StationPlayed place) {
        TableSpec table = sessions.tableOf(place.sessionId());
        Station station = drills.version(place.drillId(), place.drillVersion()).station(place.station());
        return StationCount.of(
                attempts.at(place.sessionId(), place.studentId(), place.drillId(), place.station()).stream()
                        .map(row -> judging.counted(table, row))
                        .toList(),
                station.shots().size(),
                station.rule());
    }
}
