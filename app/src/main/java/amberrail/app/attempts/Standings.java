package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Tries;
import amberrail.core.drill.Drill;
import amberrail.core.drill.NextStep;
import amberrail.core.drill.Station;
import amberrail.core.drill.TryScore;
import amberrail.core.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;

/**
 * Where students stand with the rules, worked out anew from the stored attempts each time. A run counts from when the student last came to
 * the station, so whoever was sent back begins afresh; the most tries count over the whole session.
 */
@Component
class Standings {
    private final AttemptRepository attempts;
    private final DrillCatalogue drills;
    private final SetUps setUps;

    Standings(AttemptRepository attempts, DrillCatalogue drills, SetUps setUps) {
        this.attempts = attempts;
        this.drills = drills;
        this.setUps = setUps;
    }

    /** Of every student at every station and side of every drill of a session. */
    List<StandingView> all(PracticeSession session) {
        List<TriedShot> played = attempts.tried(session.id());
        List<StandingView> standings = new ArrayList<>();
        for (UUID student : session.studentIds()) {
            for (PracticeSession.DrillVersion version : session.drills()) {
                Drill drill = drills.version(version.drillId(), version.version());
                List<TriedShot> whose = played.stream()
                        .filter(shot -> shot.studentId().equals(student)
                                && shot.drillId().equals(drill.id()))
                        .toList();
                for (int index = 0; index < drill.stations().size(); index++) {
                    int station = index;
                    List<TriedShot> here = whose.stream()
                            .filter(shot -> shot.station() == station)
                            .toList();
                    long cameAfter = whose.stream()
                            .filter(shot -> shot.station() != station)
                            .mapToLong(TriedShot::sequence)
                            .max()
                            .orElse(-1);
                    standings.addAll(bothSides(session, student, drill, station, here, cameAfter));
                }
            }
        }
        return standings;
    }

    StandingView one(PracticeSession session, UUID student, Drill drill, int station, boolean mirrored) {
        List<TriedShot> tried = attempts.tried(session.id(), student, drill.id(), station);
        long cameAfter = tried.isEmpty() ? -1 : tried.get(0).cameAfter();
        return bothSides(session, student, drill, station, tried, cameAfter).get(mirrored ? 1 : 0);
    }

    /** The original's, then the mirror's; {@code cameAfter} is the last place in the order that the student has at another station. */
    private List<StandingView> bothSides(
            PracticeSession session, UUID student, Drill drill, int station, List<TriedShot> tried, long cameAfter) {
        boolean hasMirror = hasMirror(session, drill, station);
        List<StandingView> sides = new ArrayList<>();
        for (boolean mirrored : new boolean[] {false, true}) {
            Predicate<TriedShot> thisVisit = shot -> shot.sequence() > cameAfter;
            List<TryScore> here = tries(session, drill, station, mirrored, tried, thisVisit);
            List<TryScore> other = tries(session, drill, station, !mirrored, tried, thisVisit);
            int inAll = tries(session, drill, station, mirrored, tried, shot -> true)
                    .size();
            Station asked = drill.station(station);
            sides.add(StandingView.of(
                    student,
                    drill.id(),
                    station,
                    mirrored,
                    asked.rule().progress(here),
                    inAll,
                    NextStep.after(drill, station, mirrored, here, other, hasMirror, inAll)));
        }
        return sides;
    }

    private List<TryScore> tries(
            PracticeSession session,
            Drill drill,
            int station,
            boolean mirrored,
            List<TriedShot> tried,
            Predicate<TriedShot> which) {
        List<Tries.PlayedOne> played = tried.stream()
                .filter(shot -> shot.mirrored() == mirrored && which.test(shot))
                .map(shot -> new Tries.PlayedOne(
                        shot.tryId(),
                        shot.shot(),
                        Judge.judge(
                                setUps.drawn(SetUp.of(drill, station, shot.shot(), mirrored, session.table())),
                                shot.toAttempt())))
                .toList();
        return Tries.of(played, drill.station(station).shots().size());
    }

    private boolean hasMirror(PracticeSession session, Drill drill, int station) {
        SetUp original = SetUp.of(drill, station, 0, false, session.table());
        return !setUps.drawn(original).isLaidOutAs(setUps.drawn(original.onSide(true)));
    }
}
