package amberrail.app.testing;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.kit.KitService;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.context.annotation.Lazy;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** A small club in the test database: a head coach and whoever a test adds. */
@TestComponent
@Lazy
public class Club {
    public static final String PASSWORD = "a long enough password";
    public static final String DRILL = "roll-on-to-the-ring";

    /** Within the sessions that tests begin, whenever they run. */
    private static final Instant SOON = Instant.now().truncatedTo(ChronoUnit.MILLIS);

    private final PeopleService people;
    private final KitService kit;
    private final SignedIn head;

    public Club(PeopleService people, KitService kit) {
        this.people = people;
        this.kit = kit;
        head = people.createFirstCoach("Head Coach", "head", PASSWORD);
    }

    public SignedIn head() {
        return head;
    }

    public SignedIn newCoach() {
        return people.accept(people.addCoach(head, "Coach").token(), anyName(), PASSWORD);
    }

    public SignedIn newStudentOf(SignedIn coach) {
        return people.accept(people.addStudent(coach, "Student").token(), anyName(), PASSWORD);
    }

    public UUID table() {
        return kit.tables().get(0).id();
    }

    public static String anyName() {
        return "person-" + UUID.randomUUID();
    }

    /** The request as this person, as after a sign-in. */
    public static RequestPostProcessor as(SignedIn who) {
        var authority = new SimpleGrantedAuthority("ROLE_" + who.role());
        return SecurityMockMvcRequestPostProcessors.authentication(
                UsernamePasswordAuthenticationToken.authenticated(who, null, List.of(authority)));
    }

    /** A first revision: potted clean, landed at this place. */
    public static AttemptBody potted(long sequence, double xMillimetres, double yMillimetres) {
        var landing = new AttemptBody.LandingBody(xMillimetres, yMillimetres, Landing.PlacedBy.TAP, 15);
        return body(0, sequence, PotOutcome.POTTED_CLEAN, landing);
    }

    public static AttemptBody body(int revision, long sequence, PotOutcome outcome, AttemptBody.LandingBody landing) {
        return new AttemptBody(
                revision,
                false,
                0,
                false,
                new UUID(1, sequence),
                0,
                sequence,
                "test-device",
                outcome,
                false,
                false,
                landing,
                null,
                SOON.plusMillis(sequence));
    }

    /** A shot of a pattern's run that was potted and left the cue ball there. */
    public static AttemptBody ofRun(UUID run, int shot, long sequence, double xMillimetres, double yMillimetres) {
        var landing = new AttemptBody.LandingBody(xMillimetres, yMillimetres, Landing.PlacedBy.TAP, 15);
        return new AttemptBody(
                0,
                false,
                0,
                false,
                run,
                shot,
                sequence,
                "test-device",
                PotOutcome.POTTED_CLEAN,
                false,
                false,
                landing,
                null,
                SOON.plusMillis(sequence));
    }
}
