package amberrail.app.plan;

import amberrail.app.people.SignedIn;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;

/** Who may change a plan: a student what they have made themselves, a coach whatever is for their own students only. */
final class PlanRights {
    private PlanRights() {}

    /** @param seen those of its students whom this person may see */
    static boolean mayChange(PlanEntity row, Set<UUID> seen, SignedIn who) {
        return mayChange(row.ownerId, row.pattern, row.studentIds, seen, who);
    }

    static boolean mayChange(UUID ownerId, boolean pattern, Collection<UUID> students, Set<UUID> seen, SignedIn who) {
        boolean allSeen = seen.containsAll(students);
        return ownerId.equals(who.accountId()) && (pattern || allSeen) || !pattern && who.isCoach() && allSeen;
    }
}
