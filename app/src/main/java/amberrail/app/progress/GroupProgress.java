package amberrail.app.progress;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.GroupProgressView.DueDrill;
import amberrail.app.progress.GroupProgressView.SkillInGroup;
import amberrail.app.progress.GroupProgressView.StudentInGroup;
import amberrail.app.results.DrillSpacing;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.GradeScale;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.RaschFit;
import amberrail.core.statistics.SkillChanges;
import amberrail.core.statistics.Spacing;
import amberrail.core.statistics.Verdict;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** A coach's whole group: who stands where, who is due, who stands still. */
@Service
class GroupProgress {
    private static final double MARGIN_LOGITS = 0.5;
    private static final Duration LATELY = Duration.ofDays(28);

    private final PeopleService people;
    private final StationResults results;
    private final AbilityModel model;
    private final DrillCatalogue drills;
    private final Clock clock;

    GroupProgress(
            PeopleService people, StationResults results, AbilityModel model, DrillCatalogue drills, Clock clock) {
        this.people = people;
        this.results = results;
        this.model = model;
        this.drills = drills;
        this.clock = clock;
    }

    GroupProgressView of(SignedIn coach) {
        Map<String, Drill> known = new HashMap<>();
        Abilities abilities = model.current();
        List<StudentInGroup> students = people.studentsOf(coach).stream()
                .map(person -> student(person, abilities, known))
                .toList();
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        students.forEach(student -> student.skills().forEach(one -> skills.add(one.skill())));
        return new GroupProgressView(List.copyOf(skills), students);
    }

    private StudentInGroup student(PersonView person, Abilities abilities, Map<String, Drill> known) {
        Instant now = Instant.now(clock);
        List<StationResult> all = results.ofStudent(person.id());
        List<StationResult> lately = all.stream()
                .filter(one -> one.startedAt().isAfter(now.minus(LATELY)))
                .toList();
        Map<Skill, List<StationResult>> bySkill = new EnumMap<>(Skill.class);
        all.forEach(one -> bySkill.computeIfAbsent(drill(one, known).primarySkill(), k -> new ArrayList<>())
                .add(one));
        List<SkillInGroup> skills = new ArrayList<>();
        SkillChanges changes = abilities.changes(person.id());
        bySkill.forEach(
                (skill, of) -> skill(abilities, changes, person.id(), skill, of).ifPresent(skills::add));
        return new StudentInGroup(
                person.id(),
                person.name(),
                all.isEmpty() ? null : all.get(all.size() - 1).startedAt(),
                (int) lately.stream()
                        .map(one -> one.place().sessionId())
                        .distinct()
                        .count(),
                lately.stream().mapToInt(one -> one.count().attempts()).sum(),
                skills,
                due(all, known, now));
    }

    private static Optional<SkillInGroup> skill(
            Abilities abilities, SkillChanges changes, UUID student, Skill skill, List<StationResult> of) {
        Optional<SkillChanges.Change> change = changes.skills().stream()
                .filter(one -> one.id().equals(skill.name()))
                .map(SkillChanges.OfSkill::change)
                .findFirst();
        Optional<Interval> interval = change.map(SkillChanges.Change::interval);
        return abilities
                .ability(student, skill)
                .map(placed -> new SkillInGroup(
                        skill,
                        placed.grade(),
                        placed.gradeSe(),
                        of.stream().mapToInt(one -> one.count().tries()).sum(),
                        placed.note().map(RaschFit.Note::name).orElse(null),
                        change.map(SkillChanges.Change::verdict).orElse(Verdict.NO_CLEAR_CHANGE_YET),
                        interval.filter(x -> Verdict.sameWithinMargin(x.lower(), x.upper(), 0, MARGIN_LOGITS))
                                .isPresent(),
                        change.map(x -> GradeScale.points(x.logits())).orElse(null),
                        interval.map(x -> GradeScale.points(x.lower())).orElse(null),
                        interval.map(x -> GradeScale.points(x.upper())).orElse(null)));
    }

    /** The longest overdue first. */
    private List<DueDrill> due(List<StationResult> all, Map<String, Drill> known, Instant now) {
        List<DueDrill> due = new ArrayList<>();
        DrillSpacing.byDrill(all, now).forEach((drillId, one) -> {
            Spacing spacing = one.spacing();
            if (spacing.due()) {
                due.add(new DueDrill(
                        drillId, drill(one.last(), known).title(), spacing.daysSince(), spacing.intervalDays()));
            }
        });
        due.sort(Comparator.comparing((DueDrill one) -> one.intervalDays() - one.daysSince())
                .thenComparing(DueDrill::drillTitle));
        return due;
    }

    private Drill drill(StationResult one, Map<String, Drill> known) {
        return known.computeIfAbsent(
                one.station().drill(),
                k -> drills.version(one.place().drillId(), one.place().drillVersion()));
    }
}
