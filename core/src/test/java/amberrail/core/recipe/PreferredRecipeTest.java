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
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which recipe is the usual one, and how steeply the cue is held. */
class PreferredRecipeTest {

    @Test
    void theMostSuccessfulWins() {
        Recipe best = recipe(0.70, 0, 1, 2);
        assertThat(PreferredRecipe.of(List.of(recipe(0.60, 0, 0, 1), best))).hasValue(best);
        assertThat(PreferredRecipe.of(List.of())).isEmpty();
    }

    @Test
    void withinAPointFewerCushionsThenSlower() {
        Recipe direct = recipe(0.695, 0, 0, 3);
        Recipe slower = recipe(0.693, 0, 0, 2);
        assertThat(PreferredRecipe.of(List.of(recipe(0.70, 0, 2, 1), direct))).hasValue(direct);
        assertThat(PreferredRecipe.of(List.of(direct, slower))).hasValue(slower);
        assertThat(PreferredRecipe.of(List.of(recipe(0.70, 0, 2, 1), recipe(0.68, 0, 0, 1))))
                .as("two points are more than one")
                .hasValueSatisfying(r -> assertThat(r.cushions()).hasSize(2));
    }

    @Test
    void sideOnlyWhereItWinsByFivePoints() {
        Recipe plain = recipe(0.60, 0, 0, 2);
        Recipe little = recipe(0.64, 6, 0, 2);
        Recipe much = recipe(0.66, 6, 0, 2);
        assertThat(PreferredRecipe.of(List.of(little, plain))).hasValue(plain);
        assertThat(PreferredRecipe.of(List.of(much, plain))).hasValue(much);
        assertThat(PreferredRecipe.of(List.of(little))).as("nothing else works").hasValue(little);
    }

    @Test
    void theReasonSaysWhatDecided() {
        Recipe plain = recipe(0.60, 0, 0, 2);
        Recipe round = recipe(0.55, 0, 2, 2);
        assertThat(reason(plain)).isEqualTo(Preference.Reason.ONLY_WAY);
        assertThat(reason(plain, round)).isEqualTo(Preference.Reason.SUCCEEDS_MOST);
        assertThat(reason(plain, recipe(0.604, 0, 2, 2))).isEqualTo(Preference.Reason.AS_GOOD_AND_SIMPLER);
        assertThat(reason(plain, recipe(0.64, 6, 0, 2))).isEqualTo(Preference.Reason.SIDE_NOT_WORTH_IT);
        assertThat(reason(plain, recipe(0.66, 6, 0, 2))).isEqualTo(Preference.Reason.SIDE_WINS);
        assertThat(Preference.of(List.of())).isEmpty();
    }

    @Test
    void thePointsAreTheDifferenceToTheOther() {
        Recipe round = recipe(0.55, 0, 2, 2);
        Preference preference =
                Preference.of(List.of(recipe(0.60, 0, 0, 2), round)).orElseThrow();
        assertThat(preference.points()).isCloseTo(5, within(1e-9));
        assertThat(preference.other()).hasValue(round);
    }

    private static Preference.Reason reason(Recipe... recipes) {
        return Preference.of(List.of(recipes)).orElseThrow().reason();
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
        LandingJacobian.Effect none = new LandingJacobian.Effect(0, 0);
        AllowedErrors.Room room = new AllowedErrors.Room(1, 1);
        return new Recipe(
                Way.STUN,
                java.util.Collections.nCopies(cushions, Cushion.E),
                new PlannedStroke(pace, 0, sideMillimetres, 3, 0),
                new AimInterval(-0.1, 0.1),
                new Point(0, 0),
                0,
                new LandingJacobian(none, none, none, 1),
                new AllowedErrors(room, room, room),
                AllowedErrors.Fault.TOO_SOFT,
                Recipe.Consequence.SHORT,
                new SuccessRate(1000, (int) (1000 * probability), probability, 0.01));
    }
}
