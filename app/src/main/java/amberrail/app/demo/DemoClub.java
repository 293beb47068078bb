package amberrail.app.demo;

import amberrail.app.attempts.AttemptWriter;
import amberrail.app.config.AmberRailProperties;
import amberrail.app.demo.DemoStudents.DemoStudent;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.KnownGrades;
import amberrail.app.kit.KitService;
import amberrail.app.people.EmptyClub;
import amberrail.app.people.PeopleService;
import amberrail.app.people.Preferences;
import amberrail.app.people.PreferencesChange;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.setups.SetUps;
import amberrail.core.drill.Drill;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills an empty data folder with two coaches, eight students with twelve weeks of practice on the shot simulator, and what is in the diary. Fixed seed: always the same.
 *
 * <p>Done before the server takes its first request, so that nobody meets a half-filled club.
 */
@Component
@Lazy
class DemoClub {
    static final String PASSWORD = "lantern-street";
    private static final Logger LOG = LoggerFactory.getLogger(DemoClub.class);
    private static final long SEED = 20_240;
    private static final int SESSIONS_A_WEEK = 2;
    private static final int SESSIONS = SESSIONS_A_WEEK * DemoStudents.WEEKS;
    private static final int TRIES = 10;
    private static final int MIRRORED_TRIES = 6;
    private static final int TRIES_OF_THE_LAST = 14;
    private static final int SECONDS_A_SHOT = 25;
    private static final Duration AT_THE_TABLE_FOR = Duration.ofMinutes(30);
    private static final PreferencesChange SNOOKER_WORDS =
            new PreferencesChange(Preferences.Dialect.SNOOKER, null, null, null, null);

    private final EmptyClub emptyClub;
    private final PeopleService people;
    private final KitService kit;
    private final SessionService sessions;
    private final AttemptWriter attempts;
    private final DrillCatalogue drills;
    private final SetUps setUps;
    private final KnownGrades grades;
    private final Clock clock;
    private final EntityManager entities;
    private final AmberRailProperties properties;
    private final DemoDiary diary;
    private final DemoRacks racks;
    private final TransactionTemplate transaction;
    /** By the table's preset. */
    private final Map<String, DemoPractice> practices = new HashMap<>();

    DemoClub(
            EmptyClub emptyClub,
            PeopleService people,
            KitService kit,
            SessionService sessions,
            AttemptWriter attempts,
            DrillCatalogue drills,
            SetUps setUps,
            KnownGrades grades,
            Clock clock,
            EntityManager entities,
            AmberRailProperties properties,
            DemoDiary diary,
            DemoRacks racks,
            PlatformTransactionManager transactions) {
        this.emptyClub = emptyClub;
        this.people = people;
        this.kit = kit;
        this.sessions = sessions;
        this.attempts = attempts;
        this.drills = drills;
        this.setUps = setUps;
        this.grades = grades;
        this.clock = clock;
        this.entities = entities;
        this.properties = properties;
        this.diary = diary;
        this.racks = racks;
        transaction = new TransactionTemplate(transactions);
    }

    void open() {
        if (!emptyClub.needsFirstCoach()) {
            return;
        }
        SignedIn head = people.createFirstCoach("Iris Fenwick", "iris", PASSWORD);
        SignedIn second = people.accept(people.addCoach(head, "Tomas Arden").token(), "tomas", PASSWORD);
        people.changePreferences(second, SNOOKER_WORDS);
        List<UUID> ofHead = new ArrayList<>();
        for (int i = 0; i < DemoStudents.ALL.size(); i++) {
            // The first five are Iris's, the others Tomas's; Wren has both.
            SignedIn coach = i < 5 ? head : second;
            DemoStudent student = DemoStudents.ALL.get(i);
            PeopleService.Invited invited = people.addStudent(coach, student.name());
            SignedIn self = people.accept(invited.token(), student.signInName(), PASSWORD);
            if (coach == head) {
                ofHead.add(self.accountId());
            }
            if (i == 2) {
                people.assignCoach(head, self.accountId(), second.accountId());
            }
            int place = i;
            transaction.executeWithoutResult(status -> practise(coach, self.accountId(), student, place));
            transaction.executeWithoutResult(status -> racks.fill(
                    coach,
                    self.accountId(),
                    student,
                    table(student.room() == DemoProgramme.Room.SNOOKER ? "snooker-12ft" : "pool-9ft")
                            .id(),
                    Instant.now(clock).truncatedTo(ChronoUnit.DAYS).plus(Duration.ofHours(19)),
                    properties.demoWeeks()));
        }
        // Just joined, so that an empty state is there to be seen.
        people.accept(people.addStudent(second, "Nela Corvane").token(), "nela", PASSWORD);
        diary.fill(head, ofHead);
        LOG.info("demo data: the Lantern Street Cue Room is ready");
    }

    /** In one transaction: every commit waits for the disk. */
    private void practise(SignedIn coach, UUID studentId, DemoStudent student, int offset) {
        // Each their own, so that a change of one student leaves the others as they are.
        Random random = new Random(SEED + offset);
        for (int n = SESSIONS - SESSIONS_A_WEEK * properties.demoWeeks(); n < SESSIONS; n++) {
            int week = n / SESSIONS_A_WEEK;
            boolean last = n == SESSIONS - 1;
            DemoProgramme.Practice programme = DemoProgramme.of(student.room(), n, last);
            List<Drill> played = programme.drillIds().stream()
                    .map(id -> drills.find(coach, id).drill())
                    .toList();
            KitService.ClubTable table = table(programme.tableId());
            DemoPractice practice = practices.computeIfAbsent(
                    programme.tableId(), id -> new DemoPractice(setUps, grades, table.spec()));
            // Every other student is at the table now, so that there is a session to go on with.
            boolean goesOn = last && offset % 2 == 0;
            Instant start = goesOn
                    ? Instant.now(clock).minus(AT_THE_TABLE_FOR).truncatedTo(ChronoUnit.SECONDS)
                    : Instant.now(clock)
                            .truncatedTo(ChronoUnit.DAYS)
                            .minus(Duration.ofDays(3 + 7L * (SESSIONS - 1 - n) / SESSIONS_A_WEEK + offset % 3))
                            .plus(Duration.ofHours(17));
            PracticeSession session = sessions.begin(
                    coach,
                    new SessionService.Beginning(
                            List.of(studentId), played.stream().map(Drill::id).toList(), table.id(), true),
                    start);
            List<AttemptWriter.NewAttempt> attempts = new ArrayList<>();
            for (Drill drill : played) {
                int station = practice.suitable(drill, student.ability(week));
                for (boolean mirrored : new boolean[] {false, true}) {
                    int tries = last ? TRIES_OF_THE_LAST : mirrored ? MIRRORED_TRIES : TRIES;
                    for (int i = 0; i < tries; i++) {
                        long sequence = attempts.size();
                        attempts.add(new AttemptWriter.NewAttempt(
                                new UUID(random.nextLong(), random.nextLong()),
                                practice.attempt(
                                        random,
                                        drill,
                                        station,
                                        mirrored,
                                        sequence,
                                        student.errors(week),
                                        start.plusSeconds(SECONDS_A_SHOT * (sequence + 1)))));
                    }
                }
            }
            this.attempts.writeNew(coach, session.id(), attempts);
            // What is written is not to be looked through again before every query.
            entities.flush();
            entities.clear();
            if (!goesOn) {
                sessions.close(coach, session.id(), start.plusSeconds(SECONDS_A_SHOT * (attempts.size() + 2L)));
            }
        }
    }

    private KitService.ClubTable table(String preset) {
        return kit.tables().stream()
                .filter(table -> table.spec().id().equals(preset))
                .findFirst()
                .orElseThrow();
    }
}
