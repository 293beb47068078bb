package amberrail.app.consent;

import amberrail.app.consent.ClubCare.Asks;
import amberrail.app.people.Access;
import amberrail.app.people.Concerned;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.personaldata.Names;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.Refused;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A minor's records: until somebody has consented to them, the tool keeps a nickname and no more: no full name, no birth year, no guardian. What was
 * practised stays under the nickname when a consent is withdrawn; whoever wants it gone has the person erased.
 */
@Service
@Transactional
public class Guardianship {
    /** A minor to the end of the year of this birthday: only the year of birth is known. */
    private static final int OF_AGE = 18;

    private static final int OLDEST = 120;
    private static final Pattern NICKNAME = Pattern.compile("[\\p{L}\\p{N}'’-]{2,20}");

    private final ClubCare care;
    private final ConsentStore store;
    private final PeopleService people;
    private final Names names;
    private final Access access;
    private final Concerned concerned;
    private final Clock clock;

    Guardianship(
            ClubCare care,
            ConsentStore store,
            PeopleService people,
            Names names,
            Access access,
            Concerned concerned,
            Clock clock) {
        this.care = care;
        this.store = store;
        this.people = people;
        this.names = names;
        this.access = access;
        this.concerned = concerned;
        this.clock = clock;
    }

    /**
     * @param nicknameOnly whether nothing but a nickname may be kept
     * @param mayChange    whether whoever asks may change it
     */
    record Kept(
            ClubCare.Care care,
            String name,
            boolean minor,
            Optional<Integer> birthYear,
            String guardian,
            String contact,
            List<Consent> consents,
            boolean nicknameOnly,
            boolean mayChange) {}

    @Transactional(readOnly = true)
    Kept of(SignedIn who, UUID student) {
        boolean own = who.accountId().equals(student);
        ConsentStore.About about = own ? about(student) : lookedAfter(who, student);
        boolean minor = isMinor(about);
        return new Kept(
                care.get(),
                people.person(student).name(),
                minor,
                about.birthYear(),
                about.guardian(),
                about.contact(),
                store.of(student),
                minor && !store.holds(student, Consent.Kind.RECORDS),
                !own);
    }

    /** Whether reports of this student may be shared by a link. */
    @Transactional(readOnly = true)
    public boolean maySharesBeMade(UUID student) {
        return !isMinor(about(student)) || store.holds(student, Consent.Kind.SHARING);
    }

    /** @param nickname by which a minor is kept from now on, where nobody has consented to records; else it is not read */
    void mark(SignedIn who, UUID student, boolean minor, Optional<Integer> birthYear, String nickname) {
        ConsentStore.About before = lookedAfter(who, student);
        Asks asks = care.get().asks();
        if (asks == Asks.NOTHING && (minor || birthYear.isPresent())) {
            throw new Refused(
                    "minor", "Minor: this club does not ask for age. The head coach can change that in the settings.");
        }
        birthYear.ifPresent(year -> requireYear(asks, year));
        boolean under = minor || isMinor(new ConsentStore.About(false, birthYear, "", ""));
        boolean consented = store.holds(student, Consent.Kind.RECORDS);
        if (under && !consented) {
            store.mark(student, true, Optional.empty());
            keepNicknameOnly(who, student, nickname);
        } else {
            store.mark(student, minor, birthYear);
            if (!under && isMinor(before)) {
                store.guardian(student, "", "");
            }
        }
    }

    private void requireYear(Asks asks, int year) {
        if (asks != Asks.BIRTH_YEAR) {
            throw new Refused("birthYear", "Year of birth: this club asks only whether somebody is a minor.");
        }
        int now = today().getYear();
        if (year > now || year < now - OLDEST) {
            throw new Refused("birthYear", "Year of birth: must be from " + (now - OLDEST) + " to " + now + ".");
        }
    }

    void guardian(SignedIn who, UUID student, String name, String contact) {
        requireRecords(student, lookedAfter(who, student), "guardian");
        store.guardian(student, name.strip(), contact.strip());
    }

    /** Also those whose name was only a nickname may be called by their own from then on. */
    void rename(SignedIn who, UUID student, String name) {
        boolean minor = store.about(student).map(this::isMinor).orElse(false);
        if (minor && !store.holds(student, Consent.Kind.RECORDS)) {
            requireNickname("name", name);
        }
        people.rename(who, student, name);
    }

    void give(SignedIn who, UUID student, Consent.Kind kind, String by, LocalDate on) {
        if (!isMinor(lookedAfter(who, student))) {
            throw new Conflict("NOT_A_MINOR", "Consent is noted for minors. Mark the student as a minor first.", null);
        }
        if (on.isAfter(today().plusDays(1)) || on.isBefore(today().minusYears(OF_AGE))) {
            throw new Refused("givenOn", "Given on: must be a day of the last " + OF_AGE + " years.");
        }
        if (store.holds(student, kind)) {
            throw new Conflict("CONSENTED", "That consent is noted already. Withdraw it first.", null);
        }
        store.keep(student, kind, by.strip(), on, who.accountId(), now());
    }

    /** @param nickname by which the student is kept where the consent to records goes; else it is not read */
    void withdraw(SignedIn who, UUID student, UUID consent, String nickname) {
        lookedAfter(who, student);
        Consent.Kind kind =
                store.withdraw(student, consent, who.accountId(), now()).orElseThrow(() -> new Missing("consent"));
        if (kind == Consent.Kind.RECORDS) {
            store.mark(student, true, Optional.empty());
            store.guardian(student, "", "");
            keepNicknameOnly(who, student, nickname);
        }
    }

    private void keepNicknameOnly(SignedIn who, UUID student, String nickname) {
        requireNickname("nickname", nickname);
        String before = people.person(student).name();
        if (!before.equals(nickname.strip())) {
            people.rename(who, student, nickname);
            names.replace(before, nickname.strip());
        }
    }

    private static void requireNickname(String field, String name) {
        if (!NICKNAME.matcher(name.strip()).matches()) {
            throw new Refused(
                    field,
                    "Nickname: must be one word of 2 to 20 letters or digits. Nobody has consented to more being kept of this minor.");
        }
    }

    private void requireRecords(UUID student, ConsentStore.About about, String field) {
        if (!isMinor(about)) {
            throw new Refused(field, "Guardian: only kept of a minor.");
        }
        if (!store.holds(student, Consent.Kind.RECORDS)) {
            throw new Refused(
                    field, "Guardian: note the consent to records first. Until then only a nickname is kept.");
        }
    }

    private boolean isMinor(ConsentStore.About about) {
        return about.minor()
                || about.birthYear()
                        .map(year -> today().getYear() - year <= OF_AGE)
                        .orElse(false);
    }

    private ConsentStore.About lookedAfter(SignedIn who, UUID student) {
        if (who.headCoach()) {
            concerned.with(student);
        } else {
            access.requireCoach(who);
            access.requireStudent(who, student);
        }
        return about(student);
    }

    private ConsentStore.About about(UUID student) {
        return store.about(student).orElseThrow(() -> new Missing("student"));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(Instant.now(clock), ZoneOffset.UTC);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
