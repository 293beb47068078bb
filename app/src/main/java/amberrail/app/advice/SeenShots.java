package amberrail.app.advice;

import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.core.attempt.PlayedAttempt;
import amberrail.core.diagnosis.StrokeTables;
import amberrail.core.grading.Band;
import amberrail.core.statistics.StrokeCell;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Attempts as core's diagnosis wants them: with the table of the stroke that they were meant to be, grouped by what they share. */
@Component
class SeenShots {
    private final CalledStrokes strokes;
    private final PlayedTables tables;

    SeenShots(CalledStrokes strokes, PlayedTables tables) {
        this.strokes = strokes;
        this.tables = tables;
    }

    /** What attempts must share to be compared: the same set-up, side, call and bridge. */
    record Alike(
            String drillId,
            int version,
            int station,
            int shot,
            boolean mirrored,
            Object table,
            Object call,
            Object bridge) {
        static Alike of(StudentAttempt one) {
            PlayedAttempt played = one.played();
            return new Alike(
                    one.drill().id(),
                    one.drill().version(),
                    played.station(),
                    played.shot(),
                    played.mirrored(),
                    one.session().table(),
                    played.call(),
                    played.bridge());
        }
    }

    /** A stroke with all attempts at it, oldest first. */
    record Group(CalledStrokes.Stroke stroke, List<StudentAttempt> attempts) {}

    /** Attempts without a stroke to judge them by are left out. */
    List<Group> groups(List<StudentAttempt> newestFirst) {
        Map<Alike, List<StudentAttempt>> alike = new LinkedHashMap<>();
        for (int i = newestFirst.size() - 1; i >= 0; i--) {
            StudentAttempt one = newestFirst.get(i);
            alike.computeIfAbsent(Alike.of(one), k -> new ArrayList<>()).add(one);
        }
        List<Group> groups = new ArrayList<>();
        for (List<StudentAttempt> group : alike.values()) {
            strokes.of(group.get(0)).ifPresent(stroke -> groups.add(new Group(stroke, group)));
        }
        return groups;
    }

    StrokeCell cell(Group group, Band band) {
        return cell(group.stroke(), group.attempts(), band);
    }

    /** Fouls are left out: the simulation does not know them. */
    StrokeCell cell(CalledStrokes.Stroke stroke, List<StudentAttempt> attempts, Band band) {
        return new StrokeCell(
                tables.of(stroke.setUp(), stroke.stroke(), band),
                attempts.stream()
                        .map(one -> StrokeTables.seen(one.played().seen()))
                        .flatMap(Optional::stream)
                        .toList());
    }
}
