package amberrail.app.attempts;

import amberrail.app.attempts.Visit.JudgedShot;
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
 * Where students stand with the rules, worked out from the stored attempts. A run counts from when the student last came to
 * the station, so whoever was sent back begins afresh; the most tries count over the whole session.
 */
@Component
class Standings {
    private final AttemptRepository attempts;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final KeptVisits kept;

    Standings(AttemptRepository attempts, DrillCatalogue drills, SetUps setUps, KeptVisits kept) {
        this.attempts = attempts;
        this.drills = drills;
        this.setUps = setUps;
        this.kept = kept;
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
                    Visit visit = new Visit(cameAfter, judged(session, drill, station, here));
                    for (boolean mirrored : new boolean[] {false, true}) {
                        standings.add(side(session, student, drill, station, visit, mirrored));
                    }
                }
            }
        }
        return standings;
    }

    /** A visit as it was before a write, and the number of changes that its student's attempts at the drill have with that write. */
    record Before(KeptVisits.Place place, long changes, Visit visit) {}

    /**
     * Within the transaction of a write, with its change of this place told, once, and nothing else of it done: what its student has played there.
     */
    Before beforeWrite(PracticeSession session, Drill drill, StationPlayed written) {
        KeptVisits.Place place =
                new KeptVisits.Place(session.id(), written.studentId(), written.drillId(), written.station());
        // Asked for before the attempts: another station's that come in between are then found by the next number of
        // changes.
        long changes = attempts.changes(session.id(), written.studentId(), drill.id());
        return new Before(place, changes, kept.asOf(place, changes - 1).orElseGet(() -> read(session, drill, place)));
    }

    /** The visit with what was written. */
    Visit with(PracticeSession session, Drill drill, Before before, AttemptEntity row) {
        return row.deleted
                ? before.visit().without(row.id)
                : before.visit()
                        .with(judged(session, drill, row.station, List.of(TriedShot.of(row)))
                                .get(0));
    }

    /** Once it is done: where the student of the written attempt stands at its station and side. */
    StandingView afterWrite(PracticeSession session, Drill drill, AttemptEntity row, Before before, Visit visit) {
        kept.keepAfterCommit(before.place(), before.changes(), visit);
        return side(session, row.studentId, drill, row.station, visit, row.mirrored);
    }

    /** The same for whoever only asks. */
    StandingView at(PracticeSession session, Drill drill, AttemptEntity row) {
        return side(
                session, row.studentId, drill, row.station, read(session, drill, place(session, row)), row.mirrored);
    }

    private static KeptVisits.Place place(PracticeSession session, AttemptEntity row) {
        return new KeptVisits.Place(session.id(), row.studentId, row.drillId, row.station);
    }

    private Visit read(PracticeSession session, Drill drill, KeptVisits.Place place) {
        List<TriedShot> tried = attempts.tried(session.id(), place.studentId(), drill.id(), place.station());
        // Without a shot there is no row that says it.
        long cameAfter = tried.isEmpty()
                ? attempts.cameAfter(session.id(), place.studentId(), drill.id(), place.station())
                : tried.get(0).cameAfter();
        return new Visit(cameAfter, judged(session, drill, place.station(), tried));
    }

    private StandingView side(
            PracticeSession session, UUID student, Drill drill, int station, Visit visit, boolean mirrored) {
        Station asked = drill.station(station);
        int shots = asked.shots().size();
        Predicate<JudgedShot> thisSide = shot -> shot.mirrored() == mirrored;
        Predicate<JudgedShot> thisVisit = shot -> shot.sequence() > visit.cameAfter();
        List<JudgedShot> played = visit.shots();
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

    private List<JudgedShot> judged(PracticeSession session, Drill drill, int station, List<TriedShot> tried) {
        Map<Lie, ShotLayout> layouts = new HashMap<>();
        return tried.stream()
                .map(one -> {
                    ShotLayout layout = layouts.computeIfAbsent(
                            new Lie(one.shot(), one.mirrored()),
                            lie -> setUps.drawn(SetUp.of(drill, station, lie.shot(), lie.mirrored(), session.table())));
                    return new JudgedShot(
                            one.id(),
                            one.mirrored(),
                            one.sequence(),
                            one.deviceId(),
                            new Tries.PlayedOne(one.tryId(), one.shot(), Judge.judge(layout, one.toAttempt())),
                            one.cueLeftAt());
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
