package amberrail.bench.engine;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the engine's benchmarks with JMH and its gc profiler. */
public final class EngineFigures {
    private EngineFigures() {}

    /** One line of the report: what, what was wanted, what came out with its unit. */
    public record Figure(String what, String wanted, String measured) {}

    /** All figures of the engine; takes about two minutes. */
    public static List<Figure> measure() throws Exception {
        Options options = new OptionsBuilder()
                .include(EngineBenchmark.class.getName())
                .addProfiler(GCProfiler.class)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        List<Figure> figures = new ArrayList<>();
        figures.add(micros(results, "stopShot", "a stop shot, one core", "under 3 µs", 1, "µs"));
        figures.add(
                micros(results, "stopShotRecord", "the same with its whole record of events and paths", "", 1, "µs"));
        figures.add(micros(results, "threeCushions", "a three-cushion position shot", "under 20 µs", 1, "µs"));
        figures.add(micros(results, "fullRackBreak", "a full-rack break, 16 balls", "under 10 ms", 1000, "ms"));
        figures.add(micros(
                results,
                "twentyThousandNoisyShots",
                "20,000 noisy shots at one station, 2 cores",
                "under 0.5 s",
                1e6,
                "s"));
        figures.add(new Figure(
                "garbage of one noisy shot (JMH gc profiler)",
                "none to speak of",
                String.format(Locale.ROOT, "%.1f bytes", bytes(results, "tenNoisyShots") / 10)));
        figures.add(micros(results, "recipes", "recipes for one shot", "under 300 ms", 1000, "ms"));
        figures.add(
                micros(results, "recipesWithSide", "recipes for one shot, side allowed", "under 300 ms", 1000, "ms"));
        figures.add(rivalry("stop shot", Rivalry.of(Scenes.stopShot())));
        figures.add(rivalry("three-cushion shot", Rivalry.of(Scenes.threeCushions())));
        return figures;
    }

    private static Figure rivalry(String shot, Rivalry.Result result) {
        return new Figure(
                "times faster than fixed steps at 0.1 mm, " + shot,
                "at least 1000",
                String.format(
                        Locale.ROOT,
                        "%.0f (step %.1e s, %.0f ms against %.2f µs)",
                        result.ratio(),
                        result.stepSeconds(),
                        1e3 * result.rivalSeconds(),
                        1e6 * result.engineSeconds()));
    }

    private static Figure micros(
            Collection<RunResult> results, String method, String what, String wanted, double per, String unit) {
        var score = find(results, method).getPrimaryResult();
        return new Figure(
                what,
                wanted,
                String.format(
                        Locale.ROOT, "%.2f %s (± %.2f)", score.getScore() / per, unit, score.getScoreError() / per));
    }

    private static double bytes(Collection<RunResult> results, String method) {
        return find(results, method)
                .getSecondaryResults()
                .get("gc.alloc.rate.norm")
                .getScore();
    }

    private static RunResult find(Collection<RunResult> results, String method) {
        return results.stream()
                .filter(result -> result.getParams().getBenchmark().endsWith("." + method))
                .findFirst()
                .orElseThrow();
    }

    /** Prints them; for a look while the engine is worked on. */
    public static void main(String[] arguments) throws Exception {
        measure()
                .forEach(figure ->
                        System.out.println(figure.what() + " | " + figure.wanted() + " | " + figure.measured()));
    }
}
