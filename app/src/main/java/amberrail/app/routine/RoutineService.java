package amberrail.app.routine;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps lists of lines; whose a routine is, is checked. */
@Service
@Transactional
class RoutineService {
    static final int LONGEST_LINE = 60;
    private static final String LINE = "\n";
    /** What a list begins with; each person changes their own. */
    private static final List<String> USUAL_OBSERVATIONS = List.of(
            "head came up",
            "bridge moved",
            "rushed",
            "short follow-through",
            "slowed into the ball",
            "tight grip",
            "butt raised",
            PlayedAttempt.PLAYED_WITH_THE_REST);

    private final ObservationLists observations;
    private final StudentRoutines routines;
    private final Access access;

    RoutineService(ObservationLists observations, StudentRoutines routines, Access access) {
        this.observations = observations;
        this.routines = routines;
        this.access = access;
    }

    /** Steps before each shot; seconds between shots, 0: no clock. */
    record Kept(List<String> steps, int clockSeconds) {}

    @Transactional(readOnly = true)
    List<String> observations(SignedIn who) {
        return observations
                .findById(who.accountId())
                .map(list -> lines(list.words))
                .orElse(USUAL_OBSERVATIONS);
    }

    List<String> changeObservations(SignedIn who, List<String> words) {
        ObservationListEntity list = observations.findById(who.accountId()).orElseGet(ObservationListEntity::new);
        list.ownerId = who.accountId();
        list.words = joined("words", words);
        observations.save(list);
        return lines(list.words);
    }

    @Transactional(readOnly = true)
    Kept routine(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return routines.findById(studentId)
                .map(kept -> new Kept(lines(kept.steps), kept.clockSeconds))
                .orElse(new Kept(List.of(), 0));
    }

    Kept changeRoutine(SignedIn who, UUID studentId, Kept wanted) {
        access.requireStudent(who, studentId);
        StudentRoutineEntity routine = routines.findById(studentId).orElseGet(StudentRoutineEntity::new);
        routine.studentId = studentId;
        routine.steps = joined("steps", wanted.steps());
        routine.clockSeconds = wanted.clockSeconds();
        routines.save(routine);
        return new Kept(lines(routine.steps), routine.clockSeconds);
    }

    /** A line break in one would make two of it. */
    private static String joined(String field, List<String> words) {
        words.forEach(word -> Require.text(field, word, LONGEST_LINE));
        return String.join(LINE, words.stream().map(String::strip).distinct().toList());
    }

    private static List<String> lines(String joined) {
        return joined.isEmpty() ? List.of() : List.of(joined.split(LINE));
    }
}
