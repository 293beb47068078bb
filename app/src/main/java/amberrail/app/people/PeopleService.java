package amberrail.app.people;

import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
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
    private final Concerned concerned;
    private final PasswordHashing hashing;
    private final OwnPasswords ownPasswords;
    private final AccountNotices notices;
    private final Passwords passwords;
    private final OpenSignIns signIns;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    PeopleService(
            EmptyClub emptyClub,
            AccountRepository accounts,
            CoachingRepository coachings,
            OneTimeLinks links,
            Access access,
            Concerned concerned,
            PasswordHashing hashing,
            OwnPasswords ownPasswords,
            AccountNotices notices,
            Passwords passwords,
            OpenSignIns signIns,
            ApplicationEventPublisher events,
            Clock clock) {
        this.emptyClub = emptyClub;
        this.accounts = accounts;
        this.coachings = coachings;
        this.links = links;
        this.access = access;
        this.concerned = concerned;
        this.hashing = hashing;
        this.ownPasswords = ownPasswords;
        this.notices = notices;
        this.passwords = passwords;
        this.signIns = signIns;
        this.events = events;
        this.clock = clock;
    }

    /** The first coach of an empty installation is its head coach. */
    public SignedIn createFirstCoach(String name, String signInName, String password) {
        if (!emptyClub.needsFirstCoach()) {
            throw alreadySetUp(null);
        }
        AccountEntity coach = account(name, Role.COACH);
        coach.headCoach = true;
        signInWords(coach, signInName, password).into(coach);
        accounts.saveAndFlush(coach);
        try {
            emptyClub.found(coach.id);
        } catch (DuplicateKeyException another) {
            throw alreadySetUp(another);
        }
        events.publishEvent(new FirstCoachJoined(coach.id));
        return coach.signedIn();
    }

    private static Conflict alreadySetUp(DuplicateKeyException cause) {
        Conflict conflict =
                new Conflict("ALREADY_SET_UP", "This club has its first coach already. Sign in instead.", null);
        conflict.initCause(cause);
        return conflict;
    }

    /** The person with this sign-in name and password, if they belong together; costs the same time if they do not. */
    // Without a transaction: whoever waits for their turn to be hashed must not keep a connection from those who
    // record.
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Optional<SignedIn> signIn(String signInName, String password) {
        Optional<AccountEntity> account = accounts.findBySignInName(normal(signInName));
        String hash = account.map(a -> a.passwordHash).orElse(DecoyHash.of(hashing));
        boolean right = hashing.matches(password, hash);
        return account.filter(a -> right && a.passwordHash != null && a.archivedAt == null)
                .map(AccountEntity::signedIn);
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
        return accounts.findByRoleAndArchivedAtIsNullOrderByName(Role.COACH).stream()
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

    /** As whom somebody acts who comes with a secret of theirs instead of a password; nobody who has left. */
    @Transactional(readOnly = true)
    public Optional<SignedIn> actingAs(UUID id) {
        return accounts.findById(id)
                .filter(account -> account.archivedAt == null)
                .map(AccountEntity::signedIn);
    }

    /** By their ids. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names(Set<UUID> ids) {
        return accounts.findAllById(ids).stream()
                .collect(Collectors.toMap(account -> account.id, account -> account.name));
    }

    @Transactional(readOnly = true)
    public Preferences preferences(SignedIn who) {
        return find(who.accountId()).preferences();
    }

    /** What is left out stays as it is. */
    public Preferences changePreferences(SignedIn who, PreferencesChange change) {
        AccountEntity account = find(who.accountId());
        account.setPreferences(change.on(account.preferences()));
        return account.preferences();
    }

    /**
     * Sets another password for whoever knows the present one; all their other sign-ins end.
     *
     * @param keptSessionId of the sign-in that does it
     */
    // Without a transaction, as signIn: nobody else could write while both are hashed.
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public void changePassword(SignedIn who, String old, String wanted, String keptSessionId) {
        AccountEntity seen = find(who.accountId());
        ownPasswords.require(seen, old, "old", "Present password: that is not it. Nothing was changed.");
        PasswordRule.require(wanted, seen.signInName, seen.name);
        passwords.change(seen, hashing.encode(wanted), keptSessionId);
    }

    /** Before something that cannot be taken back. */
    // Without a transaction, as signIn.
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public void requirePassword(SignedIn who, String password) {
        ownPasswords.require(
                find(who.accountId()), password, "password", "Password: that is not it. Nothing was changed.");
    }

    @Transactional(readOnly = true)
    public List<AccountNotice> notices(SignedIn who) {
        return notices.of(who.accountId());
    }

    public void noticesRead(SignedIn who) {
        notices.read(who.accountId());
    }

    /** A new student of this coach, with a one-time link to set a password. */
    public Invited addStudent(SignedIn coach, String name) {
        access.requireCoach(coach);
        AccountEntity student = accounts.save(account(name, Role.STUDENT));
        coachings.save(new CoachingEntity(coach.accountId(), student.id));
        concerned.with(student.id);
        return new Invited(PersonView.of(student), links.issue(student.id));
    }

    public Invited addCoach(SignedIn head, String name) {
        access.requireHeadCoach(head);
        AccountEntity coach = accounts.save(account(name, Role.COACH));
        concerned.with(coach.id);
        return new Invited(PersonView.of(coach), links.issue(coach.id));
    }

    /** A new one-time link: a coach for their students, the head coach for everyone. The old password works until it is used. */
    public Invited newLink(SignedIn coach, UUID accountId) {
        access.requireCoach(coach);
        concerned.with(accountId);
        AccountEntity account = accounts.hold(accountId)
                .filter(a -> coach.headCoach() || access.coaches(coach, a.id))
                .filter(a -> a.archivedAt == null)
                .orElseThrow(() -> new Missing("person"));
        if (account.passwordHash != null) {
            notices.tell(account.id, AccountNotice.Kind.LINK_MADE, find(coach.accountId()).name);
        }
        return new Invited(PersonView.of(account), links.issue(account.id));
    }

    /** Calls somebody otherwise: a coach their students and themselves, the head coach everybody. Whoever calls this knows what names a minor may have. */
    public void rename(SignedIn who, UUID id, String name) {
        access.requireCoach(who);
        concerned.with(id);
        AccountEntity account = accounts.hold(id)
                .filter(a -> !a.id.equals(FormerWriter.ID))
                .filter(a -> who.headCoach() || a.id.equals(who.accountId()) || access.coaches(who, a.id))
                .orElseThrow(() -> new Missing("person"));
        account.name = name.strip();
    }

    /** Who a link is for, so that the page can greet them. */
    @Transactional(readOnly = true)
    public PersonView invited(String token) {
        return PersonView.of(find(links.accountOf(token)));
    }

    /** Sets name and password from a link; the link is used up and all older sign-ins of the account end. */
    public SignedIn accept(String token, String signInName, String password) {
        AccountEntity account = find(links.accountOf(token));
        boolean before = account.passwordHash != null;
        SignInWords words = signInWords(account, signInName, password);
        // First of all that is written: of several at once only one goes on from here, and the others end nobody's
        // sign-in. And last of what takes its time: nobody else can write from now on.
        links.use(token);
        words.into(account);
        signIns.endAll(account.id);
        if (before) {
            notices.tell(account.id, AccountNotice.Kind.LINK_USED, account.name);
        }
        return account.signedIn();
    }

    /** Lets a coach see a student too; a student has at most two coaches. */
    public void assignCoach(SignedIn head, UUID studentId, UUID coachId) {
        access.requireHeadCoach(head);
        holdStudent(studentId);
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
        holdStudent(studentId);
        if (coachings.findByIdStudentId(studentId).size() <= 1) {
            throw new NotAllowed("A student needs a coach. Hand them to another coach first.");
        }
        coachings.deleteById(new CoachingEntity.Key(coachId, studentId));
    }

    /** Who coaches a student is counted, so it is changed by one at a time. */
    private void holdStudent(UUID id) {
        accounts.hold(id).filter(a -> a.role == Role.STUDENT).orElseThrow(() -> new Missing("student"));
        concerned.with(id);
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

    private record SignInWords(String name, String passwordHash) {
        void into(AccountEntity account) {
            account.signInName = name;
            account.passwordHash = passwordHash;
        }
    }

    private SignInWords signInWords(AccountEntity account, String signInName, String password) {
        String wanted = normal(signInName);
        boolean taken = accounts.findBySignInName(wanted)
                .filter(other -> !other.id.equals(account.id))
                .isPresent();
        if (taken) {
            throw new Conflict("NAME_TAKEN", "Somebody here signs in as \"" + wanted + "\" already.", null);
        }
        PasswordRule.require(password, wanted, account.name);
        return new SignInWords(wanted, hashing.encode(password));
    }

    private static String normal(String signInName) {
        return signInName.strip().toLowerCase(Locale.ROOT);
    }

    /** A person together with the token of their one-time link, shown once. */
    public record Invited(PersonView person, String token) {}
}
