package amberrail.app.attempts;

import amberrail.app.attempts.TryNeighbours.TryShot;
import amberrail.core.attempt.Tries;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One student's shots at one station of a session, both sides, in their order (answers.md, "Order"); undone ones left out.
 *
 * @param cameAfter the last place in the order that the student has at another station of the drill; -1 for none
 */
record Visit(long cameAfter, List<JudgedShot> shots) {

    /**
     * A shot, judged once for every question about the visit.
     *
     * @param cueLeftAt where it left the cue ball (mm), if that was seen
     */
    record JudgedShot(
            UUID id,
            boolean mirrored,
            long sequence,
            String deviceId,
            Tries.PlayedOne shot,
            Optional<Point> cueLeftAt) {
        /** As the database has it: ids by their unsigned bytes, which is how their text sorts. */
        private static final Comparator<JudgedShot> ORDER = Comparator.comparingLong(JudgedShot::sequence)
                .thenComparing(JudgedShot::deviceId)
                .thenComparing(one -> one.id().toString());
    }

    /** With a shot that was written: put in its place, also where it stood before. */
    Visit with(JudgedShot written) {
        List<JudgedShot> others = others(written.id());
        int place = others.size();
        while (place > 0 && JudgedShot.ORDER.compare(others.get(place - 1), written) > 0) {
            place--;
        }
        others.add(place, written);
        return new Visit(cameAfter, others);
    }

    /** With a shot taken back. */
    Visit without(UUID id) {
        return new Visit(cameAfter, others(id));
    }

    TryNeighbours beside(UUID tryId, int shot) {
        return TryNeighbours.of(
                shots.stream()
                        .filter(one -> one.shot().tryId().equals(tryId))
                        .map(one -> new TryShot(one.id(), one.shot().shot(), one.cueLeftAt()))
                        .toList(),
                shot);
    }

    private List<JudgedShot> others(UUID id) {
        List<JudgedShot> others = new ArrayList<>(shots.size() + 1);
        for (JudgedShot one : shots) {
            if (!one.id().equals(id)) {
                others.add(one);
            }
        }
        return others;
    }
}
