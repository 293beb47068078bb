package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Made-up clubs whose truth is known, practised as people do, held against what a page would say (methods.md, section 8, D and E). Nothing was
 * tuned on these seeds. The bounds let 2.6 Monte Carlo errors pass.
 */
class AbilityTruthTest {
    private static final int SKILLS = 6;
    private static final int WEEKS = 12;
    private static final int STATIONS = 8;
    private static final int TRIES = 16;
    private static final long STEADY_SEED = 4_711;
    private static final long IMPROVERS_SEED = 4_712;
    private static final long UNEVEN_SEED = 4_713;

    /** What pages of one kind of club said, and how often the intervals held. */
    private static final class Tally {
        private int pages;
        private int better;
        private int worse;
        private int abilities;
        private int abilitiesHeld;
        private int changes;
        private int changesHeld;
        /** By tenths of the chance that is said: how many, the sum of what was said, and of what is true. */
        private final double[][] chances = new double[10][3];

        double share(int of) {
            return (double) of / pages;
        }
    }

    /** @param abilityInWeek what is added to a student's own level so many weeks ago */
    private static Tally club(long seed, int clubs, int perClub, double formSd, IntToDoubleFunction abilityInWeek) {
        Random random = new Random(seed);
        Tally tally = new Tally();
        for (int club = 0; club < clubs; club++) {
            List<List<SkillChanges.Fitted>> changes = new ArrayList<>();
            IntStream.range(0, perClub).forEach(s -> changes.add(new ArrayList<>()));
            double[][] level = new double[perClub][SKILLS];
            double[][] form = new double[perClub][2 * WEEKS];
            for (int s = 0; s < perClub; s++) {
                double common = random.nextGaussian();
                for (int k = 0; k < SKILLS; k++) {
                    level[s][k] = common + 0.4 * random.nextGaussian();
                }
                for (int e = 0; e < form[s].length; e++) {
                    // All skills of an evening share its form.
                    form[s][e] = formSd * random.nextGaussian();
                }
            }
            for (int k = 0; k < SKILLS; k++) {
                skill(random, k, perClub, level, form, abilityInWeek, changes, tally);
            }
            for (List<SkillChanges.Fitted> own : changes) {
                SkillChanges page = SkillChanges.of(
                        own, SkillChanges.PRIOR_VARIANCE, SkillChanges.COMMON_SHARE, Proportion.DEFAULT_LEVEL);
                tally.pages++;
                tally.better += says(page, Verdict.BETTER) ? 1 : 0;
                tally.worse += says(page, Verdict.WORSE) ? 1 : 0;
            }
        }
        return tally;
    }

    private static boolean says(SkillChanges page, Verdict word) {
        return page.overall().filter(one -> one.verdict() == word).isPresent()
                || page.skills().stream().anyMatch(one -> one.change().verdict() == word);
    }

    private static void skill(
            Random random,
            int skill,
            int perClub,
            double[][] level,
            double[][] form,
            IntToDoubleFunction abilityInWeek,
            List<List<SkillChanges.Fitted>> changes,
            Tally tally) {
        List<RaschFit.Station> stations = new ArrayList<>();
        double[] truth = new double[STATIONS];
        double drill = 0;
        for (int i = 0; i < STATIONS; i++) {
            double simulated = -1.2 + 0.35 * i;
            drill = i % 4 == 0 ? 0.4 * random.nextGaussian() : drill;
            truth[i] = simulated + drill + 0.25 * random.nextGaussian();
            stations.add(new RaschFit.Station(
                    "station " + i, "drill " + i / 4, 1 / (1 + Math.exp(simulated)), 0.7 + 0.05 * i));
        }
        List<RaschFit.Row> rows = new ArrayList<>();
        for (int s = 0; s < perClub; s++) {
            for (int evening = 0; evening < 2 * WEEKS; evening++) {
                // Three of the six skills an evening, a drill of sixteen tries each.
                if ((evening + skill) % 2 != 0) {
                    continue;
                }
                int week = evening / 2;
                int i = random.nextInt(STATIONS);
                double ability = level[s][skill] + abilityInWeek.applyAsDouble(week) + form[s][evening];
                double p = 1 / (1 + Math.exp(-stations.get(i).slope() * (ability - truth[i])));
                int made = (int) IntStream.range(0, TRIES)
                        .filter(t -> random.nextDouble() < p)
                        .count();
                rows.add(new RaschFit.Row(
                        "student " + s,
                        "station " + i,
                        "evening " + evening,
                        made,
                        TRIES,
                        7.0 * week + 3 * (evening % 2)));
            }
        }
        List<String> students =
                IntStream.range(0, perClub).mapToObj(s -> "student " + s).toList();
        RaschFit first = RaschFit.of(students, stations, rows, RaschFit.Prior.USUAL);
        RaschFit fit = RaschFit.of(
                students,
                stations,
                rows,
                RaschFit.Prior.USUAL.withRho(first.formRho(rows).rho()));
        for (int s = 0; s < perClub; s++) {
            List<RaschFit.Expected> expected = fit.expected("student " + s);
            for (int i = 0; i < STATIONS; i++) {
                double said = expected.get(i).p();
                double real = 1
                        / (1
                                + Math.exp(-stations.get(i).slope()
                                        * (level[s][skill] + abilityInWeek.applyAsDouble(0) - truth[i])));
                double[] tenth = tally.chances[(int) Math.min(9, 10 * said)];
                tenth[0]++;
                tenth[1] += said;
                tenth[2] += real;
            }
        }
        double change = abilityInWeek.applyAsDouble(0) - abilityInWeek.applyAsDouble(AbilityWalk.SIX_WEEKS_AGO);
        for (int s = 0; s < perClub; s++) {
            RaschFit.Placed now = fit.ability("student " + s);
            double true0 = level[s][skill] + abilityInWeek.applyAsDouble(0);
            tally.abilities++;
            tally.abilitiesHeld += Math.abs(now.logits() - true0) <= 1.96 * now.se() ? 1 : 0;
            int index = s;
            fit.change("student " + s).ifPresent(found -> {
                changes.get(index).add(new SkillChanges.Fitted("skill " + skill, found.logits(), found.se()));
                tally.changes++;
                tally.changesHeld += Math.abs(found.logits() - change) <= 1.96 * found.se() ? 1 : 0;
            });
        }
    }

    private static double held(int of, int n) {
        return (double) of / n;
    }

    @Test
    void unchangedStudentsAreNotCalledBetterOrWorse() {
        Tally steady = club(STEADY_SEED, 16, 8, 0, week -> 0);
        print("steady", steady);
        assertThat(steady.pages).isEqualTo(128);
        assertThat(steady.share(steady.better)).isLessThanOrEqualTo(bound(0.05, steady.pages));
        assertThat(steady.share(steady.worse)).isLessThanOrEqualTo(bound(0.05, steady.pages));
        for (double[] tenth : steady.chances) {
            if (tenth[0] >= 50) {
                assertThat(Math.abs(tenth[1] - tenth[2]) / tenth[0]).as("D3").isLessThanOrEqualTo(0.06);
            }
        }
        assertThat(held(steady.abilitiesHeld, steady.abilities)).isGreaterThanOrEqualTo(0.93);
        assertThat(held(steady.changesHeld, steady.changes)).isGreaterThanOrEqualTo(0.92);
    }

    @Test
    void formOfTheDayIsNoProgress() {
        Tally uneven = club(UNEVEN_SEED, 16, 8, 0.3, week -> 0);
        print("form of the day", uneven);
        assertThat(uneven.share(uneven.better)).isLessThanOrEqualTo(bound(0.05, uneven.pages));
        assertThat(uneven.share(uneven.worse)).isLessThanOrEqualTo(bound(0.05, uneven.pages));
    }

    /** Everybody gains 150 points in twelve weeks: that is their doing and not the drills'. */
    @Test
    void aClubThatImprovesIsSeenToImprove() {
        Tally improvers = club(IMPROVERS_SEED, 8, 8, 0, week -> 1.5 * (1 - week / (WEEKS - 1.0)));
        print("a club that gains 150", improvers);
        assertThat(improvers.share(improvers.better)).isGreaterThanOrEqualTo(0.8 - 2.6 * error(0.8, improvers.pages));
        assertThat(improvers.worse).isZero();
        assertThat(held(improvers.abilitiesHeld, improvers.abilities)).isGreaterThanOrEqualTo(0.88);
        assertThat(held(improvers.changesHeld, improvers.changes)).isGreaterThanOrEqualTo(0.92);
    }

    private static double bound(double wanted, int n) {
        return wanted + 2.6 * error(wanted, n);
    }

    private static double error(double p, int n) {
        return Math.sqrt(p * (1 - p) / n);
    }

    private static void print(String name, Tally tally) {
        System.out.printf(
                "%s: %d pages, better %.3f, worse %.3f; 95 %% held: ability %.3f of %d, change %.3f of %d%n",
                name,
                tally.pages,
                tally.share(tally.better),
                tally.share(tally.worse),
                held(tally.abilitiesHeld, tally.abilities),
                tally.abilities,
                held(tally.changesHeld, tally.changes),
                tally.changes);
        double gap = 0;
        for (double[] tenth : tally.chances) {
            gap = Math.max(gap, tenth[0] >= 50 ? Math.abs(tenth[1] - tenth[2]) / tenth[0] : 0);
        }
        System.out.printf("%s: largest gap of said and true chance in a tenth %.3f%n", name, gap);
    }
}
