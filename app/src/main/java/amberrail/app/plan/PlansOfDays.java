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
        return plans.of(namesSeen.keySet(), from, to, Limit.of(MOST)).stream()
                .filter(row -> row.onDay != null)
                .map(row -> new PlanOfDay(
                        row.id,
                        row.title,
                        row.onDay,
                        row.minutes,
                        row.studentIds.stream().filter(namesSeen::containsKey).toList(),
                        PlanService.mayChange(row, seen(row, namesSeen), who),
                        row.changedAt))
                .toList();
    }

    /** A lesson has moved: what was planned for exactly its students that day goes along, if this person may change it. */
    public void move(SignedIn who, Set<UUID> students, LocalDate from, LocalDate to) {
        Map<UUID, String> names = access.namesSeenBy(who);
        if (students.isEmpty() || from.equals(to)) {
            return;
        }
        plans.of(students, from, from, Limit.of(MOST)).stream()
                .filter(row -> from.equals(row.onDay) && new HashSet<>(row.studentIds).equals(students))
                .filter(row -> PlanService.mayChange(row, seen(row, names), who))
                .forEach(row -> service.putOnDay(who, row.id, to));
    }

    private static Set<UUID> seen(PlanEntity row, Map<UUID, String> names) {
        Set<UUID> seen = new HashSet<>(row.studentIds);
        seen.retainAll(names.keySet());
        return seen;
    }
}
