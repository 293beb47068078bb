package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.SNOOKER;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.table.Markings;
import amberrail.core.table.PocketName;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Shots played by the engine, told by the rules. */
class RefereeTest {
    private static Played play(RackPosition position, HouseRules rules, double pace, double height, double degrees) {
        return play(position, rules, pace, height, degrees, position.on()[0], PocketName.NE);
    }

    private static Played play(
            RackPosition position,
            HouseRules rules,
            double pace,
            double height,
            double degrees,
            int ball,
            PocketName pocket) {
        ShotRunner runner = position.table().runner(position);
        assertThat(runner.play(new CueStrike(pace, 0, 0, height, 3, OptionalDouble.empty()), degrees))
                .isTrue();
        return new Referee(rules).judge(position, runner.result(), ball, pocket);
    }

    /** Ball and cue ball on the diagonal into the NE corner of the pool table, straight. */
    private static RackPosition straight(String game, String ball, String... others) {
        String[] balls = new String[others.length + 1];
        balls[0] = ball + " 2340 1070";
        System.arraycopy(others, 0, balls, 1, others.length);
        return RackSetUps.from(2140, 870, game, balls);
    }

    @Test
    void aPotGoesOnAndTheLastOneClears() {
        Played played = play(straight("anyOrder-3", "1", "2 500 300"), HouseRules.USUAL, 2, -0.2, 45);
        assertThat(played.goesOn()).isTrue();
        assertThat(played.next().ballsLeft()).isEqualTo(1);
        assertThat(play(straight("anyOrder-3", "1"), HouseRules.USUAL, 2, -0.2, 45)
                        .end())
                .contains(RackEnd.CLEARED);
    }

    @Test
    void aMissEndsIt() {
        assertThat(play(straight("anyOrder-3", "1", "2 500 300"), HouseRules.USUAL, 2, 0, 52)
                        .end())
                .contains(RackEnd.MISSED);
    }

    @Test
    void followingInIsAnInOffUnlessFoulsOnlyCost() {
        RackPosition position = straight("anyOrder-3", "1", "2 500 300");
        assertThat(play(position, HouseRules.USUAL, 2, 0.4, 45).end()).contains(RackEnd.IN_OFF);
        Played costs = play(position, new HouseRules(true, false, false), 2, 0.4, 45);
        assertThat(costs.goesOn()).isTrue();
        assertThat(costs.next().cue()).isEmpty();
    }

    @Test
    void anotherBallFirstIsAFoulWhereNumbersCount() {
        assertThat(play(straight("numberOrder-6", "4", "2 500 300"), HouseRules.USUAL, 2, 0, 45)
                        .end())
                .contains(RackEnd.WRONG_BALL);
    }

    @Test
    void theHighestWinsWhenItDropsAfterARightHit() {
        RackPosition combination =
                RackSetUps.from(2040, 770, "numberOrder-9", "1 2240 970", "9 2340 1070", "5 500 300");
        Played played = play(combination, HouseRules.USUAL, 3, 0, 45);
        assertThat(played.end()).contains(RackEnd.CLEARED);
    }

    @Test
    void theLastBallOfAGroupGameTooEarlyLosesAndMustGoWhereItWasCalled() {
        RackPosition early = RackSetUps.from(2040, 770, "groupThenLast-low", "1 2240 970", "8 2340 1070", "5 500 300");
        assertThat(play(early, HouseRules.USUAL, 3, 0, 45).end()).contains(RackEnd.WRONG_BALL);
        RackPosition last = straight("groupThenLast-low", "8");
        int eight = last.game().ballIndex("8");
        assertThat(play(last, HouseRules.USUAL, 2, -0.2, 45, eight, PocketName.SE)
                        .end())
                .contains(RackEnd.WRONG_BALL);
        assertThat(play(last, HouseRules.USUAL, 2, -0.2, 45, eight, PocketName.NE)
                        .end())
                .contains(RackEnd.CLEARED);
    }

    @Test
    void aBallOfTheOtherGroupStaysDownAndIsNoPot() {
        RackPosition position =
                RackSetUps.from(2040, 770, "groupThenLast-low", "1 2240 970", "12 2340 1070", "8 500 300");
        Played played = play(position, HouseRules.USUAL, 3, 0, 45);
        assertThat(played.end()).contains(RackEnd.MISSED);
        assertThat(played.next().isOnTable(position.game().ballIndex("12"))).isFalse();
    }

    @Test
    void coloursComeBackToTheirSpotsOrToTheHighestThatIsFree() {
        RackPosition start =
                StandardLayouts.of(RackGames.byKey("lineUp-6"), SNOOKER).on(SNOOKER);
        RackGame game = start.game();
        int blue = game.ballIndex("blue");
        Point spot = Markings.of(SNOOKER.spec).spot("blue").place();
        Point[] places = start.places();
        places[blue] = null;
        assertThat(Aftermath.spot(start, blue, places, Optional.empty())).isEqualTo(spot);
        places[game.ballIndex("red 1")] = new Point(spot.xMillimetres() + 10, spot.yMillimetres());
        places[game.ballIndex("black")] = null;
        assertThat(Aftermath.spot(start, blue, places, Optional.empty()))
                .isEqualTo(Markings.of(SNOOKER.spec).spot("black").place());
    }

    @Test
    void aColourAfterARedScoresAndComesBack() {
        RackGame game = RackGames.byKey("lineUp-6");
        RackLayout layout = RackSetUps.layout(
                "lineUp-6", Optional.of(new Point(3100, 1400)), "red 1 500 300", "red 2 600 300", "black 3300 1550");
        RackPosition position = layout.on(SNOOKER);
        RackPosition colour = position.after(1, position.places(), position.cue());
        double bearing = new Point(3300, 1550)
                .towards(SNOOKER.plan.pocket(PocketName.NE).captureCentre())
                .degrees();
        Point ghost = new Point(3300, 1550).moved(Direction.ofDegrees(bearing), -SNOOKER.touching);
        Point cue = ghost.moved(Direction.ofDegrees(bearing), -250);
        Played played =
                play(colour.withCue(cue), HouseRules.USUAL, 1.6, -0.2, bearing, game.ballIndex("black"), PocketName.NE);
        assertThat(played.goesOn()).isTrue();
        assertThat(played.points()).isEqualTo(7);
        assertThat(played.next().place(game.ballIndex("black")))
                .isEqualTo(Markings.of(SNOOKER.spec).spot("black").place());
        assertThat(played.next().stageNow().id()).isEqualTo("red");
    }
}
