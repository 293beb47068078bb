package amberrail.app.people;

import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rules about people: who may add, invite, reset and hand over whom. */
@Service
@Transactional
public class PeopleService {
    private final EmptyClub emptyClub;
    private final AccountRepository accounts;
    private final CoachingRepository coachings;
    private final OneTimeLinks links;
    private final Access access;
    private final PasswordEncoder passwords;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PeopleService(
            EmptyClub emptyClub,
            AccountRepository accounts,
            CoachingRepository coachings,
            OneTimeLinks links,
            Access access,
            PasswordEncoder passwords,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.emptyClub = emptyClub;
        this.accounts = accounts;
        this.coachings = coachings;
        this.links = links;
        this.access = access;
        this.passwords = passwords;
        this.sessions = sessions;
        this.events = events;
        this.clock = clock;
    }

    /** The first coach of an empty installation is its head coach. */
    public synchronized SignedIn createFirstCoach(String name, String signInName, String password) {
        if (!emptyClub.needsFirstCoach()) {
            throw new Conflict("ALREADY_SET_UP", "This club has its first coach already. Sign in instead.", null);
        }
        AccountEntity coach = account(name, Role.COACH);
        coach.headCoach = true;
        setSignIn(coach, signInName, password);
        accounts.saveAndFlush(coach);
        events.publishEvent(new FirstCoachJoined(coach.id));
        return coach.signedIn();
    }

    /** The person with this sign-in name and password, if they belong together; costs the same time if they do not. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> signIn(String signInName, String password) {
        Optional<AccountEntity> account = accounts.findBySignInName(normal(signInName));
        String hash = account.map(a -> a.passwordHash).orElse(DecoyHash.of(passwords));
        boolean right = passwords.matches(password, hash);
        return account.filter(a -> right && a.passwordHash != null).map(AccountEntity::signedIn);
    }

    @Transactional(readOnly = true)
    public List<PersonView> studentsOf(SignedIn coach) {
        access.requireCoach(coach);
        return accounts.studentsOf(coach.accountId()).stream()
                .map(PersonView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<PersonView> coaches(SignedIn who) {
        access.requireCoach(who);
        return accounts.findByRoleOrderByName(Role.COACH).stream()
                .map(PersonView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<PersonView> allStudents(SignedIn who) {
        access.requireHeadCoach(who);
        return accounts.findByRoleOrderByName(Role.STUDENT).stream()
                .map(PersonView::of)
                .toList();
    }

    /** Every student of the club, by name, for what is worked out from all of them; nothing of it but figures may be shown to others. */
    @Transactional(readOnly = true)
    public List<UUID> studentIds() {
        return accounts.findByRoleOrderByName(Role.STUDENT).stream()
                .map(account -> account.id)
                .toList();
    }

    @Transactional(readOnly = true)
    public PersonView person(UUID id) {
        return PersonView.of(find(id));
    }

    @Transactional(readOnly = true)
    public Preferences preferences(SignedIn who) {
        return find(who.accountId()).preferences();
    }

    public Preferences changePreferences(SignedIn who, Preferences preferences) {
        find(who.accountId()).setPreferences(preferences);
        return preferences;
    }

    /** A new student of this coach, with a one-time link to set a password. */
    public Invited addStudent(SignedIn coach, String name) {
        access.requireCoach(coach);
        AccountEntity student = accounts.save(account(name, Role.STUDENT));
        coachings.save(new CoachingEntity(coach.accountId(), student.id));
        return new Invited(PersonView.of(student), links.issue(student.id));
    }

    public Invited addCoach(SignedIn head, String name) {
        access.requireHeadCoach(head);
        AccountEntity coach = accounts.save(account(name, Role.COACH));
        return new Invited(PersonView.of(coach), links.issue(coach.id));
    }

    /** A new one-time link: a coach for their students, the head coach for everyone. The old password works until it is used. */
    public Invited newLink(SignedIn coach, UUID accountId) {
        access.requireCoach(coach);
        AccountEntity account = accounts.findById(accountId)
                .filter(a -> coach.headCoach() || access.coaches(coach, a.id))
                .orElseThrow(() -> new Missing("person"));
        return new Invited(PersonView.of(account), links.issue(account.id));
    }

    /** Who a link is for, so that the page can greet them. */
    @Transactional(readOnly = true)
    public PersonView invited(String token) {
        return PersonView.of(find(links.accountOf(token)));
    }

    /** Sets name and password from a link; the link is used up and all older sign-ins of the account end. */
    public SignedIn accept(String token, String signInName, String password) {
        AccountEntity account = find(links.accountOf(token));
        setSignIn(account, signInName, password);
        links.use(token);
        sessions.findByPrincipalName(account.id.toString()).keySet().forEach(sessions::deleteById);
        return account.signedIn();
    }

    /** Lets a coach see a student too; a student has at most two coaches. */
    public void assignCoach(SignedIn head, UUID studentId, UUID coachId) {
        access.requireHeadCoach(head);
        requireRole(studentId, Role.STUDENT, "student");
        requireRole(coachId, Role.COACH, "coach");
        List<CoachingEntity> present = coachings.findByIdStudentId(studentId);
        boolean already = present.stream().anyMatch(c -> c.id.coachId().equals(coachId));
        if (!already && present.size() >= 2) {
            throw new Conflict("TWO_COACHES", "This student has two coaches already. Release one first.", null);
        }
        coachings.save(new CoachingEntity(coachId, studentId));
    }

    public void releaseCoach(SignedIn head, UUID studentId, UUID coachId) {
        access.requireHeadCoach(head);
        if (coachings.findByIdStudentId(studentId).size() <= 1) {
            throw new NotAllowed("A student needs a coach. Hand them to another coach first.");
        }
        coachings.deleteById(new CoachingEntity.Key(coachId, studentId));
    }

    @Transactional(readOnly = true)
    public List<UUID> coachIdsOf(UUID studentId) {
        return coachings.findByIdStudentId(studentId).stream()
                .map(c -> c.id.coachId())
                .toList();
    }

    private void requireRole(UUID id, Role role, String what) {
        if (accounts.findById(id).filter(a -> a.role == role).isEmpty()) {
            throw new Missing(what);
        }
    }

    private AccountEntity find(UUID id) {
        return accounts.findById(id).orElseThrow(() -> new Missing("person"));
    }

    private AccountEntity account(String name, Role role) {
        AccountEntity account = new AccountEntity();
        account.id = UUID.randomUUID();
        account.name = name.strip();
        account.signInName = "invited-" + account.id;
        account.role = role;
        account.createdAt = Instant.now(clock);
        account.setPreferences(Preferences.DEFAULT);
        return account;
    }

    private void setSignIn(AccountEntity account, String signInName, String password) {
        String wanted = normal(signInName);
        boolean taken = accounts.findBySignInName(wanted)
                .filter(other -> !other.id.equals(account.id))
                .isPresent();
        if (taken) {
            throw new Conflict("NAME_TAKEN", "Somebody here signs in as \"" + wanted + "\" already.", null);
        }
        account.signInName = wanted;
        account.passwordHash = passwords.encode(password);
    }

    private static String normal(String signInName) {
        return signInName.strip().toLowerCase(Locale.ROOT);
    }

    /** A person together with the token of their one-time link, shown once. */
    public record Invited(PersonView person, String token) {}
}
