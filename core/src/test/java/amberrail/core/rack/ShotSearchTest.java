package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Point;
import amberrail.core.grading.Band;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ShotSearchTest {
    private static RackPosition scattered(String game, int seed) {
        return MadeUpLayouts.scattered(RackGames.byKey(game), POOL, 390_000 + seed)
                .on(POOL);
    }

    private static List<String> said(List<ShotChoice> choices) {
        return choices.stream()
                .map(choice -> choice.ball() + " "
                        + choice.shot().look().opening().pocket().name() + " "
                        + choice.shot().stroke() + " " + choice.value())
                .toList();
    }

    @Test
    void theSameQuestionHasTheSameAnswerOnAnyNumberOfThreads() {
        RackStudent student = RackSetUps.student(Band.SLATE);
        List<String> alone = said(new ShotSearch(student, SearchEffort.SHOWN).best(scattered("anyOrder-8", 1)));
        List<List<String>> together = IntStream.range(0, 4)
                .parallel()
                .mapToObj(i -> said(new ShotSearch(student, SearchEffort.SHOWN).best(scattered("anyOrder-8", 1))))
                .toList();
        assertThat(together).allMatch(alone::equals);
        assertThat(alone).isNotEmpty();
    }

    @Test
    void onlyBallsThatAreOnAreProposedAndEachPotOnce() {
        RackStudent student = RackSetUps.student(Band.BRASS);
        ShotSearch search = new ShotSearch(student, SearchEffort.SHOWN);
        for (int seed = 0; seed < 6; seed++) {
            RackPosition position = scattered("numberOrder-9", 10 + seed);
            List<ShotChoice> best = search.best(position);
            assertThat(best).allMatch(choice -> position.isOn(choice.ball()));
            assertThat(best.stream()
                            .map(choice -> choice.ball() + " "
                                    + choice.shot().look().opening().pocket().name()))
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void ofStrokesThatAreNearlyAsGoodTheSoftestComesFirst() {
        ShotSearch search = new ShotSearch(RackSetUps.student(Band.SLATE), SearchEffort.SHOWN);
        for (int seed = 0; seed < 8; seed++) {
            List<ShotChoice> best = search.best(scattered("anyOrder-5", 20 + seed));
            ShotChoice first = best.get(0);
            assertThat(best.stream().skip(1).filter(other -> other.value() > first.value()))
                    .allMatch(other -> first.value() >= 0.9 * other.value()
                            && first.shot().stroke().pace()
                                    <= other.shot().stroke().pace());
        }
    }

    @Test
    void aPlanDoesNotCountOnASecondBallThatDropsByLuck() {
        RackPlanner planner = new RackPlanner(RackSetUps.student(Band.BAIZE));
        int lucky = 0;
        int steps = 0;
        for (int seed = 0; seed < 12; seed++) {
            RackPlan plan =
                    planner.propose(scattered("anyOrder-10", 30 + seed), List.of(), 40, step -> {}, () -> false);
            steps += plan.steps().size();
            lucky += (int)
                    plan.steps().stream().filter(step -> !step.also().isEmpty()).count();
        }
        assertThat(steps).isGreaterThan(60);
        assertThat(lucky).isLessThanOrEqualTo(steps / 20);
    }

    @Test
    void reasonsThatSayTheNextBallIsReachedWellComeTrueMoreOftenThanOthers() {
        RackStudent student = RackSetUps.student(Band.SLATE);
        RackPlanner planner = new RackPlanner(student);
        double[] next = new double[2];
        int[] count = new int[2];
        for (int seed = 0; seed < 25; seed++) {
            List<RackPlan.Step> steps = planner.propose(
                            scattered("numberOrder-9", 60 + seed), List.of(), 40, step -> {}, () -> false)
                    .steps();
            for (int i = 0; i + 1 < steps.size(); i++) {
                RackPlan.Reason reason = steps.get(i).reason();
                int which = reason == RackPlan.Reason.LEADS_ON ? 0 : reason == RackPlan.Reason.BEST_LEFT ? 1 : -1;
                if (which >= 0) {
                    next[which] += steps.get(i + 1).chance();
                    count[which]++;
                }
            }
        }
        assertThat(count[0]).isGreaterThan(20);
        assertThat(count[1]).isGreaterThan(20);
        assertThat(next[0] / count[0]).isGreaterThan(0.75).isGreaterThan(next[1] / count[1] + 0.03);
    }

    @Test
    void aPositionIsWorthMoreWithSmallerErrorsWithFewerBallsAndWithoutABlocker() {
        for (int seed = 0; seed < 20; seed++) {
            RackPosition position = scattered("anyOrder-6", 100 + seed).withCue(new Point(1270, 635));
            double slate = PositionValue.of(position, ExecutionErrors.REFERENCE);
            assertThat(slate).isBetween(0.0, 1.0);
            assertThat(PositionValue.of(position.copy(), ExecutionErrors.ofAbility(2)))
                    .isGreaterThanOrEqualTo(slate);
        }
        RackPosition wedged = RackSetUps.from(1500, 600, "anyOrder-5", "1 1900 27.6", "2 2060 27.6", "3 1740 27.6");
        RackPosition freed = wedged.without(wedged.game().ballIndex("2"));
        assertThat(PositionValue.of(freed, ExecutionErrors.REFERENCE))
                .isGreaterThan(PositionValue.of(wedged, ExecutionErrors.REFERENCE));
    }

    @Test
    void theEasiestPotNextIsTheLikeliestOne() {
        RackStudent student = RackSetUps.student(Band.SLATE);
        RackPosition position = RackSetUps.from(2000, 800, "anyOrder-3", "1 2300 1050", "2 300 300", "3 1200 100");
        ShotChoice choice = RackPolicy.easiest(student).next(position).orElseThrow();
        assertThat(position.game().balls().get(choice.ball()).id()).isEqualTo("1");
        assertThat(choice.shot().look().opening().pocket().name()).isEqualTo(PocketName.NE);
        assertThat(choice.shot().stroke().height()).isZero();
    }

    @Test
    void aRunMeetsTheSameLuckWhateverIsPlayed() {
        assertThat(RackDraws.ofShot(5, 3)).isEqualTo(RackDraws.ofShot(5, 3)).isNotEqualTo(RackDraws.ofShot(5, 4));
        RackStudent student = RackSetUps.student(Band.SLATE);
        RackRun one = RackRun.play(scattered("anyOrder-5", 200), RackPolicy.proposed(student), student, 9);
        assertThat(RackRun.play(scattered("anyOrder-5", 200), RackPolicy.proposed(student), student, 9))
                .isEqualTo(one);
        double[][] balanced = RackDraws.balanced(7, 1);
        for (int i = 0; i + 1 < balanced.length; i += 2) {
            for (int k = 0; k < RackDraws.EACH; k++) {
                assertThat(balanced[i][k]).isEqualTo(-balanced[i + 1][k]);
            }
        }
    }

    @Test
    void sizesOfErrorsAreFoundFromShotsThatWerePlayedOnceEach() {
        ExecutionErrors believed = ExecutionErrors.ofAbility(0.5);
        ExecutionErrors truth = new ExecutionErrors(
                believed.aimMilliradians(),
                believed.paceFraction() * 2.5,
                believed.tipHeightMillimetres(),
                believed.tipSideMillimetres());
        RackPolicy policy = RackPolicy.proposed(new RackStudent(believed, HouseRules.USUAL));
        List<RackShot> shots = new ArrayList<>();
        Random tap = new Random(391_000);
        for (int rack = 0; rack < 40; rack++) {
            RackRun.play(
                    scattered("anyOrder-5", 300 + rack),
                    policy,
                    new RackStudent(truth, HouseRules.USUAL),
                    392_000 + rack,
                    shot -> shots.add(tapped(shot, tap)));
        }
        ExecutionErrors found = RackErrorSizes.of(shots, believed).orElseThrow();
        assertThat(found.paceFraction() / believed.paceFraction()).isBetween(1.6, 3.4);
        assertThat(found.aimMilliradians() / believed.aimMilliradians()).isBetween(0.6, 1.7);
        assertThat(RackHeadline.outOfLine(found)).contains(RackHeadline.Kind.PACE);
        assertThat(RackErrorSizes.of(shots.subList(0, 9), believed)).isEmpty();
    }

    private static RackShot tapped(RackShot shot, Random tap) {
        return new RackShot(
                shot.before(),
                shot.ball(),
                shot.pocket(),
                shot.stroke(),
                shot.potted(),
                shot.landing()
                        .map(place -> new Point(
                                place.xMillimetres() + 10 * tap.nextGaussian(),
                                place.yMillimetres() + 10 * tap.nextGaussian())));
    }
}
