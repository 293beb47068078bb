package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The quick chance of a pot and the quick aim, held to the engine over pots drawn by seed (370000 on; fitted on 5000 to 6499). */
class PotLookTest {
    private static final int POTS = 800;
    private static final int STROKES = 60;

    /** One ball and the cue ball anywhere, with everything that can be potted from there. */
    private record Drawn(RackPosition position, PotLook look, RackStroke stroke) {}

    private static List<Drawn> drawn(ExecutionErrors errors, double thinnestDegrees) {
        List<Drawn> drawn = new ArrayList<>();
        for (int seed = 0; seed < POTS; seed++) {
            Random random = new Random(RackDraws.mixed(370_000 + seed, 1));
            RackLayout all = MadeUpLayouts.scattered(RackGames.byKey("anyOrder-3"), POOL, 370_000 + seed);
            Point cue = new Point(100 + 2340 * random.nextDouble(), 100 + 1070 * random.nextDouble());
            Point ball = all.balls().get(0).place();
            if (cue.distanceMillimetres(ball) < 100) {
                continue;
            }
            RackPosition position = new RackLayout(all.game(), all.balls().subList(0, 1), Optional.of(cue)).on(POOL);
            for (Opening opening : position.openings()) {
                PotLook look = PotLook.of(position, cue.xMillimetres(), cue.yMillimetres(), opening, errors);
                RackStroke stroke = new RackStroke(
                        1.6 + 1.6 * random.nextDouble(), new double[] {-0.3, 0, 0.3}[random.nextInt(3)], 0);
                if (look != null && Math.abs(Math.toDegrees(look.cut())) < thinnestDegrees) {
                    drawn.add(new Drawn(position, look, stroke));
                }
            }
        }
        return drawn;
    }

    private static Optional<AimedStroke> aimed(Drawn one, List<TableBall> balls) {
        return AimedStroke.of(POOL, balls, one.look(), one.stroke());
    }

    @Test
    void theChanceIsThatOfTheEngineAsFarAsPlanningNeedsIt() {
        for (Band band : List.of(Band.BAIZE, Band.SLATE, Band.BRASS)) {
            ExecutionErrors errors = RackSetUps.student(band).errors();
            double[][] cells = new double[5][3];
            double said = 0;
            double found = 0;
            int pots = 0;
            for (Drawn one : drawn(errors, 75)) {
                List<TableBall> balls =
                        POOL.balls(one.position(), one.position().cue().orElseThrow());
                ShotRunner runner = ShotRunner.goingOn(POOL.shots, POOL.physics, balls, 0, Accuracy.SCAN);
                Optional<AimedStroke> aimed = aimed(one, balls);
                if (aimed.isEmpty()) {
                    continue;
                }
                PocketName pocket = one.look().opening().pocket().name();
                int potted = 0;
                for (double[] draw : RackDraws.balanced(STROKES, 371_000)) {
                    boolean moved = runner.playStraying(
                            aimed.get().strike(), aimed.get().launchDegrees(), errors, POOL.spec.level(), draw);
                    potted += moved && runner.result().isPottedIn(1, pocket) ? 1 : 0;
                }
                said += one.look().chance();
                found += (double) potted / STROKES;
                pots++;
                int cell = (int) Math.min(4, 5 * one.look().chance());
                cells[cell][0]++;
                cells[cell][1] += one.look().chance();
                cells[cell][2] += (double) potted / STROKES;
            }
            assertThat(found / pots).as(band.name()).isCloseTo(said / pots, within(0.04));
            for (int cell = 1; cell < cells.length; cell++) {
                assertThat(cells[cell][0]).as(band + " " + cell).isGreaterThan(10);
                assertThat(cells[cell][2] / cells[cell][0])
                        .as(band + " said " + cells[cell][1] / cells[cell][0])
                        .isCloseTo(cells[cell][1] / cells[cell][0], within(0.1));
            }
        }
    }

    @Test
    void strokesAreAimedSoThatTheyPotWhenNobodyErrs() {
        List<Drawn> drawn = drawn(ExecutionErrors.REFERENCE, 50);
        int potted = 0;
        int played = 0;
        for (Drawn one : drawn) {
            List<TableBall> balls =
                    POOL.balls(one.position(), one.position().cue().orElseThrow());
            Optional<AimedStroke> aimed = aimed(one, balls);
            if (aimed.isPresent()) {
                ShotRunner runner = ShotRunner.goingOn(POOL.shots, POOL.physics, balls, 0, Accuracy.FULL);
                runner.play(aimed.get().strike(), aimed.get().launchDegrees());
                played++;
                potted += runner.result()
                                .isPottedIn(1, one.look().opening().pocket().name())
                        ? 1
                        : 0;
            }
        }
        assertThat(played).isGreaterThan(300);
        assertThat((double) potted / played).isGreaterThan(0.95);
    }

    @Test
    void withSideTheAimIsMovedAsMuchTheOtherWay() {
        RackPosition position = RackSetUps.from(1200, 600, "anyOrder-3", "1 2000 900");
        Opening opening = position.openings().stream()
                .filter(one -> one.pocket().name() == PocketName.NE)
                .findFirst()
                .orElseThrow();
        PotLook look = PotLook.of(position, 1200, 600, opening, ExecutionErrors.REFERENCE);
        List<TableBall> balls = POOL.balls(position, new Point(1200, 600));
        double without = AimedStroke.of(POOL, balls, look, new RackStroke(2, 0, 0))
                .orElseThrow()
                .launchDegrees();
        double right = AimedStroke.of(POOL, balls, look, new RackStroke(2, 0, 0.28))
                .orElseThrow()
                .launchDegrees();
        double left = AimedStroke.of(POOL, balls, look, new RackStroke(2, 0, -0.28))
                .orElseThrow()
                .launchDegrees();
        assertThat(right).isNotEqualTo(without);
        assertThat((right - without) * (left - without)).isNegative();
        for (double side : new double[] {-0.28, 0.28}) {
            AimedStroke aimed = AimedStroke.of(POOL, balls, look, new RackStroke(2, 0, side))
                    .orElseThrow();
            ShotRunner runner = ShotRunner.goingOn(POOL.shots, POOL.physics, balls, 0, Accuracy.FULL);
            runner.play(aimed.strike(), aimed.launchDegrees());
            assertThat(runner.result().isPottedIn(1, PocketName.NE))
                    .as("side " + side)
                    .isTrue();
        }
    }

    @Test
    void thereIsNoLookPastABallOverACutThatIsTooThinOrFromBehind() {
        Opening toNorthEast = RackSetUps.inHand("anyOrder-3", "1 2000 900").openings().stream()
                .filter(one -> one.pocket().name() == PocketName.NE)
                .findFirst()
                .orElseThrow();
        RackPosition open = RackSetUps.from(1200, 500, "anyOrder-3", "1 2000 900");
        assertThat(PotLook.of(open, 1200, 500, toNorthEast, ExecutionErrors.REFERENCE))
                .isNotNull();
        RackPosition hidden = RackSetUps.from(1200, 500, "anyOrder-3", "1 2000 900", "2 1600 680");
        assertThat(PotLook.of(hidden, 1200, 500, toNorthEast, ExecutionErrors.REFERENCE))
                .isNull();
        assertThat(PotLook.of(open, 2400, 1150, toNorthEast, ExecutionErrors.REFERENCE))
                .isNull();
        assertThat(PotLook.of(open, 1850, 1200, toNorthEast, ExecutionErrors.REFERENCE))
                .isNull();
        assertThat(AimedStroke.of(
                        POOL,
                        POOL.balls(open, new Point(1200, 500)),
                        PotLook.of(open, 1200, 500, toNorthEast, ExecutionErrors.REFERENCE),
                        new RackStroke(0.2, 0, 0)))
                .isEmpty();
    }

    @Test
    void aPotIsLikelierFromNearerStraighterAndWithSmallerErrors() {
        Opening opening =
                RackSetUps.inHand("anyOrder-3", "1 1270 635").openings().get(0);
        double before = 1.1;
        for (double distance : new double[] {150, 300, 600, 1200}) {
            double chance = PotLook.chance(POOL, opening, distance, 0.3, ExecutionErrors.REFERENCE);
            assertThat(chance).isLessThan(before).isPositive();
            before = chance;
        }
        before = 1.1;
        for (double cut : new double[] {0, 0.4, 0.8, 1.2}) {
            double chance = PotLook.chance(POOL, opening, 600, cut, ExecutionErrors.REFERENCE);
            assertThat(chance).isLessThan(before);
            before = chance;
        }
        assertThat(PotLook.chance(POOL, opening, 600, 0.3, ExecutionErrors.NONE))
                .isEqualTo(1);
    }
}
