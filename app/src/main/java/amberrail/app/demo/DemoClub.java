package amberrail.app.demo;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.AttemptService;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.DrillLayouts;
import amberrail.app.kit.KitService;
import amberrail.app.people.EmptyClub;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.table.TablePlan;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Fills an empty data folder with two coaches, eight students and their last sessions. Fixed seed: always the same.
 *
 * <p>Done before the server takes its first request, so that nobody meets a half-filled club.
 */
@Component
@Lazy
class DemoClub {
    static final String PASSWORD = "lantern-street";
    private static final Logger LOG = LoggerFactory.getLogger(DemoClub.class);
    private static final long SEED = 20_240;
    private static final int SESSIONS_EACH = 3;
    private static final int TRIES_EACH_SIDE = 14;

    private static final List<DemoStudent> STUDENTS = List.of(
            new DemoStudent("Tamsin Vale", "tamsin", new DemoPractice.Errors(0.62, 95, 45, 35)),
            new DemoStudent("Odo Brandt", "odo", new DemoPractice.Errors(0.95, 150, 70, -20)),
            new DemoStudent("Wren Castellane", "wren", new DemoPractice.Errors(0.50, 70, 35, 0)),
            new DemoStudent("Jory Pell", "jory", new DemoPractice.Errors(1.25, 190, 90, 60)),
            new DemoStudent("Sabela Quint", "sabela", new DemoPractice.Errors(0.70, 110, 50, -45)),
            new DemoStudent("Halvard Moss", "halvard", new DemoPractice.Errors(0.85, 130, 60, 10)),
            new DemoStudent("Ines Tarrow", "ines", new DemoPractice.Errors(1.05, 160, 75, 0)),
            new DemoStudent("Bertram Oakhollow-Whitcombe", "bertram", new DemoPractice.Errors(1.5, 210, 100, 20)));

    private final EmptyClub emptyClub;
    private final PeopleService people;
    private final KitService kit;
    private final SessionService sessions;
    private final AttemptService attempts;
    private final DrillCatalogue drills;
    private final DrillLayouts layouts;
    private final Clock clock;

    DemoClub(
            EmptyClub emptyClub,
            PeopleService people,
            KitService kit,
            SessionService sessions,
            AttemptService attempts,
            DrillCatalogue drills,
            DrillLayouts layouts,
            Clock clock) {
        this.emptyClub = emptyClub;
        this.people = people;
        this.kit = kit;
        this.sessions = sessions;
        this.attempts = attempts;
        this.drills = drills;
        this.layouts = layouts;
        this.clock = clock;
    }

    private record DemoStudent(String name, String signInName, DemoPractice.Errors errors) {}

    void open() {
        if (!emptyClub.needsFirstCoach()) {
            return;
        }
        SignedIn head = people.createFirstCoach("Iris Fenwick", "iris", PASSWORD);
        SignedIn second = people.accept(people.addCoach(head, "Tomas Arden").token(), "tomas", PASSWORD);
        Random random = new Random(SEED);
        for (int i = 0; i < STUDENTS.size(); i++) {
            // The first five are Iris's, the last three Tomas's; Wren has both.
            SignedIn coach = i < 5 ? head : second;
            DemoStudent student = STUDENTS.get(i);
            PeopleService.Invited invited = people.addStudent(coach, student.name());
            SignedIn self = people.accept(invited.token(), student.signInName(), PASSWORD);
            if (i == 2) {
                people.assignCoach(head, self.accountId(), second.accountId());
            }
            practise(coach, self.accountId(), student, i, random);
        }
        LOG.info("demo data: the Lantern Street Cue Room is ready");
    }

    private void practise(SignedIn coach, UUID studentId, DemoStudent student, int offset, Random random) {
        Drill drill = drills.find(coach, "roll-on-to-the-ring").drill();
        KitService.ClubTable table = kit.tables().get(0);
        DemoPractice practice = new DemoPractice(TablePlan.of(table.spec()), random);
        // The last student has never practised, so that an empty state is there to be seen.
        int count = offset == STUDENTS.size() - 1 ? 0 : SESSIONS_EACH;
        for (int n = 0; n < count; n++) {
            Instant start = Instant.now(clock).minus(Duration.ofDays(3L * (count - n) + offset % 3));
            PracticeSession session = sessions.begin(
                    coach,
                    new SessionService.Beginning(List.of(studentId), List.of(drill.id()), table.id(), true),
                    start);
            long sequence = 0;
            for (boolean mirrored : new boolean[] {false, true}) {
                int station = Math.min(n, drill.stations().size() - 1);
                ShotLayout asked = layouts.layout(drill, station, 0, mirrored, session.table());
                for (int i = 0; i < TRIES_EACH_SIDE; i++) {
                    Instant played = start.plusSeconds(25 * sequence);
                    AttemptBody body = practice.attempt(asked, station, sequence, student.errors(), played);
                    UUID id = UUID.nameUUIDFromBytes(
                            (student.signInName() + n + "-" + sequence).getBytes(StandardCharsets.UTF_8));
                    attempts.write(coach, session.id(), id, body);
                    sequence++;
                }
            }
            if (n < count - 1 || offset % 2 == 1) {
                sessions.close(coach, session.id(), start.plus(Duration.ofMinutes(15)));
            }
        }
    }
}
