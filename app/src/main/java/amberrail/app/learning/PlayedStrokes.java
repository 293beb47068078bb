package amberrail.app.learning;

import amberrail.app.advice.CalledStrokes;
import amberrail.app.advice.OwnErrorSizes;
import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.PeopleService;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Busy;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.kit.CalledStroke;
import amberrail.core.simulation.ExecutionErrors;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Called strokes that were potted clean on a table and whose landing somebody saw: of the students of whoever asks. */
@Component
class PlayedStrokes {
    private static final Logger LOG = LoggerFactory.getLogger(PlayedStrokes.class);
    private static final int NEWEST_OF_A_STUDENT = 2_000;

    private final PeopleService people;
    private final AttemptService attempts;
    private final CalledStrokes called;
    private final OwnErrorSizes sizes;

    PlayedStrokes(PeopleService people, AttemptService attempts, CalledStrokes called, OwnErrorSizes sizes) {
        this.people = people;
        this.attempts = attempts;
        this.called = called;
        this.sizes = sizes;
    }

    /**
     * Strokes and whose they are.
     *
     * @param students in the order of the strokes' numbers
     */
    record Found(List<CalledStroke> strokes, List<PersonView> students) {}

    /** Those on the table since its numbers hold; stops early where it is told to. */
    Found on(SignedIn coach, UUID tableId, Optional<Instant> since, BooleanSupplier stopped) {
        List<CalledStroke> strokes = new ArrayList<>();
        List<PersonView> students = new ArrayList<>();
        for (PersonView student : people.studentsOf(coach)) {
            if (stopped.getAsBoolean()) {
                return new Found(List.of(), List.of());
            }
            List<StudentAttempt> telling = attempts.newestOf(coach, student.id(), NEWEST_OF_A_STUDENT).stream()
                    .filter(attempt -> isOn(attempt, tableId, since) && tells(attempt))
                    .toList();
            List<CalledStroke> theirs = strokes(coach, student, telling, students.size(), stopped);
            if (!theirs.isEmpty()) {
                strokes.addAll(theirs);
                students.add(student);
            }
        }
        return new Found(strokes, students);
    }

    /** A student's own sizes take seconds to find: only of those who have something to tell. */
    private List<CalledStroke> strokes(
            SignedIn coach, PersonView student, List<StudentAttempt> telling, int number, BooleanSupplier stopped) {
        if (telling.isEmpty()) {
            return List.of();
        }
        ExecutionErrors errors = sizes.found(coach, student.id()).inUse();
        return telling.stream()
                .takeWhile(attempt -> !stopped.getAsBoolean())
                .flatMap(attempt -> stroke(attempt, errors, number).stream())
                .toList();
    }

    private static boolean isOn(StudentAttempt attempt, UUID tableId, Optional<Instant> since) {
        return attempt.session().tableId().equals(tableId)
                && since.map(at -> !attempt.session().startedAt().isBefore(at)).orElse(true);
    }

    private static boolean tells(StudentAttempt attempt) {
        Attempt seen = attempt.played().seen();
        return attempt.played().call().isPresent()
                && !attempt.goesOn()
                && seen.outcome() == PotOutcome.POTTED_CLEAN
                && !seen.foul()
                && !seen.inOff()
                && seen.landing().isPresent();
    }

    private Optional<CalledStroke> stroke(StudentAttempt attempt, ExecutionErrors errors, int student) {
        Landing landing = attempt.played().seen().landing().orElseThrow();
        try {
            return called.of(attempt)
                    .filter(stroke -> !stroke.assumed())
                    .map(stroke -> new CalledStroke(stroke.setUp(), stroke.stroke(), errors, student, landing.place()));
        } catch (Busy notWorkedOutYet) {
            LOG.info("a called stroke is left out of what is learnt: its set-up is still being worked out");
            return Optional.empty();
        }
    }
}
