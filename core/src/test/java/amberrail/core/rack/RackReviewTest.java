package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.statistics.Proportion;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Racks as they were written down, and what they come to together. */
class RackReviewTest {
    private static RecordedShot shot(String ball, RecordedShot.Outcome outcome, List<String> down, Point landing) {
        return new RecordedShot(
                Optional.of(ball),
                Optional.of(PocketName.NE),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new RackPlan.Zone(new Point(1000, 600), 150)),
                Optional.of("2"),
                outcome,
                down,
                Optional.ofNullable(landing),
                List.of(),
                Optional.empty());
    }

    private static RecordedShot said(RecordedShot shot, BreakOut breakOut) {
        return new RecordedShot(
                shot.ball(),
                shot.pocket(),
                shot.from(),
                shot.stroke(),
                shot.planned(),
                shot.next(),
                shot.outcome(),
                shot.down(),
                shot.landing(),
                shot.moved(),
                Optional.of(breakOut));
    }

    private static RecordedShot pot(String ball, double x, double y) {
        return shot(ball, RecordedShot.Outcome.POTTED, List.of(ball), new Point(x, y));
    }

    private static RackReview.Rack rack(RackLayout layout, double chance, RecordedShot... shots) {
        List<RecordedShot> played = List.of(shots);
        return new RackReview.Rack(
                RecordedRack.of(layout, POOL, HouseRules.USUAL, played),
                played,
                Optional.of(new RackReview.Chance(chance, 0.02)),
                Optional.of(new RackReview.PlayedBreak(1, false)));
    }

    private static final RackLayout TWO =
            RackSetUps.layout("anyOrder-3", Optional.of(new Point(1800, 700)), "1 2100 900", "2 700 400");

    @Test
    void aRackFollowsFromItsShots() {
        RecordedRack open = RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(pot("1", 1010, 590)));
        assertThat(open.end()).isEmpty();
        assertThat(open.now().ballsLeft()).isEqualTo(1);
        assertThat(open.now().cue()).contains(new Point(1010, 590));
        RecordedRack won =
                RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(pot("1", 1010, 590), pot("2", 900, 600)));
        assertThat(won.end()).contains(RackEnd.CLEARED);
        assertThat(won.potted()).isEqualTo(2);
    }

    @Test
    void whatCannotFollowIsRefused() {
        RecordedShot miss = shot("1", RecordedShot.Outcome.MISSED_THIN, List.of(), new Point(1500, 600));
        assertThatThrownBy(() -> RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(miss, pot("1", 1000, 600))))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("ended");
        assertThatThrownBy(() -> RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(pot("1", 710, 400))))
                .hasMessageContaining("another ball");
        assertThatThrownBy(() -> RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(pot("1", 5, 400))))
                .hasMessageContaining("bed");
        assertThatThrownBy(() -> RecordedRack.of(TWO, POOL, HouseRules.USUAL, List.of(pot("3", 1000, 600))))
                .hasMessageContaining("on the table");
    }

    @Test
    void breakOutsAreCountedWhereSomebodySaidHowTheyWent() {
        RecordedShot miss = shot("2", RecordedShot.Outcome.MISSED_THIN, List.of(), new Point(1500, 600));
        RackReview review = RackReview.of(
                List.of(
                        rack(TWO, 0.5, said(pot("1", 1010, 590), BreakOut.HIT), pot("2", 1000, 800)),
                        rack(TWO, 0.5, said(pot("1", 1010, 590), BreakOut.HIT), miss),
                        rack(TWO, 0.5, said(pot("1", 1010, 590), BreakOut.MISSED), miss),
                        rack(TWO, 0.5, pot("1", 1010, 590), pot("2", 1000, 800))),
                RackSetUps.student(Band.SLATE).errors(),
                Map.of());
        assertThat(review.breakOuts()).isEqualTo(new RackReview.BreakOuts(3, 2, 2, 1));
    }

    /** 1 and 2 touch; 3 lies apart. */
    @Test
    void aBreakOutIsMetWhenABallThatWasToBeDrivenFreeMoved() {
        Optional<Point> cue = Optional.of(new Point(600, 600));
        RackPosition tied = RackSetUps.layout("anyOrder-3", cue, "1 1270 635", "2 1327.15 635", "3 400 300")
                .on(POOL);
        RackPosition open = RackSetUps.layout("anyOrder-3", cue, "1 1270 635", "2 1900 900", "3 400 300")
                .on(POOL);
        RackPosition nudged = RackSetUps.layout("anyOrder-3", cue, "1 1270 635", "2 1340 660", "3 400 300")
                .on(POOL);
        assertThat(BreakOut.driven(tied, open)).containsExactly("2");
        assertThat(BreakOut.of(tied, open, open)).contains(BreakOut.HIT);
        assertThat(BreakOut.of(tied, open, nudged)).contains(BreakOut.HIT);
        assertThat(BreakOut.of(tied, open, tied)).contains(BreakOut.MISSED);
        assertThat(BreakOut.of(open, open, tied)).isEmpty();
    }

    @Test
    void wonLandingsAndEndsAreCounted() {
        RackReview review = RackReview.of(
                List.of(
                        rack(TWO, 0.5, pot("1", 1010, 590), pot("2", 1000, 800)),
                        rack(TWO, 0.25, shot("1", RecordedShot.Outcome.MISSED_THICK, List.of(), null)),
                        rack(TWO, 0.25, pot("1", 1700, 600), shot("2", RecordedShot.Outcome.HOOKED, List.of(), null)),
                        rack(TWO, 0.9)),
                RackSetUps.student(Band.SLATE).errors(),
                Map.of());
        assertThat(review.racks()).isEqualTo(3);
        assertThat(review.won()).isEqualTo(1);
        assertThat(review.share().orElseThrow().contains(1 / 3.0)).isTrue();
        RackReview.Worth worth = review.worth().orElseThrow();
        assertThat(worth.expected()).isCloseTo(1, within(1e-9));
        assertThat(worth.more().contains(0)).isTrue();
        assertThat(review.ends()).containsEntry(RackEnd.MISSED_THICK, 1).containsEntry(RackEnd.HOOKED, 1);
        assertThat(review.ballsLeft()).containsEntry(2, 1).containsEntry(1, 1);
        assertThat(review.before()).isEqualTo(new RackReview.Before(0, 1));
        RackReview.Landings landings = review.landings().orElseThrow();
        assertThat(landings.count()).isEqualTo(3);
        assertThat(landings.inZone()).isEqualTo(1);
        assertThat(landings.nextAsked()).isEqualTo(2);
        assertThat(review.pots().made()).isEqualTo(review.pots().tried() - 1);
        assertThat(review.breaks().orElseThrow().ballsDown()).isEqualTo(1);
    }

    /** From (1800, 700) over the 1 at (2100, 900) into NE, and from where the cue ball stopped over the 2 into NE. */
    private static PotKind kindOfTheFirst() {
        return PotKind.of(
                        new Point(1800, 700),
                        new Point(2100, 900),
                        POOL.plan.pocket(PocketName.NE).captureCentre(),
                        POOL.touching)
                .orElseThrow();
    }

    @Test
    void potsAreHeldAgainstDrillShotsOfTheSameCutAndDistance() {
        PotKind kind = kindOfTheFirst();
        assertThat(kind).isEqualTo(new PotKind(0, 750));
        RecordedShot miss = shot("1", RecordedShot.Outcome.MISSED_THICK, List.of(), null);
        RackReview.Rack made = rack(TWO, 0.5, pot("1", 1010, 590));
        RackReview.Rack missed = rack(TWO, 0.5, miss);
        RackReview.Rack hooked = rack(TWO, 0.5, shot("1", RecordedShot.Outcome.HOOKED, List.of(), null));
        List<RackReview.Rack> racks = List.of(made, missed, missed, hooked);
        PotsAgainstDrills compared = PotsAgainstDrills.of(racks, Map.of(kind, Proportion.of(80, 100)))
                .orElseThrow();
        assertThat(compared.shots()).isEqualTo(3);
        assertThat(compared.made()).isEqualTo(1);
        assertThat(compared.expected()).isCloseTo(2.4, within(1e-9));
        // 3 shots by chance, and a share known from 100: 1.645 √(p q (3 + 9/100)), p = 80.5/101.
        double p = 80.5 / 101;
        double half = 1.645 * Math.sqrt(p * (1 - p) * 3.09);
        assertThat(compared.more().lower()).isCloseTo(-1.4 - half, within(1e-9));
        assertThat(compared.more().upper()).isCloseTo(-1.4 + half, within(1e-9));
    }

    @Test
    void fewDrillShotsOrOtherKindsAreNotHeldAgainst() {
        RackReview.Rack made = rack(TWO, 0.5, pot("1", 1010, 590));
        assertThat(PotsAgainstDrills.of(List.of(made), Map.of(kindOfTheFirst(), Proportion.of(9, 9))))
                .isEmpty();
        assertThat(PotsAgainstDrills.of(List.of(made), Map.of(new PotKind(60, 0), Proportion.of(50, 90))))
                .isEmpty();
    }

    @Test
    void kindsArePartedByCutAndWay() {
        Point pocket = new Point(0, 0);
        Point object = new Point(500, 0);
        assertThat(PotKind.of(new Point(800, 0), object, pocket, 57)).contains(new PotKind(0, 0));
        assertThat(PotKind.of(new Point(1800, 0), object, pocket, 57)).contains(new PotKind(0, 1500));
        assertThat(PotKind.of(new Point(2540, 0), object, pocket, 57)).contains(new PotKind(0, 2250));
        assertThat(PotKind.of(new Point(657, 180), object, pocket, 57)).contains(new PotKind(60, 0));
        assertThat(PotKind.of(new Point(540, 400), object, pocket, 57)).isEmpty();
        assertThat(PotKind.of(new Point(300, 100), object, pocket, 57)).isEmpty();
    }
}
