package amberrail.app.progress;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillFromLibrary;
import amberrail.app.drills.KnownGrades;
import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.RaschFit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A student's chance at every station of the library on one table: by their results where they have some, else by simulation. */
@Component
public class StationChances {
    /** With fewer tries of the student at a station simulation speaks for it. */
    private static final int TRIES_FOR_AN_OWN_CHANCE = 10;

    private final AbilityModel model;
    private final StationResults results;
    private final DrillCatalogue drills;
    private final KnownGrades grades;
    private final KitService kit;

    StationChances(
            AbilityModel model, StationResults results, DrillCatalogue drills, KnownGrades grades, KitService kit) {
        this.model = model;
        this.results = results;
        this.drills = drills;
        this.grades = grades;
        this.kit = kit;
    }

    /** A station that may be chosen, its difficulty in logits and the student's chance. */
    public record Choice(Drill drill, int station, double difficulty, RaschFit.Expected chance) {}

    /** Where a student stands in a skill (logits); without results the prior. */
    public record Standing(double logits, double se, boolean untried) {}

    /**
     * Everything of one student.
     *
     * @param played oldest session first
     */
    public record OfStudent(
            KitService.ClubTable table,
            List<StationResult> played,
            Map<Skill, Standing> standings,
            Map<Skill, List<Choice>> choices) {

        /** Results at one station on this table. */
        List<StationResult> at(Drill drill, int station) {
            StationOnTable there = new StationOnTable(drill.id(), drill.version(), station, table.id());
            return played.stream().filter(one -> one.station().equals(there)).toList();
        }
    }

    /** On the table of their last session, else the club's first. Whoever calls this has checked who asks. */
    OfStudent of(SignedIn who, UUID studentId) {
        List<StationResult> played = results.ofStudent(studentId);
        KitService.ClubTable table = played.isEmpty()
                ? kit.tables().get(0)
                : kit.table(played.get(played.size() - 1).tableId());
        return of(studentId, played, library(who, table), table);
    }

    /** On a table that is named. Whoever calls this has checked who asks. */
    public OfStudent of(UUID studentId, List<Drill> library, KitService.ClubTable table) {
        return of(studentId, results.ofStudent(studentId), library, table);
    }

    /** What lies on a table of all that this person may use. */
    public List<Drill> library(SignedIn who, KitService.ClubTable table) {
        return drills.seenBy(who).drills().stream()
                .map(DrillFromLibrary::drill)
                .filter(drill -> drill.tables().contains(table.spec().id()))
                .toList();
    }

    private OfStudent of(UUID studentId, List<StationResult> played, List<Drill> library, KitService.ClubTable table) {
        Map<StationOnTable, Integer> tries = new HashMap<>();
        played.forEach(one -> tries.merge(one.station(), one.count().tries(), Integer::sum));
        Abilities abilities = model.current();
        Map<Skill, Standing> standings = new EnumMap<>(Skill.class);
        Map<Skill, List<Choice>> choices = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            Standing standing = standing(abilities, studentId, skill);
            standings.put(skill, standing);
            choices.put(skill, choices(abilities, studentId, skill, standing, library, table, tries));
        }
        return new OfStudent(table, played, standings, choices);
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
            Map<StationOnTable, Integer> tries) {
        Map<StationOnTable, RaschFit.Expected> fitted = abilities.chances(studentId, skill);
        List<Choice> choices = new ArrayList<>();
        for (Drill drill : library) {
            if (drill.primarySkill() != skill) {
                continue;
            }
            for (int station = 0; station < drill.stations().size(); station++) {
                StationOnTable there = new StationOnTable(drill.id(), drill.version(), station, table.id());
                RaschFit.Expected chance = fitted.get(there);
                boolean ofTheirOwn = tries.getOrDefault(there, 0) >= TRIES_FOR_AN_OWN_CHANCE;
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
}
