package amberrail.app.personaldata;

import amberrail.app.people.Access;
import amberrail.app.people.Concerned;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Who may look at what is kept about whom: everybody at their own, coaches at their students'. Who may have somebody erased: the same, and the head
 * coach, who looks after the club's books without seeing into them.
 */
@Component
class PersonalDataRights {
    private final Access access;
    private final Concerned concerned;
    private final PeopleService people;
    private final JdbcClient sql;

    PersonalDataRights(Access access, Concerned concerned, PeopleService people, JdbcClient sql) {
        this.access = access;
        this.concerned = concerned;
        this.people = people;
        this.sql = sql;
    }

    /** The person; {@link Missing} for whoever may not look. */
    PersonView toLookAt(SignedIn who, UUID id) {
        if (!mayLookAt(who, id)) {
            throw new Missing("person");
        }
        return people.person(id);
    }

    /** The person, to be told how much there is but not what; the head coach may, since they decide who is erased. */
    PersonView toCount(SignedIn who, UUID id) {
        if (!who.headCoach()) {
            return toLookAt(who, id);
        }
        concerned.with(id);
        return people.person(id);
    }

    boolean mayLookAt(SignedIn who, UUID id) {
        return who.accountId().equals(id) || access.maySee(who, id);
    }

    /** The person; {@link Missing} for whoever may not, and a sentence where somebody has to stay. */
    PersonView toErase(SignedIn who, UUID id) {
        PersonView person = toCount(who, id);
        if (person.headCoach()) {
            throw new NotAllowed("The head coach stays, since the club is in their name.");
        }
        int alone = studentsLeftAlone(id);
        if (alone > 0) {
            throw new Conflict(
                    "STUDENTS_LEFT_ALONE",
                    person.name() + " is the only coach of " + alone + (alone == 1 ? " student" : " students")
                            + ". Add another coach to them first.",
                    null);
        }
        return person;
    }

    /** Students of whom this person is the only coach. */
    int studentsLeftAlone(UUID coach) {
        return sql.sql("select count(*) from coaching c where c.coach_id = ? and not exists"
                        + " (select 1 from coaching o where o.student_id = c.student_id and o.coach_id <> c.coach_id)")
                .param(coach)
                .query(Integer.class)
                .single();
    }
}
