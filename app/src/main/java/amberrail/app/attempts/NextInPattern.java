package amberrail.app.attempts;

import amberrail.app.sessions.PracticeSession;
import amberrail.app.setups.SetUps;
import amberrail.core.drill.Drill;
import amberrail.core.drill.TryResult;
import amberrail.core.setup.SetUp;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a pattern goes on: its next shot, from where the one before left the cue ball. */
@Service
@Transactional(readOnly = true)
public class NextInPattern {
    private final AttemptService attempts;
    private final AttemptJudging judging;
    private final SetUps setUps;

    NextInPattern(AttemptService attempts, AttemptJudging judging, SetUps setUps) {
        this.attempts = attempts;
        this.judging = judging;
        this.setUps = setUps;
    }

    /** The shot to play next: as it was planned, or from where the cue ball lies. */
    public record NextSetUp(SetUp setUp, boolean planned) {}

    /**
     * The shot of a pattern that follows an attempt, from where that one left the cue ball; empty where the try does not go on.
     */
    public Optional<NextSetUp> shotAfter(PracticeSession session, UUID id) {
        AttemptEntity row = attempts.row(session, id);
        Drill drill = judging.drill(row);
        int next = row.shot + 1;
        boolean goesOn = next < drill.station(row.station).shots().size()
                && !row.inOff
                && judging.recorded(session.table(), row).judgement().result() != TryResult.FAILURE;
        if (!goesOn) {
            return Optional.empty();
        }
        SetUp planned = SetUp.of(drill, row.station, next, row.mirrored, session.table());
        return Optional.of(TriedShot.of(row)
                .cueLeftAt()
                .filter(at -> drill.station(row.station).goesOnAt(next))
                .map(at -> setUps.playedFrom(planned, at))
                .filter(from -> !from.equals(planned))
                .map(from -> new NextSetUp(from, false))
                .orElseGet(() -> new NextSetUp(planned, true)));
    }
}
