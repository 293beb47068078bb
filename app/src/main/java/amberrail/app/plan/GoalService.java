package amberrail.app.plan;

import amberrail.app.ability.Abilities;
import amberrail.app.ability.AbilityModel;
import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.PlausibleDays;
import amberrail.core.drill.Skill;
import amberrail.core.plan.GoalOutlook;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.statistics.RaschFit;
import amberrail.core.statistics.SkillChanges;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps goals and says what is realistic. */
@Service
class GoalService {
    /** A skill that nobody has given a weight counts like any other. */
    static final double USUAL_WEIGHT = 1;

    private final GoalRepository goals;
    private final AbilityModel model;
    private final Access access;
    private final PeopleService people;
    private final Clock clock;

    GoalService(GoalRepository goals, AbilityModel model, Access access, PeopleService people, Clock clock) {
        this.goals = goals;
        this.model = model;
        this.access = access;
        this.people = people;
        this.clock = clock;
    }

    /** One skill's goal; a grade without a day, or a day without a grade, is refused. */
    record Wanted(Skill skill, double weight, Optional<Integer> grade, Optional<LocalDate> byDay) {}

    @Transactional(readOnly = true)
    GoalsView of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return view(studentId);
    }

    /** All of them at once; a skill that is not named goes back to the usual weight and no goal. */
    @Transactional
    GoalsView keep(SignedIn who, UUID studentId, List<Wanted> wanted) {
        access.requireStudent(who, studentId);
        LocalDate earliest = LocalDate.now(clock.withZone(ZoneOffset.UTC)).minusDays(1);
        Map<Skill, GoalEntity> before = bySkill(studentId);
        for (Wanted one : wanted) {
            one.byDay().ifPresent(day -> PlausibleDays.within("byDay", day));
            if (one.grade().isPresent() != one.byDay().isPresent()) {
                throw one.grade().isPresent()
                        ? InvalidInputException.told(
                                ProblemCode.INVALID_PARAMETER, "byDay", "A goal needs a day, too: choose by when")
                        : InvalidInputException.told(
                                ProblemCode.INVALID_PARAMETER, "grade", "A day alone is no goal: choose a grade, too");
            }
            boolean sameDay = before.containsKey(one.skill())
                    && one.byDay().equals(Optional.ofNullable(before.get(one.skill()).byDay));
            if (!sameDay && one.byDay().filter(day -> day.isBefore(earliest)).isPresent()) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, "byDay", one.byDay().get(), "must not be in the past");
            }
        }
        // Rows that stay are changed in place: deleted past Hibernate, they would be taken for still there.
        for (Wanted one : wanted) {
            GoalEntity row = Optional.ofNullable(before.remove(one.skill())).orElseGet(GoalEntity::new);
            row.studentId = studentId;
            row.skill = one.skill();
            row.weight = one.weight();
            row.grade = one.grade().orElse(null);
            row.byDay = one.byDay().orElse(null);
            goals.save(row);
        }
        goals.deleteAll(before.values());
        goals.flush();
        return view(studentId);
    }

    private Map<Skill, GoalEntity> bySkill(UUID studentId) {
        Map<Skill, GoalEntity> rows = new EnumMap<>(Skill.class);
        goals.findByStudentId(studentId).forEach(row -> rows.put(row.skill, row));
        return rows;
    }

    /** What plans take from it: a weight for every skill, and a need (0 to 1) where there is a goal. Whoever calls this has checked who asks. */
    record ForPlans(Map<Skill, Double> weights, Map<Skill, Double> need) {}

    @Transactional(readOnly = true)
    ForPlans forPlans(UUID studentId) {
        Map<Skill, GoalEntity> rows = bySkill(studentId);
        Abilities abilities = model.current();
        Map<Skill, Double> weights = new EnumMap<>(Skill.class);
        Map<Skill, Double> need = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            GoalEntity row = rows.get(skill);
            weights.put(skill, row == null ? USUAL_WEIGHT : row.weight);
            if (row != null && row.grade != null) {
                need.put(
                        skill,
                        abilities
                                .ability(studentId, skill)
                                .map(placed -> GoalOutlook.need(row.grade, placed.grade()))
                                .orElse(1.0));
            }
        }
        return new ForPlans(weights, need);
    }

    private GoalsView view(UUID studentId) {
        Map<Skill, GoalEntity> rows = bySkill(studentId);
        Abilities abilities = model.current();
        SkillChanges changes = abilities.changes(studentId);
        List<GoalsView.GoalView> views = new ArrayList<>();
        for (Skill skill : Skill.values()) {
            views.add(view(studentId, skill, Optional.ofNullable(rows.get(skill)), abilities, changes));
        }
        return new GoalsView(studentId, people.person(studentId).name(), views);
    }

    private GoalsView.GoalView view(
            UUID studentId, Skill skill, Optional<GoalEntity> row, Abilities abilities, SkillChanges changes) {
        Optional<RaschFit.Placed> placed = abilities
                .ability(studentId, skill)
                .filter(one -> !one.note().equals(Optional.of(RaschFit.Note.NO_DATA)));
        Optional<GoalOutlook> outlook = row.filter(goal -> goal.grade != null)
                .map(goal -> GoalOutlook.of(
                        placed.map(one -> new GoalOutlook.Standing(one.grade(), one.gradeSe())),
                        changes.skills().stream()
                                .filter(one -> one.id().equals(skill.name()))
                                .map(SkillChanges.OfSkill::change)
                                .findFirst(),
                        goal.grade,
                        daysUntil(goal.byDay)));
        return new GoalsView.GoalView(
                skill,
                row.map(goal -> goal.weight).orElse(USUAL_WEIGHT),
                row.map(goal -> goal.grade).orElse(null),
                row.map(goal -> goal.byDay).orElse(null),
                placed.map(RaschFit.Placed::grade).orElse(null),
                placed.map(RaschFit.Placed::gradeSe).orElse(null),
                outlook.map(GoalOutlook::word).orElse(null),
                outlook.flatMap(GoalOutlook::grade).orElse(null),
                outlook.flatMap(GoalOutlook::within).map(x -> x.lower()).orElse(null),
                outlook.flatMap(GoalOutlook::within).map(x -> x.upper()).orElse(null));
    }

    private double daysUntil(LocalDate day) {
        return Math.max(0, ChronoUnit.DAYS.between(LocalDate.now(clock.withZone(ZoneOffset.UTC)), day));
    }
}
