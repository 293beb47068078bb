package amberrail.app.progress;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.drills.KnownGrades;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.NextStationsView.NextStationView;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.NextStation;
import amberrail.core.statistics.RaschFit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** For each skill the stations that a student will make three times in five to three in four: hard enough to learn from. */
@Service
public class NextStations {
    private static final int OF_EACH_SKILL = 3;
    /** With fewer tries of the student at a station simulation speaks for it. */
    private static final int TRIES_FOR_AN_OWN_CHANCE = 10;

    private final AbilityModel model;
    private final StationResults results;
    private final DrillCatalogue drills;
    private final KnownGrades grades;
    private final KitService kit;
    private final Access access;

    NextStations(
            AbilityModel model,
            StationResults results,
            DrillCatalogue drills,
            KnownGrades grades,
            KitService kit,
            Access access) {
        this.model = model;
        this.results = results;
        this.drills = drills;
        this.grades = grades;
        this.kit = kit;
        this.access = access;
    }

    /** A station that may be chosen, its difficulty in logits and the student's chance. */
    private record Choice(Drill drill, int station, double difficulty, RaschFit.Expected chance) {}

    /** Where a student stands in a skill; without results the prior. */
    private record Standing(double logits, double se, boolean untried) {}

    public NextStationsView of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        List<StationResult> played = results.ofStudent(studentId);
        KitService.ClubTable table = played.isEmpty()
                ? kit.tables().get(0)
                : kit.table(played.get(played.size() - 1).tableId());
        Map<StationOnTable, List<StationResult>> before = new HashMap<>();
        played.forEach(one ->
                before.computeIfAbsent(one.station(), k -> new ArrayList<>()).add(one));
        List<Drill> library = drills.seenBy(who).drills().stream()
                .map(DrillFromLibrary::drill)
                .filter(drill -> drill.tables().contains(table.spec().id()))
                .toList();
        List<NextStationView> chosen = new ArrayList<>();
        Abilities abilities = model.current();
        for (Skill skill : Skill.values()) {
            Standing standing = standing(abilities, studentId, skill);
            List<Choice> choices = choices(abilities, studentId, skill, standing, library, table, before);
            best(choices).forEach(one -> chosen.add(view(skill, standing, one, table, before)));
        }
        return new NextStationsView(table.id(), table.name(), NextStation.USUAL_LOW, NextStation.USUAL_HIGH, chosen);
    }

    private static Standing standing(Abilities abilities, UUID studentId, Skill skill) {
        return abilities
                .ability(studentId, skill)
                .map(placed -> new Standing(
                        placed.logits(), placed.se(), placed.note().equals(Optional.of(RaschFit.Note.NO_DATA))))
                .orElse(new Standing(0, RaschFit.Prior.USUAL.sdNow(), true));
    }

    private List<Choice> choices(
            Abilities abilities,
            UUID studentId,
            Skill skill,
            Standing standing,
            List<Drill> library,
            KitService.ClubTable table,
            Map<StationOnTable, List<StationResult>> before) {
        Map<StationOnTable, RaschFit.Expected> fitted = abilities.chances(studentId, skill);
        List<Choice> choices = new ArrayList<>();
        for (Drill drill : library) {
            if (drill.primarySkill() != skill) {
                continue;
            }
            for (int station = 0; station < drill.stations().size(); station++) {
                StationOnTable there = new StationOnTable(drill.id(), drill.version(), station, table.id());
                RaschFit.Expected chance = fitted.get(there);
                boolean ofTheirOwn = tries(before.getOrDefault(there, List.of())) >= TRIES_FOR_AN_OWN_CHANCE;
                if (chance != null && ofTheirOwn) {
                    double difficulty =
                            abilities.difficulty(skill, there).orElseThrow().logits();
                    choices.add(new Choice(drill, station, difficulty, chance));
                } else {
                    simulated(studentId, standing, drill, station, there, table).ifPresent(choices::add);
                }
            }
        }
        return choices;
    }

    private static int tries(List<StationResult> results) {
        return results.stream().mapToInt(result -> result.count().tries()).sum();
    }

    /** What simulation says of a student of this ability; left out where nobody has worked out the station's grade: nothing is known of it then. */
    private Optional<Choice> simulated(
            UUID studentId,
            Standing standing,
            Drill drill,
            int station,
            StationOnTable there,
            KitService.ClubTable table) {
        return grades.simulated(drill, station, table.spec())
                .map(one -> new Choice(
                        drill,
                        station,
                        one.logits(),
                        RaschFit.untried(
                                studentId.toString(),
                                standing.logits(),
                                standing.se(),
                                new RaschFit.Station(there.id(), there.drill(), one.predicted(), one.slope()),
                                RaschFit.Prior.USUAL)));
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

    private static NextStationView view(
            Skill skill,
            Standing standing,
            Choice one,
            KitService.ClubTable table,
            Map<StationOnTable, List<StationResult>> played) {
        List<StationResult> before = played.getOrDefault(
                new StationOnTable(one.drill().id(), one.drill().version(), one.station(), table.id()), List.of());
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
                tries(before),
                before.isEmpty() ? null : before.get(before.size() - 1).startedAt());
    }
}
