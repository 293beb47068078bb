package amberrail.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.Cushion;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Which recipe is the usual one, and how steeply the cue is held. */
class PreferredRecipeTest {

    private static final Teaching DRAW = new Teaching(Set.of(Way.DRAW), false, false);
    private static final Teaching SIDE = new Teaching(Set.of(), true, false);
    private static final Teaching POT = new Teaching(Set.of(), false, true);

    private static Optional<Recipe> usual(Recipe... recipes) {
        return PreferredRecipe.of(List.of(recipes), Teaching.NOTHING);
    }

    @Test
    void theMostSuccessfulWinsByMoreThanThreePoints() {
        Recipe best = recipe(0.70, 0, 1, 2);
        assertThat(usual(recipe(0.66, 0, 0, 1), best)).hasValue(best);
        assertThat(usual()).isEmpty();
    }

    @Test
    void withinThreePointsNoSideThenFewerCushionsThenSlower() {
        Recipe direct = recipe(0.68, 0, 0, 3);
        Recipe slower = recipe(0.68, 0, 0, 2);
        assertThat(usual(recipe(0.70, 0, 2, 1), direct)).hasValue(direct);
        assertThat(usual(direct, slower)).hasValue(slower);
        assertThat(usual(recipe(0.70, 6, 0, 1), direct)).as("no side").hasValue(direct);
        Recipe side = recipe(0.72, 6, 0, 1);
        assertThat(usual(side, direct)).as("four points are more than three").hasValue(side);
    }

    @Test
    void theDrillsOwnSkillIsPlayedWhereItIsNotMuchWorse() {
        Recipe stun = recipe(Way.STUN, 0.70, 0, 0, 2);
        Recipe draw = recipe(Way.DRAW, 0.68, 0, 1, 4);
        Recipe poorDraw = recipe(Way.DRAW, 0.56, 0, 0, 4);
        Recipe poorerDraw = recipe(Way.DRAW, 0.57, 0, 1, 5);
        Recipe hopeless = recipe(Way.DRAW, 0.54, 0, 0, 4);
        assertThat(PreferredRecipe.of(List.of(stun, draw), DRAW)).hasValue(draw);
        assertThat(PreferredRecipe.of(List.of(stun, draw), Teaching.NOTHING)).hasValue(stun);
        assertThat(PreferredRecipe.of(List.of(stun, poorDraw, poorerDraw), DRAW))
                .as("the best within fifteen points, not the simplest")
                .hasValue(poorerDraw);
        assertThat(PreferredRecipe.of(List.of(stun, hopeless), DRAW)).hasValue(stun);
    }

    @Test
    void aSideDrillIsPlayedWithSide() {
        Recipe plain = recipe(0.70, 0, 0, 2);
        Recipe side = recipe(0.60, 6, 0, 2);
        assertThat(PreferredRecipe.of(List.of(plain, side), SIDE)).hasValue(side);
    }

    @Test
    void aPotAloneIsPlayedAtAnEasyPace() {
        Recipe crawl = recipe(0.70, 0, 0, 0.7);
        Recipe easy = recipe(0.68, 0, 0, 1.6);
        Recipe firm = recipe(0.70, 0, 0, 4.2);
        assertThat(PreferredRecipe.of(List.of(crawl, easy, firm), POT)).hasValue(easy);
        assertThat(PreferredRecipe.of(List.of(crawl, easy, firm), Teaching.NOTHING))
                .hasValue(crawl);
    }

    @Test
    void theReasonSaysWhatDecided() {
        Recipe plain = recipe(0.60, 0, 0, 2);
        Recipe round = recipe(0.55, 0, 2, 2);
        assertThat(reason(plain)).isEqualTo(Preference.Reason.ONLY_WAY);
        assertThat(reason(plain, round)).isEqualTo(Preference.Reason.SUCCEEDS_MOST);
        assertThat(reason(plain, recipe(0.62, 0, 2, 2))).isEqualTo(Preference.Reason.AS_GOOD_AND_SIMPLER);
        assertThat(reason(plain, recipe(0.62, 6, 0, 2))).isEqualTo(Preference.Reason.AS_GOOD_AND_SIMPLER);
        assertThat(Preference.of(List.of(plain, recipe(Way.DRAW, 0.50, 0, 0, 2)), DRAW)
                        .orElseThrow()
                        .reason())
                .isEqualTo(Preference.Reason.IS_WHAT_IS_TAUGHT);
        assertThat(Preference.of(List.of(), Teaching.NOTHING)).isEmpty();
    }

    @Test
    void thePointsAreTheDifferenceToTheOther() {
        Recipe round = recipe(0.55, 0, 2, 2);
        Preference preference = Preference.of(List.of(recipe(0.60, 0, 0, 2), round), Teaching.NOTHING)
                .orElseThrow();
        assertThat(preference.points()).isCloseTo(5, within(1e-9));
        assertThat(preference.other()).hasValue(round);
    }

    private static Preference.Reason reason(Recipe... recipes) {
        return Preference.of(List.of(recipes), Teaching.NOTHING).orElseThrow().reason();
    }

    @Test
    void theCueIsRaisedOnlyAsFarAsWhatLiesBehindAsks() {
        assertThat(elevation(List.of(ball("cue", 1.27, 0.635)), 0)).isEqualTo(3);
        double frozen = elevation(List.of(ball("cue", 0.0275138, 0.635)), 0);
        assertThat(frozen).isCloseTo(30.5, within(0.3));
        assertThat(elevation(List.of(ball("cue", 0.0275138, 0.635)), 0.3))
                .as("higher up, flatter")
                .isLessThan(frozen);
        assertThat(elevation(List.of(ball("cue", 0.15, 0.635)), 0)).isBetween(3.0, frozen);
        List<TableBall> blocked = List.of(ball("cue", 1.27, 0.635), ball("behind", 1.15, 0.637));
        assertThat(elevation(blocked, 0)).isBetween(10.0, 40.0);
        List<TableBall> beside = List.of(ball("cue", 1.27, 0.635), ball("beside", 1.15, 0.75));
        assertThat(elevation(beside, 0)).isEqualTo(3);
    }

    private static double elevation(List<TableBall> balls, double height) {
        return CueElevation.degrees(ShotTable.of(TablePlan.of(TablePresets.POOL_9FT)), balls, 0, 0, height);
    }

    private static TableBall ball(String id, double x, double y) {
        return new TableBall(id, BallState.atRest(x, y), 0.028575, 0.17);
    }

    private static Recipe recipe(double probability, double sideMillimetres, int cushions, double pace) {
        return recipe(Way.STUN, probability, sideMillimetres, cushions, pace);
    }

    private static Recipe recipe(Way way, double probability, double sideMillimetres, int cushions, double pace) {
        LandingJacobian.Effect none = new LandingJacobian.Effect(0, 0);
        AllowedErrors.Room room = new AllowedErrors.Room(1, 1);
        return new Recipe(
                way,
                Collections.nCopies(cushions, Cushion.E),
                new PlannedStroke(pace, 0, sideMillimetres, 3, 0),
                new AimInterval(-0.1, 0.1),
                new Point(0, 0),
                0,
                new LandingJacobian(none, none, none, 1),
                new PotShift(0, 0),
                new AllowedErrors(room, room, room),
                AllowedErrors.Fault.TOO_SOFT,
                Recipe.Consequence.SHORT,
                new SuccessRate(1000, (int) (1000 * probability), probability, 0.01));
    }
}
