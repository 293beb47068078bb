package amberrail.app.people;

import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everybody of the club with who coaches them and how they come in; who has left is archived with everything recorded, never deleted. */
@Service
@Transactional
public class Roster {
    private final AccountRepository accounts;
    private final CoachingRepository coachings;
    private final InvitationRepository invitations;
    private final Access access;
    private final Concerned concerned;
    private final OpenSignIns signIns;
    private final Clock clock;

    Roster(
            AccountRepository accounts,
            CoachingRepository coachings,
            InvitationRepository invitations,
            Access access,
            Concerned concerned,
            OpenSignIns signIns,
            Clock clock) {
        this.accounts = accounts;
        this.coachings = coachings;
        this.invitations = invitations;
        this.access = access;
        this.concerned = concerned;
        this.signIns = signIns;
        this.clock = clock;
    }

    /**
     * A person as whoever looks after them sees them.
     *
     * @param coachIds  of a student's coaches
     * @param linkUntil how long a one-time link that was not used yet is good for
     */
    public record Entry(PersonView person, List<UUID> coachIds, Optional<Instant> linkUntil, boolean archived) {}

    /** For the head coach everybody, for a coach their students; by name. */
    @Transactional(readOnly = true)
    public List<Entry> of(SignedIn who) {
        access.requireCoach(who);
        List<AccountEntity> people =
                who.headCoach() ? accounts.findAllByOrderByName() : accounts.everyStudentOf(who.accountId());
        Map<UUID, List<UUID>> coaches = coachings.findAll().stream()
                .collect(Collectors.groupingBy(
                        one -> one.id.studentId(), Collectors.mapping(one -> one.id.coachId(), Collectors.toList())));
        Map<UUID, Instant> links = invitations.findByExpiresAtAfter(Instant.now(clock)).stream()
                .collect(Collectors.toMap(one -> one.accountId, one -> one.expiresAt, (one, other) -> other));
        return people.stream()
                .filter(account -> !account.id.equals(FormerWriter.ID))
                .map(account -> new Entry(
                        PersonView.of(account),
                        coaches.getOrDefault(account.id, List.of()),
                        Optional.ofNullable(links.get(account.id)),
                        account.archivedAt != null))
                .toList();
    }

    /** Takes somebody out of every list; their sign-ins and their link end. */
    public void archive(SignedIn who, UUID id) {
        AccountEntity account = lookedAfter(who, id);
        if (account.headCoach) {
            throw new NotAllowed("The head coach stays.");
        }
        requireNobodyLeftAlone(account);
        if (account.archivedAt == null) {
            account.archivedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        }
        invitations.deleteByAccountId(id);
        signIns.endAll(id);
    }

    public void restore(SignedIn who, UUID id) {
        lookedAfter(who, id).archivedAt = null;
    }

    /** The one-time link of this person, if there is one, opens nothing from now on. */
    public void endLink(SignedIn who, UUID id) {
        lookedAfter(who, id);
        invitations.deleteByAccountId(id);
    }

    private AccountEntity lookedAfter(SignedIn who, UUID id) {
        access.requireCoach(who);
        concerned.with(id);
        return accounts.hold(id)
                .filter(account -> !account.id.equals(FormerWriter.ID))
                .filter(account -> who.headCoach() || access.coaches(who, account.id))
                .orElseThrow(() -> new Missing("person"));
    }

    private void requireNobodyLeftAlone(AccountEntity coach) {
        Set<UUID> theirs = coach.role == Role.COACH ? coachings.studentsOf(coach.id) : Set.of();
        long alone = accounts.findAllById(theirs).stream()
                .filter(student -> student.archivedAt == null)
                .filter(student -> coachings.findByIdStudentId(student.id).size() == 1)
                .count();
        if (alone > 0) {
            throw new Conflict(
                    "STUDENTS_LEFT_ALONE",
                    coach.name + " is the only coach of " + alone + (alone == 1 ? " student" : " students")
                            + ". Add another coach to them first.",
                    null);
        }
    }
}
