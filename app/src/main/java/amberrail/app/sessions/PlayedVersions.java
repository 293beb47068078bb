package amberrail.app.sessions;

import amberrail.app.drills.DrillUse;
import org.springframework.stereotype.Component;

/** Tells the drills which of their versions were played. */
@Component
class PlayedVersions implements DrillUse {
    private final PracticeSessionRepository sessions;

    PlayedVersions(PracticeSessionRepository sessions) {
        this.sessions = sessions;
    }

    @Override
    public boolean isPlayed(String drillId, int version) {
        return sessions.hasPlayed(drillId, version);
    }
}
