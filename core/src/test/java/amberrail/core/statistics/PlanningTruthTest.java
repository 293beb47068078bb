package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.geometry.Point;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whoever plays as many attempts as were asked for does find the change (methods.md, section 8, F2 and G1). Nothing was tuned on these seeds. The
 * bounds let 2.6 Monte Carlo errors pass.
 */
class PlanningTruthTest {
    private static final long SPREAD_SEED = 71_000;
    private static final long SHARE_SEED = 72_000;
    private static final int REPEATS = 500;
    private static final int PILOT = 30;
    private static final double FIFTH_LESS = 0.8;
    private static final double ALPHA = 0.05;
    private static final double POWER = 0.8;

    private static List<Point> cloud(int n, double lengthOverWidth, double size, boolean heavy, Random random) {
        return IntStream.range(0, n)
                .mapToObj(i -> new Point(
                        1000 + size * lengthOverWidth * 40 * draw(heavy, random),
                        600 + size * 40 * draw(heavy, random)))
                .toList();
    }

    /** Standard normal, or Student's t with 4 degrees of freedom scaled to the same deviation. */
    private static double draw(boolean heavy, Random random) {
        if (!heavy) {
            return random.nextGaussian();
        }
        double chiSquared = 0;
        for (int i = 0; i < 4; i++) {
            chiSquared += Math.pow(random.nextGaussian(), 2);
        }
        return random.nextGaussian() / Math.sqrt(chiSquared / 4) / Math.sqrt(2);
    }

    @ParameterizedTest
    @CsvSource({"1,false", "3,false", "1,true", "3,true"})
    void aFifthLessSpreadIsFoundWithAsManyAsWereAsked(double lengthOverWidth, boolean heavy) {
        int found = 0;
        for (int i = 0; i < REPEATS; i++) {
            Random random = new Random(SPREAD_SEED + i);
            double[] pilot = RatioChange.deviations(cloud(PILOT, lengthOverWidth, 1, heavy, random));
            double cv = SpreadCv.of(pilot, pilot).plan().orElseThrow();
            int each = AttemptsNeeded.forSpread(FIFTH_LESS, cv, new AttemptsNeeded.Wanted(ALPHA, POWER, PILOT, 0))
                    .each()
                    .orElseThrow();
            RatioChange change = RatioChange.spread(
                    cloud(each, lengthOverWidth, 1, heavy, random),
                    cloud(each, lengthOverWidth, FIFTH_LESS, heavy, random),
                    0.95,
                    0,
                    1);
            found += change.verdict() == Verdict.BETTER ? 1 : 0;
        }
        System.out.printf(
                "a fifth less spread, %.0f:1 %s: found in %d of %d%n",
                lengthOverWidth, heavy ? "t4" : "normal", found, REPEATS);
        assertThat((double) found / REPEATS).isGreaterThanOrEqualTo(0.72 - 2.6 * error(0.72));
    }

    @Test
    void aChangeOfFifteenPointsIsFoundWithAsManyMoreAsWereAsked() {
        int found = 0;
        int reachable = 0;
        for (int i = 0; i < 4 * REPEATS; i++) {
            Random random = new Random(SHARE_SEED + i);
            double from = 0.25 + 0.4 * random.nextDouble();
            int first = 100 + random.nextInt(300);
            int made = made(first, from, random);
            AttemptsNeeded needed = AttemptsNeeded.forShare(
                            made, AttemptsNeeded.WORTH_NOTICING, new AttemptsNeeded.Wanted(ALPHA, POWER, first, 0))
                    .needed();
            if (needed.second().isEmpty()) {
                continue;
            }
            int second = needed.second().getAsInt();
            reachable++;
            int then = made(second, from + AttemptsNeeded.WORTH_NOTICING, random);
            found += ProportionChange.of(made, first, then, second, 0.95).verdict() == Verdict.BETTER ? 1 : 0;
        }
        System.out.printf("about N more: found in %d of %d where it is reachable%n", found, reachable);
        assertThat(reachable).isGreaterThan(REPEATS);
        assertThat((double) found / reachable).isGreaterThanOrEqualTo(0.76 - 2.6 * error(0.76));
    }

    /** A change of the size that is said to be visible is called better four times out of five. */
    @Test
    void aChangeThatIsSaidToShowDoesShow() {
        double variance = 0.3;
        double fromItsFit = 1 / (1 / variance + 1 / SkillChanges.PRIOR_VARIANCE);
        double own = SkillChanges.PRIOR_VARIANCE * (1 - SkillChanges.COMMON_SHARE);
        double visible = changes(i -> 0, fromItsFit).visible().orElseThrow();
        Random random = new Random(SHARE_SEED + 900_000);
        int found = 0;
        for (int i = 0; i < 2_000; i++) {
            SkillChanges page = changes(
                    skill -> fromItsFit / variance * (visible + Math.sqrt(own + variance) * random.nextGaussian()),
                    fromItsFit);
            found += page.overall().orElseThrow().verdict() == Verdict.BETTER ? 1 : 0;
        }
        System.out.printf("a visible change of %.0f points: found in %d of 2000%n", 100 * visible, found);
        assertThat(found / 2_000.0).isBetween(0.77, 0.83);
        assertThat(changes(i -> 0, SkillChanges.PRIOR_VARIANCE * 0.999).visible())
                .as("nothing is told by nothing")
                .isEmpty();
    }

    private static SkillChanges changes(IntToDoubleFunction change, double variance) {
        return SkillChanges.of(
                IntStream.range(0, 6)
                        .mapToObj(skill -> new SkillChanges.Fitted(
                                "skill " + skill, change.applyAsDouble(skill), Math.sqrt(variance)))
                        .toList(),
                SkillChanges.PRIOR_VARIANCE,
                SkillChanges.COMMON_SHARE,
                0.95);
    }

    private static int made(int n, double p, Random random) {
        return (int) IntStream.range(0, n).filter(i -> random.nextDouble() < p).count();
    }

    private static double error(double p) {
        return Math.sqrt(p * (1 - p) / REPEATS);
    }
}
