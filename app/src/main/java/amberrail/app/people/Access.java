package amberrail.app.people;

import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Who may touch whose data: students their own, coaches their students', nobody else's. */
@Service
public class Access {
    private final CoachingRepository coachings;
    private final Concerned concerned;

    Access(CoachingRepository coachings, Concerned concerned) {
        this.coachings = coachings;
        this.concerned = concerned;
    }

    /** {@link Missing}, the same as for an unknown id, unless this person is the student or coaches them. */
    public void requireStudent(SignedIn who, UUID studentId) {
        if (!maySee(who, studentId)) {
            throw new Missing("student");
        }
    }

    /** Whether this person is the student or coaches them. */
    public boolean maySee(SignedIn who, UUID studentId) {
        boolean self = who.accountId().equals(studentId) && who.role() == Role.STUDENT;
        if (!self && coaches(who, studentId)) {
            concerned.with(studentId);
            return true;
        }
        return self;
    }

    /** Everybody of whom {@link #maySee} is true. */
    public Set<UUID> studentsSeenBy(SignedIn who) {
        return who.isCoach() ? coachings.studentsOf(who.accountId()) : Set.of(who.accountId());
    }

    /** The same with their names. */
    public Map<UUID, String> namesSeenBy(SignedIn who) {
        return coachings.namesSeenBy(who.accountId(), who.isCoach()).stream()
                .collect(Collectors.toMap(AccountName::getId, AccountName::getName));
    }

    /** Somebody by name. */
    interface AccountName {
        UUID getId();

        String getName();
    }

    /** Those of these students of whom {@link #maySee} is true, in one question. */
    public Set<UUID> seenBy(SignedIn who, List<UUID> studentIds) {
        if (who.isCoach()) {
            Set<UUID> seen = coachings.studentsOf(who.accountId(), studentIds);
            seen.forEach(concerned::with);
            return seen;
        }
        return studentIds.contains(who.accountId()) ? Set.of(who.accountId()) : Set.of();
    }

    public void requireCoach(SignedIn who) {
        if (!who.isCoach()) {
            throw new NotAllowed("Only a coach can do this.");
        }
    }

    public void requireHeadCoach(SignedIn who) {
        if (!who.headCoach()) {
            throw new NotAllowed("Only the head coach can do this.");
        }
    }

    boolean coaches(SignedIn who, UUID studentId) {
        return who.isCoach() && coachings.existsById(new CoachingEntity.Key(who.accountId(), studentId));
    }
}
