package amberrail.app.advice;

import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.setups.SetUps;
import amberrail.core.aiming.PotLine;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.diagnosis.OwnErrors;
import amberrail.core.diagnosis.SeenShot;
import amberrail.core.diagnosis.StrokeModel;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Attempts as core's diagnosis wants them, grouped by what they share. */
@Component
class SeenShots {
    private final CalledStrokes strokes;
    private final SetUps setUps;

    SeenShots(CalledStrokes strokes, SetUps setUps) {
        this.strokes = strokes;
        this.setUps = setUps;
    }

    /** What attempts must share to be compared: the same set-up, side and call. */
    record Alike(String drillId, int version, int station, int shot, boolean mirrored, Object table, Object call) {
        static Alike of(StudentAttempt one) {
            PlayedAttempt played = one.played();
            return new Alike(
                    one.drill().id(),
                    one.drill().version(),
                    played.station(),
                    played.shot(),
                    played.mirrored(),
                    one.session().table(),
                    played.call());
        }
    }

    /** Oldest first within a group, if they come newest first. Attempts without a stroke to judge them by are left out. */
    List<OwnErrors.Group> groups(List<StudentAttempt> newestFirst) {
        Map<Alike, List<StudentAttempt>> alike = new LinkedHashMap<>();
        for (int i = newestFirst.size() - 1; i >= 0; i--) {
            StudentAttempt one = newestFirst.get(i);
            alike.computeIfAbsent(Alike.of(one), k -> new ArrayList<>()).add(one);
        }
        List<OwnErrors.Group> groups = new ArrayList<>();
        for (List<StudentAttempt> group : alike.values()) {
            Optional<StrokeModel> model = strokes.of(group.get(0));
            model.ifPresent(found -> groups.add(new OwnErrors.Group(
                    found,
                    leavesLeft(group.get(0)),
                    group.stream()
                            .map(one -> SeenShot.of(found, one.played().seen()))
                            .toList())));
        }
        return groups;
    }

    /** Whether the object ball leaves to the left of the aim. */
    boolean leavesLeft(StudentAttempt attempt) {
        return setUps.drawn(attempt.setUp())
                .potLine()
                .map(PotLine::cutDegrees)
                .filter(cut -> cut < 0)
                .isEmpty();
    }
}
