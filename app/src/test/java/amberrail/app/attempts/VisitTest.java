package amberrail.app.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.attempts.Visit.JudgedShot;
import amberrail.core.attempt.Judgement;
import amberrail.core.attempt.Tries;
import amberrail.core.drill.TryResult;
import amberrail.core.geometry.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** In whatever order shots arrive, they stand in the order of answers.md. */
class VisitTest {
    private static final Judgement MADE = new Judgement(TryResult.SUCCESS, List.of(), 1);

    private static JudgedShot shot(UUID id, long sequence, String device) {
        return new JudgedShot(id, false, sequence, device, new Tries.PlayedOne(id, 0, MADE), Optional.empty());
    }

    @Test
    void shotsStandInTheirOrderHoweverTheyArrive() {
        Random random = new Random(7);
        List<JudgedShot> inOrder = new ArrayList<>();
        for (int place = 0; place < 12; place++) {
            for (String device : List.of("a", "ab", "b")) {
                // Ids that stand against the order: they count only where the rest is alike.
                inOrder.add(shot(new UUID(99 - place, device.hashCode() * 2L), place, device));
                inOrder.add(shot(new UUID(99 - place, device.hashCode() * 2L + 1), place, device));
            }
        }
        for (int round = 0; round < 50; round++) {
            List<JudgedShot> arriving = new ArrayList<>(inOrder);
            Collections.shuffle(arriving, random);
            Visit visit = new Visit(-1, List.of());
            for (JudgedShot one : arriving) {
                visit = visit.with(one);
            }
            assertThat(visit.shots()).isEqualTo(inOrder);
        }
    }

    @Test
    void anIdAboveTheSignStandsLast() {
        JudgedShot low = shot(UUID.fromString("7fffffff-0000-4000-8000-000000000000"), 1, "d");
        JudgedShot high = shot(UUID.fromString("80000000-0000-4000-8000-000000000000"), 1, "d");
        assertThat(new Visit(-1, List.of()).with(high).with(low).shots()).containsExactly(low, high);
    }

    @Test
    void anEditStandsForWhatItChangesAndAnUndoTakesItOut() {
        UUID id = UUID.randomUUID();
        JudgedShot other = shot(UUID.randomUUID(), 1, "d");
        Visit visit = new Visit(3, List.of()).with(shot(id, 0, "d")).with(other);
        Visit edited = visit.with(shot(id, 2, "d"));
        assertThat(edited.shots()).containsExactly(other, shot(id, 2, "d"));
        assertThat(edited.without(id).shots()).containsExactly(other);
        assertThat(edited.without(UUID.randomUUID()).shots()).hasSize(2);
        assertThat(visit.shots()).as("what was kept is as it was").hasSize(2);
        assertThat(edited.cameAfter()).isEqualTo(3);
    }

    private static JudgedShot ofTry(UUID tryId, int shot, long sequence, String device, Point... cueLeftAt) {
        return new JudgedShot(
                UUID.randomUUID(),
                false,
                sequence,
                device,
                new Tries.PlayedOne(tryId, shot, MADE),
                Stream.of(cueLeftAt).findFirst());
    }

    @Test
    void besideAShotStandsWhatIsOfItsTryAlone() {
        UUID asked = UUID.randomUUID();
        Point first = new Point(1000, 400);
        Point second = new Point(1200, 500);
        JudgedShot third = ofTry(asked, 2, 4, "a");
        JudgedShot thirdOfAnother = ofTry(asked, 2, 4, "b");
        Visit visit = new Visit(-1, List.of())
                // Recorded by two devices: the first in the order that saw where the ball lay tells.
                .with(ofTry(asked, 0, 0, "a"))
                .with(ofTry(asked, 0, 1, "b", first))
                .with(ofTry(asked, 0, 2, "c", second))
                .with(ofTry(UUID.randomUUID(), 1, 3, "a", first))
                .with(ofTry(asked, 1, 3, "b", second))
                .with(third)
                .with(thirdOfAnother)
                .with(ofTry(UUID.randomUUID(), 2, 5, "a"));
        TryNeighbours beside = visit.beside(asked, 1);
        assertThat(beside.leftBefore()).contains(first);
        assertThat(beside.leftHere()).contains(second);
        assertThat(beside.following()).containsExactly(third.id(), thirdOfAnother.id());
        assertThat(visit.beside(asked, 0).leftBefore())
                .as("nothing is before the first")
                .isEmpty();
        assertThat(visit.beside(UUID.randomUUID(), 1))
                .isEqualTo(new TryNeighbours(Optional.empty(), Optional.empty(), List.of()));
    }
}
