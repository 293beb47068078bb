package amberrail.app.personaldata;

import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import amberrail.app.storage.WritersGate;
import amberrail.app.trail.Trail;
import amberrail.app.web.Busy;
import amberrail.app.web.NotAllowed;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/** What is kept about a person, and having it erased: on a day two weeks ahead, unless somebody who knows their password says now. */
@Service
class PersonalData {
    static final Duration COOLING_OFF = Duration.ofDays(14);
    private static final Duration COME_BACK_IN = Duration.ofSeconds(10);

    private final PersonalDataRights rights;
    private final PeopleService people;
    private final Erasures erasures;
    private final Eraser eraser;
    private final Trail trail;
    private final JdbcClient sql;
    private final Clock clock;

    PersonalData(
            PersonalDataRights rights,
            PeopleService people,
            Erasures erasures,
            Eraser eraser,
            Trail trail,
            JdbcClient sql,
            Clock clock) {
        this.rights = rights;
        this.people = people;
        this.erasures = erasures;
        this.eraser = eraser;
        this.trail = trail;
        this.sql = sql;
        this.clock = clock;
    }

    /** How much there is of one kind. */
    record Kept(DataKind kind, int records, Optional<Instant> first, Optional<Instant> last) {}

    /** @param sharedSessions sessions that others took part in */
    record Overview(
            PersonView person, List<Kept> kept, int sharedSessions, boolean mayLook, Optional<Erasures.Asked> asked) {}

    Overview of(SignedIn who, UUID id) {
        PersonView person = rights.toCount(who, id);
        trail.upToNow();
        List<Kept> kept = new ArrayList<>();
        for (Listing listing : Listings.ALL) {
            Kept one = count(listing, id);
            if (one.records() > 0) {
                kept.add(one);
            }
        }
        int written = number(Listings.writtenForOthers(), id);
        if (written > 0) {
            kept.add(new Kept(DataKind.WRITTEN_FOR_OTHERS, written, Optional.empty(), Optional.empty()));
        }
        int shared = number(
                "select count(*) from session_student m where m.student_id = :id and exists (select 1 from session_student o"
                        + " where o.session_id = m.session_id and o.student_id <> :id)",
                id);
        return new Overview(person, kept, shared, rights.mayLookAt(who, id), erasures.of(id));
    }

    private int number(String question, UUID id) {
        return sql.sql(question).param("id", id).query(Integer.class).single();
    }

    private Kept count(Listing listing, UUID id) {
        String times =
                listing.when().isEmpty() ? "null, null" : "min(" + listing.when() + "), max(" + listing.when() + ")";
        return sql.sql("select count(*), " + times + " from (" + listing.sql() + ") one")
                .param("id", id)
                .query((row, n) -> new Kept(
                        listing.kind(), row.getInt(1), instant(row.getTimestamp(2)), instant(row.getTimestamp(3))))
                .single();
    }

    private static Optional<Instant> instant(Timestamp at) {
        return Optional.ofNullable(at).map(Timestamp::toInstant);
    }

    /** What is to become of somebody, in two weeks or at once; the password is that of whoever asks. */
    void ask(SignedIn who, UUID id, Erasures.Way way, boolean now, String password) {
        PersonView person = rights.toErase(who, id);
        if (way == Erasures.Way.NAMELESS && person.role() != Role.STUDENT) {
            throw new NotAllowed(
                    "Only a student's figures can stay without a name. A coach has none: erase them instead.");
        }
        people.requirePassword(who, password);
        Instant asked = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        erasures.ask(id, way, who.accountId(), asked, now ? asked : asked.plus(COOLING_OFF));
        if (now) {
            carryOut(id);
        }
    }

    void callOff(SignedIn who, UUID id) {
        rights.toErase(who, id);
        erasures.callOff(id);
    }

    /** Everybody whose day has come; whoever has become the only coach of somebody meanwhile waits. */
    List<UUID> due() {
        return erasures.due(Instant.now(clock));
    }

    void carryOut(UUID id) {
        Optional<Erasures.Asked> asked = erasures.of(id);
        if (asked.isEmpty() || rights.studentsLeftAlone(id) > 0) {
            return;
        }
        try {
            if (asked.get().way() == Erasures.Way.ERASE) {
                eraser.erase(id);
            } else {
                eraser.makeNameless(id);
            }
        } catch (WritersGate.NotAlone othersWrite) {
            throw new Busy(
                    COME_BACK_IN, "Others are still recording. Nothing was erased yet; it will be within the hour.");
        }
    }
}
