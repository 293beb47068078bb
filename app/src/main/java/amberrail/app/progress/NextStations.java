package amberrail.app.progress;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.NextStationsView.NextStationView;
import amberrail.app.progress.StationChances.Choice;
import amberrail.app.progress.StationChances.OfStudent;
import amberrail.app.progress.StationChances.Standing;
import amberrail.app.results.StationResult;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.NextStation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** For each skill the stations that a student will make three times in five to three in four: hard enough to learn from. */
@Service
public class NextStations {
    private static final int OF_EACH_SKILL = 3;

    private final StationChances chances;
    private final Access access;

    NextStations(StationChances chances, Access access) {
        this.chances = chances;
        this.access = access;
    }

    public NextStationsView of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        OfStudent student = chances.of(who, studentId);
        List<NextStationView> chosen = new ArrayList<>();
        for (Skill skill : Skill.values()) {
            best(student.choices().get(skill)).forEach(one -> chosen.add(view(skill, student, one)));
        }
        return new NextStationsView(
                student.table().id(), student.table().name(), NextStation.USUAL_LOW, NextStation.USUAL_HIGH, chosen);
    }

    /** The best, then the best of the other drills. */
    private static List<Choice> best(List<Choice> choices) {
        List<Choice> left = new ArrayList<>(choices);
        List<Choice> best = new ArrayList<>();
        while (best.size() < OF_EACH_SKILL) {
            Optional<NextStation> next = NextStation.of(
                    left.stream()
                            .map(one -> new NextStation.Candidate(
                                    one.chance().station(), one.chance().p()))
                            .toList(),
                    NextStation.USUAL_LOW,
                    NextStation.USUAL_HIGH);
            if (next.isEmpty() || !best.isEmpty() && !next.get().inBand()) {
                break;
            }
            Choice found = left.stream()
                    .filter(one -> one.chance().station().equals(next.get().id()))
                    .findFirst()
                    .orElseThrow();
            best.add(found);
            left.removeIf(one -> one.drill().id().equals(found.drill().id()));
        }
        return best;
    }

    private static NextStationView view(Skill skill, OfStudent student, Choice one) {
        Standing standing = student.standings().get(skill);
        List<StationResult> before = student.at(one.drill(), one.station());
        double p = one.chance().p();
        return new NextStationView(
                skill,
                one.drill().id(),
                one.drill().title(),
                one.station(),
                one.drill().station(one.station()).name(),
                p,
                one.chance().lower(),
                one.chance().upper(),
                p >= NextStation.USUAL_LOW && p <= NextStation.USUAL_HIGH,
                GradeScale.grade(one.difficulty()),
                GradeScale.grade(standing.logits()),
                GradeScale.points(standing.se()),
                standing.untried(),
                before.stream().mapToInt(result -> result.count().tries()).sum(),
                before.isEmpty() ? null : before.get(before.size() - 1).startedAt());
    }
}
