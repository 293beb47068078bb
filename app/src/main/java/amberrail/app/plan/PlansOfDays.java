package amberrail.app.plan;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans as a calendar wants them: by their days, without what has come of them. */
@Service
@Transactional
public class PlansOfDays {
    private static final int MOST = 1000;

    private final PlanRepository plans;
    private final PlanService service;
    private final Access access;

    PlansOfDays(PlanRepository plans, PlanService service, Access access) {
        this.plans = plans;
        this.service = service;
        this.access = access;
    }

    /** One plan; {@code students} are those whom the reader may see. */
    public record PlanOfDay(
            UUID id,
            String title,
            LocalDate day,
            double minutes,
            List<UUID> students,
            boolean mine,
            Instant changedAt) {}

    @Transactional(readOnly = true)
    public List<PlanOfDay> between(SignedIn who, LocalDate from, LocalDate to, Map<UUID, String> namesSeen) {
        if (namesSeen.isEmpty()) {
            return List.of();
        }
        List<PlanRepository.OnDay> rows = plans.onDays(namesSeen.keySet(), from, to, Limit.of(MOST));
        Map<UUID, List<UUID>> students = rows.isEmpty()
                ? Map.of()
                : plans
                        .studentsOf(
                                rows.stream().map(PlanRepository.OnDay::getId).toList())
                        .stream()
                        .collect(Collectors.groupingBy(
                                PlanRepository.ForStudent::getPlanId,
                                Collectors.mapping(PlanRepository.ForStudent::getStudentId, Collectors.toList())));
        return rows.stream()
                .map(row -> planOf(who, row, students.getOrDefault(row.getId(), List.of()), namesSeen.keySet()))
                .toList();
    }

    private static PlanOfDay planOf(SignedIn who, PlanRepository.OnDay row, List<UUID> students, Set<UUID> seen) {
        return new PlanOfDay(
                row.getId(),
                row.getTitle(),
                row.getOnDay(),
                row.getMinutes(),
                students.stream().filter(seen::contains).toList(),
                PlanRights.mayChange(row.getOwnerId(), false, students, seen, who),
                row.getChangedAt());
    }

    /** A lesson has moved: what was planned for exactly its students that day goes along, if this person may change it. */
    public void move(SignedIn who, Set<UUID> students, LocalDate from, LocalDate to) {
        Map<UUID, String> names = access.namesSeenBy(who);
        if (students.isEmpty() || from.equals(to)) {
            return;
        }
        plans.of(students, from, from, Limit.of(MOST)).stream()
                .filter(row -> from.equals(row.onDay) && new HashSet<>(row.studentIds).equals(students))
                .filter(row -> PlanRights.mayChange(row, names.keySet(), who))
                .forEach(row -> service.putOnDay(who, row.id, to));
    }
}
