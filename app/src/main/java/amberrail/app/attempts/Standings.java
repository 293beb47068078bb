package amberrail.app.attempts;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Judge;
import amberrail.core.attempt.Tries;
import amberrail.core.drill.Drill;
import amberrail.core.drill.NextStep;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Station;
import amberrail.core.drill.TryScore;
import amberrail.core.setup.SetUp;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
                    List<JudgedShot> judged = judged(session, drill, station, here);
                    for (boolean mirrored : new boolean[] {false, true}) {
                        standings.add(side(session, student, drill, station, judged, cameAfter, mirrored));
                    }
                }
            }
        }
        return standings;
    }

    StandingView one(PracticeSession session, UUID student, Drill drill, int station, boolean mirrored) {
        List<TriedShot> tried = attempts.tried(session.id(), student, drill.id(), station);
        long cameAfter = tried.isEmpty() ? -1 : tried.get(0).cameAfter();
        return side(session, student, drill, station, judged(session, drill, station, tried), cameAfter, mirrored);
    }

    /** One side's; {@code cameAfter} is the last place in the order that the student has at another station. */
    private StandingView side(
            PracticeSession session,
            UUID student,
            Drill drill,
            int station,
            List<JudgedShot> played,
            long cameAfter,
            boolean mirrored) {
        Station asked = drill.station(station);
        int shots = asked.shots().size();
        Predicate<JudgedShot> thisSide = shot -> shot.mirrored() == mirrored;
        Predicate<JudgedShot> thisVisit = shot -> shot.sequence() > cameAfter;
        List<TryScore> here = tries(played, thisSide.and(thisVisit), shots);
        List<TryScore> other = tries(played, thisSide.negate().and(thisVisit), shots);
        int inAll = tries(played, thisSide, shots).size();
        return StandingView.of(
                student,
                drill.id(),
                station,
                mirrored,
                asked.rule().progress(here),
                inAll,
                NextStep.after(drill, station, mirrored, here, other, hasMirror(session, drill, station), inAll));
    }

    private static List<TryScore> tries(List<JudgedShot> played, Predicate<JudgedShot> which, int shots) {
        return Tries.of(played.stream().filter(which).map(JudgedShot::shot).toList(), shots);
    }

    /** A shot of a visit, judged once for every question about it. */
    private record JudgedShot(boolean mirrored, long sequence, Tries.PlayedOne shot) {}

    private List<JudgedShot> judged(PracticeSession session, Drill drill, int station, List<TriedShot> tried) {
        Map<Lie, ShotLayout> layouts = new HashMap<>();
        return tried.stream()
                .map(one -> {
                    ShotLayout layout = layouts.computeIfAbsent(
                            new Lie(one.shot(), one.mirrored()),
                            lie -> setUps.drawn(SetUp.of(drill, station, lie.shot(), lie.mirrored(), session.table())));
                    return new JudgedShot(
                            one.mirrored(),
                            one.sequence(),
                            new Tries.PlayedOne(one.tryId(), one.shot(), Judge.judge(layout, one.toAttempt())));
                })
                .toList();
    }

    /** Which of a station's layouts: looking one up by its content takes longer than judging by it. */
    private record Lie(int shot, boolean mirrored) {}

    private boolean hasMirror(PracticeSession session, Drill drill, int station) {
        SetUp original = SetUp.of(drill, station, 0, false, session.table());
        return !setUps.drawn(original).isLaidOutAs(setUps.drawn(original.onSide(true)));
    }
}
