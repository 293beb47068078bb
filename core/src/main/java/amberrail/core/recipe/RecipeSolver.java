package amberrail.core.recipe;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.PaceScale;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.simulation.SuccessRate;
import amberrail.core.simulation.SuccessSimulation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds every way to play a shot: a global scan of pace and tip height, each with the aim that pots; then from every stroke that lands
 * near, a search for the one that lands on the target; then the best of each way by simulation. Nothing that does not succeed in
 * the full simulation is ever returned: an empty list means "no recipe".
 */
public final class RecipeSolver {
    private static final double[] PACES = {0.4, 0.52, 0.66, 0.84, 1.05, 1.3, 1.6, 1.95, 2.35, 2.85, 3.45, 4.2, 5.2, 6.6
    };
    private static final double[] HEIGHTS = {-0.45, -0.38, -0.3, -0.22, -0.15, -0.08, 0, 0.08, 0.16, 0.25, 0.34, 0.43};
    /** The same thinned out, where side or every direction multiplies the work. */
    private static final double[] FEW_PACES = {0.55, 0.8, 1.15, 1.6, 2.2, 3.0, 4.2, 5.8};

    private static final double[] FEW_HEIGHTS = {-0.36, -0.18, 0, 0.2, 0.36};
    private static final double[] SIDES = {-0.36, -0.2, 0.2, 0.36};

    private static final double WORTH_A_SEARCH_MILLIMETRES = 450;
    private static final int MOST_SEARCHES = 72;
    private static final int SCREENING_SHOTS = 160;
    /** A quarter of the strokes; common random numbers make ten of forty more than three standard deviations of a difference. */
    private static final int FIRST_BATCHES = 5;

    private static final int BEHIND_AFTER_A_FEW = 10;
    private static final int FINAL_SHOTS = 1000;
    /** Enough for a standard error of 1.5 points, as the others have, where a way hardly ever succeeds. */
    private static final int FINAL_SHOTS_OF_A_RARE_SUCCESS = 400;

    /** A way that succeeds not even a twentieth as often as the best is none to show to anybody. */
    private static final int TIMES_LESS_OFTEN_IS_HOPELESS = 20;

    private static final int RARELY = SCREENING_SHOTS / 10;
    private static final int NEAREST_SEARCHES = 6;
    /** Of 1 to 10, for a pot alone (grading.md, "The usual recipe"). */
    private static final double SOFTEST_USUAL_PACE = 2;

    private static final double HARDEST_USUAL_PACE = 5;
    private static final long SEED = 20_241;

    /** Random numbers shared by every recipe, so that their success rates can be compared. */
    private static final class Noise {
        static final StrokeNoise SCREENING = StrokeNoise.of(SCREENING_SHOTS, SEED);
        static final StrokeNoise FINAL = StrokeNoise.of(FINAL_SHOTS, SEED);
        static final StrokeNoise FINAL_OF_A_RARE_SUCCESS = StrokeNoise.of(FINAL_SHOTS_OF_A_RARE_SUCCESS, SEED);
    }

    private final ShotTask task;
    private final StrokeRange range;

    private RecipeSolver(ShotTask task) {
        this.task = task;
        range = StrokeRange.usual(task.physics());
    }

    /** The recipes, best first for the reference student; empty if there is none. */
    public static List<Recipe> solve(ShotTask task) {
        return new RecipeSolver(task).solve();
    }

    /**
     * A called stroke as a recipe: aimed at the middle of what pots with it, its landing and margins by the simulation.
     *
     * @return empty where no direction brings about what the aim must, or where the pot has no geometric aim to look about
     */
    public static Optional<Recipe> ofStroke(
            ShotTask task, double paceMetresPerSecond, double tipHeightMillimetres, double tipSideMillimetres) {
        if (task.aim().isEmpty()) {
            return Optional.empty();
        }
        RecipeSolver solver = new RecipeSolver(task);
        double side = tipSideMillimetres / task.cueRadiusMillimetres();
        double height = solver.range.clipHeight(tipHeightMillimetres / task.cueRadiusMillimetres(), side);
        StrokeTrial trial = new StrokeTrial(task, Accuracy.FULL);
        return trial.play(solver.range.clipSpeed(paceMetresPerSecond), height, side, Optional.empty())
                .map(called -> solver.finished(trial, trial.sharpened(called).orElse(called), Noise.FINAL));
    }

    /** A stroke that brings about what the aim must, and how far from the target the cue ball then rests. */
    public record Nearest(PlannedStroke stroke, AimInterval aim, double missMillimetres) {}

    /** Where no stroke does all that is asked: the one that pots and rests nearest to the target; empty where none pots. */
    public static Optional<Nearest> nearest(ShotTask task) {
        if (task.target().isEmpty() || task.aim().isEmpty()) {
            return Optional.empty();
        }
        Point target = task.target().get();
        RecipeSolver solver = new RecipeSolver(task);
        Comparator<Candidate> nearest =
                Comparator.comparingDouble(c -> c.landing().distanceMillimetres(target));
        return solver.scanAboutTheAim().stream().sorted(nearest).limit(NEAREST_SEARCHES).toList().parallelStream()
                .map(start ->
                        new LandingSearch(new StrokeTrial(task, Accuracy.FULL), solver.range, target).nearest(start))
                .min(nearest)
                .map(best -> new Nearest(
                        best.stroke(task.cueRadiusMillimetres()),
                        best.aim(),
                        best.landing().distanceMillimetres(target)));
    }

    private List<Recipe> solve() {
        List<Candidate> scanned = atUsualPace(task.aim().isPresent() ? scanAboutTheAim() : scanEverywhere());
        List<Candidate> working =
                new ArrayList<>(scanned.stream().filter(Candidate::succeeds).toList());
        if (task.target().isPresent() && task.aim().isPresent()) {
            working.addAll(searched(scanned, task.target().get()));
        }
        List<Screened> ways = bestOfEachWay(working);
        int most = ways.stream().mapToInt(Screened::successes).max().orElse(0);
        return ways.parallelStream()
                .filter(way -> TIMES_LESS_OFTEN_IS_HOPELESS * way.successes() >= most)
                .flatMap(way -> finished(way.candidate(), finalNoise(way.successes(), most)).stream())
                .filter(recipe -> recipe.allowed().leaveRoom())
                .sorted(Comparator.comparingDouble((Recipe r) -> -r.success().probability()))
                .toList();
    }

    /** Where nothing but the pot is asked, nobody needs to know how it goes at a crawl or with power, as long as it goes at a usual pace. */
    private List<Candidate> atUsualPace(List<Candidate> scanned) {
        if (!task.teaching().potAlone()) {
            return scanned;
        }
        List<Candidate> usual = scanned.stream()
                .filter(candidate -> {
                    double pace = PaceScale.pace(
                            candidate.stroke(task.cueRadiusMillimetres()).paceMetresPerSecond());
                    return pace >= SOFTEST_USUAL_PACE && pace <= HARDEST_USUAL_PACE;
                })
                .toList();
        return usual.stream().anyMatch(Candidate::succeeds) ? usual : scanned;
    }

    private List<Candidate> scanAboutTheAim() {
        Stream<double[]> rows = rows(HEIGHTS, new double[] {0});
        if (task.sideAllowed()) {
            rows = Stream.concat(rows, rows(FEW_HEIGHTS, SIDES));
        }
        return rows.toList().parallelStream().flatMap(this::row).toList();
    }

    /** One tip height and side at every pace, each aim found from the last one's. */
    private Stream<Candidate> row(double[] heightAndSide) {
        StrokeTrial trial = new StrokeTrial(task, Accuracy.SCAN);
        List<Candidate> found = new ArrayList<>();
        Optional<AimInterval> near = Optional.empty();
        for (double pace : heightAndSide[1] == 0 ? PACES : FEW_PACES) {
            double height = range.clipHeight(heightAndSide[0], heightAndSide[1]);
            Optional<Candidate> played = trial.play(pace, height, heightAndSide[1], near);
            played.ifPresent(found::add);
            near = played.map(Candidate::aim);
        }
        return found.stream();
    }

    private List<Candidate> scanEverywhere() {
        return rows(FEW_HEIGHTS, task.sideAllowed() ? new double[] {0, -0.25, 0.25} : new double[] {0})
                .toList()
                .parallelStream()
                .flatMap(row -> {
                    StrokeTrial trial = new StrokeTrial(task, Accuracy.SCAN);
                    return Stream.of(0.8, 1.3, 2.0, 3.0, 4.5)
                            .flatMap(pace ->
                                    trial.playEverywhere(pace, range.clipHeight(row[0], row[1]), row[1]).stream());
                })
                .toList();
    }

    private static Stream<double[]> rows(double[] heights, double[] sides) {
        List<double[]> rows = new ArrayList<>();
        for (double side : sides) {
            for (double height : heights) {
                rows.add(new double[] {height, side});
            }
        }
        return rows.stream();
    }

    /** From the nearest strokes of each group to the target. */
    private List<Candidate> searched(List<Candidate> scanned, Point target) {
        Map<RecipeGroup, List<Candidate>> groups = new LinkedHashMap<>();
        for (Candidate candidate : scanned) {
            if (candidate.landing().distanceMillimetres(target) < WORTH_A_SEARCH_MILLIMETRES) {
                groups.computeIfAbsent(candidate.group(), g -> new ArrayList<>())
                        .add(candidate);
            }
        }
        Comparator<Candidate> nearest =
                Comparator.comparingDouble(c -> c.landing().distanceMillimetres(target));
        int each = Math.max(2, Math.min(6, MOST_SEARCHES / Math.max(1, groups.size())));
        List<Candidate> starts = groups.values().stream()
                .flatMap(group -> group.stream().sorted(nearest).limit(each))
                .sorted(nearest)
                .limit(MOST_SEARCHES)
                .toList();
        return starts.parallelStream()
                .map(start -> new LandingSearch(new StrokeTrial(task, Accuracy.SCAN), range, target).nearest(start))
                .filter(Candidate::succeeds)
                .toList();
    }

    /** In each group the stroke that succeeds most often under the reference student's errors; of those as good the one of least effort. */
    private List<Screened> bestOfEachWay(List<Candidate> working) {
        List<Screened> screened = stillGood(screened(working, 0, FIRST_BATCHES)).parallelStream()
                .map(one -> one.further(screened(one.candidate(), FIRST_BATCHES, Noise.SCREENING.batches())))
                .toList();
        Map<RecipeGroup, Screened> best = new LinkedHashMap<>();
        for (Screened one : screened) {
            best.merge(one.candidate().group(), one, (a, b) -> b.successes() > a.successes() ? b : a);
        }
        if (task.teaching().potAlone()) {
            for (Screened one : screened) {
                best.merge(one.candidate().group(), one, this::easier);
            }
        }
        return List.copyOf(best.values());
    }

    private record Screened(Candidate candidate, int successes) {
        Screened further(int more) {
            return new Screened(candidate, successes + more);
        }
    }

    private List<Screened> screened(List<Candidate> candidates, int from, int to) {
        return candidates.parallelStream()
                .map(candidate -> new Screened(candidate, screened(candidate, from, to)))
                .toList();
    }

    /** Those that a few strokes do not already show to be well behind the best of their way. */
    private static List<Screened> stillGood(List<Screened> few) {
        Map<RecipeGroup, Integer> best = new HashMap<>();
        few.forEach(one -> best.merge(one.candidate().group(), one.successes(), Math::max));
        return few.stream()
                .filter(one -> one.successes() >= best.get(one.candidate().group()) - BEHIND_AFTER_A_FEW)
                .toList();
    }

    private Screened easier(Screened best, Screened other) {
        double asGood = best.successes() - PreferredRecipe.AS_GOOD_WITHIN * SCREENING_SHOTS;
        return other.successes() >= asGood && effort(other) < effort(best) ? other : best;
    }

    private double effort(Screened one) {
        return PreferredRecipe.effort(
                one.candidate().stroke(task.cueRadiusMillimetres()).paceMetresPerSecond(), task.teaching());
    }

    private int screened(Candidate candidate, int fromBatch, int toBatch) {
        ShotRunner runner = task.runner(Accuracy.SCAN);
        PlannedStroke stroke = candidate.stroke(task.cueRadiusMillimetres());
        int successes = 0;
        for (int batch = fromBatch; batch < toBatch; batch++) {
            successes += runner.successes(
                    stroke.onBall(task.cueRadiusMillimetres()),
                    task.errors(ExecutionErrors.REFERENCE),
                    task.level(),
                    Noise.SCREENING,
                    batch,
                    task.success());
        }
        return successes;
    }

    /** Everything about a stroke, at full accuracy; empty where it does not succeed at that. */
    private Optional<Recipe> finished(Candidate rough, StrokeNoise noise) {
        StrokeTrial trial = new StrokeTrial(task, Accuracy.FULL);
        return trial.sharpened(rough).map(sharp -> finished(trial, sharp, noise));
    }

    /** Ways that nobody would choose are not played as often as those that a coach weighs against each other. */
    private static StrokeNoise finalNoise(int successes, int most) {
        return successes <= RARELY && 2 * successes < most ? Noise.FINAL_OF_A_RARE_SUCCESS : Noise.FINAL;
    }

    private Recipe finished(StrokeTrial trial, Candidate sharp, StrokeNoise noise) {
        PlannedStroke stroke = sharp.stroke(task.cueRadiusMillimetres());
        ShotRunner runner = trial.runner();
        runner.play(stroke.onBall(task.cueRadiusMillimetres()), stroke.launchDegrees());
        Point target = task.target().orElse(sharp.landing());
        double arrival = Arrival.degrees(runner.result(), task.cueBall(), target, stroke.launchDegrees());
        LandingJacobian jacobian = LandingJacobian.of(runner, task, stroke, arrival);
        AllowedErrors allowed = AllowedErrors.of(runner, task, stroke);
        AllowedErrors.Fault fault =
                allowed.firstToGoWrong(task.errors(ExecutionErrors.REFERENCE).at(stroke.paceMetresPerSecond()));
        return new Recipe(
                sharp.group().way(),
                sharp.group().cushions(),
                stroke,
                sharp.aim(),
                sharp.landing(),
                arrival,
                jacobian,
                PotShift.of(trial, task, sharp),
                allowed,
                fault,
                consequence(runner, allowed.pastThe(fault, stroke), target, arrival),
                success(stroke, noise));
    }

    private SuccessRate success(PlannedStroke stroke, StrokeNoise noise) {
        return new SuccessSimulation(task.table(), task.physics(), task.balls(), task.cueBall(), task.level())
                .estimate(
                        stroke.onBall(task.cueRadiusMillimetres()),
                        task.errors(ExecutionErrors.REFERENCE),
                        noise,
                        task.success(),
                        () -> false,
                        done -> {});
    }

    private Recipe.Consequence consequence(ShotRunner runner, PlannedStroke stroke, Point target, double arrival) {
        boolean moved = runner.play(stroke.onBall(task.cueRadiusMillimetres()), stroke.launchDegrees());
        PlayedShot shot = runner.result();
        if (!moved || task.success().test(shot)) {
            return Recipe.Consequence.OTHER;
        }
        if (shot.isPotted(task.cueBall())) {
            return Recipe.Consequence.IN_OFF;
        }
        if (!task.aimTest().test(shot)) {
            return Recipe.Consequence.POT_MISSED;
        }
        if (task.target().isEmpty()) {
            return Recipe.Consequence.OTHER;
        }
        Point off = shot.place(task.cueBall()).minus(target);
        double line = off.leftOf(Direction.ofDegrees(arrival));
        double speed = off.along(Direction.ofDegrees(arrival));
        if (Math.abs(speed) >= Math.abs(line)) {
            return speed > 0 ? Recipe.Consequence.LONG : Recipe.Consequence.SHORT;
        }
        return line > 0 ? Recipe.Consequence.LEFT : Recipe.Consequence.RIGHT;
    }
}
