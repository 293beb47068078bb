package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static amberrail.core.rack.RackSetUps.SNOOKER;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.table.Markings;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What was written down, by the rules of its game: whatever key was tapped. */
class RecordedRackTest {
    private static final Point LANDED = new Point(1000, 600);
    private static final HouseRules COSTS = new HouseRules(true, false, false);

    private static RecordedShot shot(String ball, RecordedShot.Outcome outcome, String... down) {
        return shotOf(Optional.of(ball), outcome, down);
    }

    private static RecordedShot shotOf(Optional<String> ball, RecordedShot.Outcome outcome, String... down) {
        boolean lands = outcome != RecordedShot.Outcome.IN_OFF;
        return new RecordedShot(
                ball,
                Optional.of(PocketName.NE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                outcome,
                List.of(down),
                lands ? Optional.of(LANDED) : Optional.empty(),
                List.of(),
                Optional.empty());
    }

    private static RecordedRack played(RackLayout layout, HouseRules rules, RecordedShot... shots) {
        RackTable table = RackGames.isSnooker(layout.game()) ? SNOOKER : POOL;
        return RecordedRack.of(layout, table, rules, List.of(shots));
    }

    private static RackLayout layout(String game, String... balls) {
        return RackSetUps.layout(game, Optional.of(new Point(1500, 900)), balls);
    }

    private static final RackLayout GROUP =
            layout("groupThenLast-low", "1 500 300", "2 700 300", "8 2000 300", "12 2000 900");

    @Test
    void theLastBallTooEarlyLosesThoughItWasWrittenDownAsAPot() {
        RecordedRack early = played(GROUP, HouseRules.USUAL, shot("8", RecordedShot.Outcome.POTTED, "8"));
        assertThat(early.end()).contains(RackEnd.WRONG_BALL);
        RecordedRack beside = played(GROUP, HouseRules.USUAL, shot("1", RecordedShot.Outcome.POTTED, "1", "8"));
        assertThat(beside.end()).contains(RackEnd.WRONG_BALL);
        RecordedRack costs = played(GROUP, COSTS, shot("1", RecordedShot.Outcome.IN_OFF, "8"));
        assertThat(costs.end()).contains(RackEnd.IN_OFF);
    }

    @Test
    void theLastBallAfterTheGroupClears() {
        RecordedRack won = played(
                GROUP,
                HouseRules.USUAL,
                shot("1", RecordedShot.Outcome.POTTED, "1", "2"),
                shot("8", RecordedShot.Outcome.POTTED, "8"));
        assertThat(won.end()).contains(RackEnd.CLEARED);
        assertThat(won.now().ballsLeft()).isEqualTo(1);
    }

    @Test
    void aBallOfTheOtherGroupAloneIsNoPot() {
        RecordedRack missed = played(GROUP, HouseRules.USUAL, shot("1", RecordedShot.Outcome.POTTED, "12"));
        assertThat(missed.end()).contains(RackEnd.MISSED);
        assertThat(missed.now().isOnTable(missed.now().game().ballIndex("12"))).isFalse();
    }

    @Test
    void anotherBallThatDropsGoesOnWhereAnyBallCountsThoughTheMeantOneMissed() {
        RackLayout three = layout("anyOrder-3", "1 500 300", "2 700 300", "3 2000 300");
        RecordedRack lucky = played(three, HouseRules.USUAL, shot("1", RecordedShot.Outcome.MISSED_THIN, "2"));
        assertThat(lucky.end()).isEmpty();
        assertThat(lucky.potted()).isEqualTo(1);
        RecordedRack unlucky = played(three, HouseRules.USUAL, shot("1", RecordedShot.Outcome.MISSED_THIN));
        assertThat(unlucky.end()).contains(RackEnd.MISSED_THIN);
    }

    @Test
    void theHighestWinsByACombination() {
        RackLayout nine = layout("numberOrder-9", "1 500 300", "5 700 300", "9 2000 300");
        assertThat(played(nine, HouseRules.USUAL, shot("1", RecordedShot.Outcome.POTTED, "9"))
                        .end())
                .contains(RackEnd.CLEARED);
        assertThat(played(nine, HouseRules.USUAL, shot("1", RecordedShot.Outcome.WRONG_BALL, "9"))
                        .end())
                .contains(RackEnd.WRONG_BALL);
    }

    @ParameterizedTest
    @ValueSource(strings = {"NO_SHOT", "HOOKED", "GAVE_UP"})
    void withoutAShotItEndsAsItWasSaid(RecordedShot.Outcome outcome) {
        RecordedRack over = played(GROUP, HouseRules.USUAL, shotOf(Optional.empty(), outcome));
        assertThat(over.end()).contains(RackEnd.valueOf(outcome.name()));
        assertThat(over.now().ballsLeft()).isEqualTo(4);
    }

    private static RackLayout lineUp() {
        return StandardLayouts.of(RackGames.byKey("lineUp-6"), SNOOKER);
    }

    @Test
    void redsAndColoursScoreComeBackAndGoInOrderAtTheEnd() {
        RecordedShot red = shot("red 1", RecordedShot.Outcome.POTTED, "red 1");
        RecordedShot black = shot("black", RecordedShot.Outcome.POTTED, "black");
        RecordedRack rack = played(lineUp(), HouseRules.USUAL, red, black);
        assertThat(rack.points()).isEqualTo(8);
        assertThat(rack.end()).isEmpty();
        assertThat(rack.now().stageId()).isEqualTo("red");
        assertThat(rack.potted()).isEqualTo(1);
        assertThat(rack.now().place(rack.now().game().ballIndex("black")))
                .isEqualTo(Markings.of(SNOOKER.spec).spot("black").place());
    }

    @ParameterizedTest
    @CsvSource({"red 1, pink", "red 1, red 1|pink"})
    void aColourWithOrInPlaceOfARedIsAFoul(String meant, String down) {
        RecordedShot shot = shot(meant, RecordedShot.Outcome.POTTED, down.split("\\|"));
        RecordedRack over = played(lineUp(), HouseRules.USUAL, shot);
        assertThat(over.end()).contains(RackEnd.WRONG_BALL);
        assertThat(over.points()).isZero();
    }

    @Test
    void aFoulThatOnlyCostsPutsColoursBackAndTheCueBallInHand() {
        RecordedRack goesOn = played(lineUp(), COSTS, shot("red 1", RecordedShot.Outcome.IN_OFF, "red 1", "pink"));
        assertThat(goesOn.end()).isEmpty();
        assertThat(goesOn.now().cue()).isEmpty();
        assertThat(goesOn.now().ballsLeft()).isEqualTo(11);
        assertThat(goesOn.now().isOnTable(goesOn.now().game().ballIndex("pink")))
                .isTrue();
    }

    @Test
    void movedBallsLieWhereTheyWereMoved() {
        RecordedShot moved = new RecordedShot(
                Optional.of("1"),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RecordedShot.Outcome.POTTED,
                List.of("1"),
                Optional.of(LANDED),
                List.of(new RackLayout.Laid("2", new Point(1300, 1000))),
                Optional.empty());
        RecordedRack rack = played(GROUP, HouseRules.USUAL, moved);
        assertThat(rack.now().place(rack.now().game().ballIndex("2"))).isEqualTo(new Point(1300, 1000));
    }

    /** The simulator and the record go by the same rules: what it plays, written down and read again, ends the same with the same score. */
    @ParameterizedTest
    @ValueSource(strings = {"anyOrder-5", "numberOrder-6", "groupThenLast-high", "coloursOnly", "lineUp-6"})
    void whatTheSimulatorPlaysEndsTheSameWhenItIsReadAgain(String key) {
        RackGame game = RackGames.byKey(key);
        RackTable table = RackGames.isSnooker(game) ? SNOOKER : POOL;
        RackStudent student = RackSetUps.student(Band.AMBER);
        int compared = 0;
        for (int i = 0; i < 12; i++) {
            long seed = 380_000 + i;
            RackLayout layout = StandardLayouts.has(game)
                    ? StandardLayouts.of(game, table)
                    : MadeUpBreak.of(game, table, student, seed);
            SimulatedRack simulated = SimulatedRack.play(layout, table, student, student.errors(), seed);
            RecordedRack read = RecordedRack.of(layout, table, student.rules(), simulated.shots());
            RackRun run = RackRun.play(layout.on(table), RackPolicy.proposed(student), student, seed);
            // A ball that stops between a pocket's jaws cannot be tapped: there the record ends early, and says that
            // there was no shot.
            if (!read.end().equals(Optional.of(RackEnd.NO_SHOT))) {
                compared++;
                assertThat(read.end()).as(key + " " + i).contains(run.end());
                assertThat(read.points()).as(key + " " + i).isEqualTo(run.points());
                assertThat(read.potted()).as(key + " " + i).isEqualTo(run.potted());
            }
            assertThat(read.end()).as(key + " " + i).isPresent();
        }
        assertThat(compared).isGreaterThan(5);
    }
}
