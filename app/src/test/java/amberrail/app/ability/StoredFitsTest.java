package amberrail.app.ability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.KnownGrades;
import amberrail.app.kit.KitService;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.results.StationResults;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.RaschFit;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is kept of a fit, read by a start after it. */
class StoredFitsTest extends AppTest {
    private static final String ATTEMPT = "/api/v1/sessions/{s}/attempts/{id}";

    @Autowired
    AbilityModel model;

    @Autowired
    StationResults results;

    @Autowired
    DrillCatalogue drills;

    @Autowired
    KnownGrades grades;

    @Autowired
    KitService kit;

    @Autowired
    PeopleService people;

    @Autowired
    StoredFits kept;

    @Autowired
    Clock clock;

    @Autowired
    JdbcClient sql;

    private SignedIn student;
    private String session;

    @BeforeEach
    void someonePractises() throws Exception {
        student = club.newStudentOf(club.head());
        session = beginSession(student, student);
        put(student, Club.body(0, 0, PotOutcome.MISSED_THIN, null), ATTEMPT, session, UUID.randomUUID());
        pots(1, 4);
        model.forget();
        model.current();
    }

    private void pots(int from, int to) throws Exception {
        for (int i = from; i < to; i++) {
            put(student, Club.potted(i, 1746.25, 1016), ATTEMPT, session, UUID.randomUUID());
        }
    }

    /** The model of an application that starts on the same data, this much later. */
    private Abilities afterAStart(Duration later) {
        AbilityModel started = new AbilityModel(results, drills, grades, kit, people, kept, Clock.offset(clock, later));
        try {
            return started.current();
        } finally {
            started.stop();
        }
    }

    private RaschFit.Placed ability(Abilities of) {
        return of.ability(student.accountId(), Skill.POSITION).orElseThrow();
    }

    @Test
    void aStartGoesOnFromTheLastFitWithWhatWasWrittenSince() throws Exception {
        Instant fitted = model.current().asOf();
        pots(4, 8);
        Abilities started = afterAStart(Duration.ofMinutes(5));
        assertThat(started.asOf()).as("no fit of its own").isEqualTo(fitted);
        assertThat(ability(started).logits()).isCloseTo(ability(model.current()).logits(), within(1e-6));
        assertThat(ability(started).se()).isCloseTo(ability(model.current()).se(), within(1e-6));
        assertThat(started.weeks(student.accountId(), Skill.POSITION)).hasSize(1);
    }

    @Test
    void whatCannotBeReadIsFittedAnewAndKeptAgain() {
        Instant fitted = model.current().asOf();
        sql.sql("update ability_snapshot set calibration = x'0000000100'").update();
        Abilities started = afterAStart(Duration.ofMinutes(5));
        assertThat(started.asOf()).isAfter(fitted);
        assertThat(ability(started).logits()).isCloseTo(ability(model.current()).logits(), within(0.05));
        assertThat(afterAStart(Duration.ofMinutes(10)).asOf()).isEqualTo(started.asOf());
    }

    @Test
    void aFitOfOtherStationsIsNotGoneOnFrom() {
        Instant fitted = model.current().asOf();
        sql.sql("delete from ability_snapshot where skill = 'POSITION'").update();
        assertThat(afterAStart(Duration.ofMinutes(5)).asOf()).isAfter(fitted);
    }
}
