package amberrail.bench;

import amberrail.core.rack.HouseRules;
import amberrail.core.rack.LayoutSurvey;
import amberrail.core.rack.MadeUpLayouts;
import amberrail.core.rack.RackChance;
import amberrail.core.rack.RackGames;
import amberrail.core.rack.RackPlanner;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackStudent;
import amberrail.core.rack.RackTable;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** Racks of 15 balls scattered over the 9 ft table, for the reference student: survey, plan, chance. */
final class RackFigures {
    private static final int WARM_UP = 6;
    private static final int LAYOUTS = 20;
    private static final int CHANCES = 4;
    private static final int RUNS = 280;
    private static final int NEXT_THREE = 3;
    private static final int ALL = 40;
    private static final long SEED = 900_000;
    private static final double NANOS_A_MILLISECOND = 1e6;

    private RackFigures() {}

    static void measure(Report report) {
        RackTable table = new RackTable(TablePresets.POOL_9FT);
        RackStudent student = new RackStudent(ExecutionErrors.REFERENCE, HouseRules.USUAL);
        RackPlanner planner = new RackPlanner(student);
        List<Double> survey = new ArrayList<>();
        List<Double> first = new ArrayList<>();
        List<Double> three = new ArrayList<>();
        List<Double> whole = new ArrayList<>();
        List<Double> chance = new ArrayList<>();
        double worstError = 0;
        for (int i = 0; i < WARM_UP + LAYOUTS; i++) {
            if (i == WARM_UP) {
                List.of(survey, first, three, whole).forEach(List::clear);
            }
            int seed = i;
            survey.add(milliseconds(() -> LayoutSurvey.of(layout(table, seed), student.errors())));
            List<Double> steps = new ArrayList<>();
            long begun = System.nanoTime();
            whole.add(milliseconds(() -> planner.propose(
                    layout(table, seed),
                    List.of(),
                    ALL,
                    step -> steps.add((System.nanoTime() - begun) / NANOS_A_MILLISECOND),
                    () -> false)));
            if (!steps.isEmpty()) {
                first.add(steps.get(0));
                three.add(steps.get(Math.min(NEXT_THREE, steps.size()) - 1));
            }
        }
        for (int i = 0; i < CHANCES; i++) {
            int seed = i;
            RackChance[] found = new RackChance[1];
            chance.add(milliseconds(
                    () -> found[0] = RackChance.of(layout(table, seed), student, RUNS, seed, () -> false, done -> {})));
            worstError = Math.max(worstError, found[0].standardError());
        }
        report.add(
                "racks: survey of 15 balls, p95 of 20",
                "under 100 ms",
                Percentiles.of(survey).at(0.95),
                "ms");
        report.add(
                "racks: first proposed shot of 15 balls, cue ball in hand, p95 of 20",
                "under 500 ms",
                Percentiles.of(first).at(0.95),
                "ms");
        report.add(
                "racks: next three shots, p95 of 20",
                "under 400 ms",
                Percentiles.of(three).at(0.95),
                "ms");
        report.add(
                "racks: whole plan, p95 of 20",
                "under 3,000 ms",
                Percentiles.of(whole).at(0.95),
                "ms");
        report.add(
                "racks: chance of a layout of 15 balls (standard error at most " + percent(worstError)
                        + "), worst of 4",
                "under 15,000 ms",
                Collections.max(chance),
                "ms");
    }

    private static RackPosition layout(RackTable table, int seed) {
        return MadeUpLayouts.scattered(RackGames.byKey("anyOrder-15"), table, SEED + seed)
                .on(table);
    }

    private static double milliseconds(Runnable work) {
        long begun = System.nanoTime();
        work.run();
        return (System.nanoTime() - begun) / NANOS_A_MILLISECOND;
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", 100 * share);
    }
}
