package amberrail.core.kit;

import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * What called strokes tell of a cloth. Landings against where the called stroke's clean landings fall, with the student's own errors as noise: a
 * posterior over rolling and sliding friction, restitution and each student's own pace, by Gauss and Newton's steps with Student's weights (4 degrees of
 * freedom), the models worked out anew where the steps lead. Of more than 200 kinds of strokes the rarest are left out. A student whose landings spread more than their errors say counts as much less.
 *
 * @see "kit/README.md, Learning from play"
 */
public final class PlayLearning {
    static final int OF_CLOTH = 3;
    /** The logarithm of what the student's pace is times what they call. */
    static final int PACE = 3;

    static final int OF_A_STROKE = 4;
    /** Of a student's own pace about what they call (natural logarithm): an assumption. */
    private static final double PACE_SPREAD = 0.05;

    private static final double FREEDOM = 4;
    private static final int ROUNDS = 3;
    private static final int STEPS = 12;
    /** Nobody's landings count for more than their errors promise, and hardly anybody's for less than a tenth. */
    private static final double MOST_SPREAD = 10;

    private static final int MOST_STROKES = 20_000;
    /** Simulated in about ten seconds on two cores. */
    private static final int MOST_KINDS = 200;

    private PlayLearning() {}

    /**
     * What was learnt.
     *
     * @param figures of the cloth; drifts as they were believed
     * @param paces   each student's own: how many times what they call they strike, by the students' numbers
     * @param strokes how many counted
     */
    public record Learnt(TableFigures figures, Map<Integer, Estimated> paces, int strokes) {}

    /**
     * Empty where no stroke counts, or when it was stopped.
     *
     * @param strokes  on one table
     * @param believed the numbers that the table has
     */
    public static Optional<Learnt> of(
            CheckedTable table, TableFigures believed, List<CalledStroke> strokes, BooleanSupplier stopped) {
        if (strokes.size() > MOST_STROKES) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "strokes", strokes.size(), "must be at most " + MOST_STROKES);
        }
        return new Learning(table, strokes).run(believed, stopped);
    }

    /** Strokes that are alike have one model. */
    private record Alike(SetUp setUp, PlannedStroke stroke, ExecutionErrors errors, int student) {}

    private static final class Learning {
        private final CheckedTable table;
        private final ClothScale scale;
        private final Map<Alike, List<Point>> groups = new LinkedHashMap<>();
        private final Map<Integer, Integer> places = new LinkedHashMap<>();
        private final Map<Alike, Played> played = new HashMap<>();
        private Map<Alike, LandingModel> models = Map.of();
        private double[] mode;
        private double[] about;
        private double[][] precision;
        private double[] spreads;

        private record Played(ShotLayout layout, ShotTask task) {}

        Learning(CheckedTable table, List<CalledStroke> strokes) {
            this.table = table;
            scale = new ClothScale(table.preset());
            for (CalledStroke one : strokes) {
                places.computeIfAbsent(one.student(), k -> places.size());
                groups.computeIfAbsent(
                                new Alike(one.setUp(), one.stroke(), one.errors(), one.student()),
                                k -> new ArrayList<>())
                        .add(one.landing());
            }
            leaveOutTheRarest();
            groups.keySet()
                    .forEach(alike -> played.put(
                            alike,
                            new Played(alike.setUp().drawn(), alike.setUp().task())));
            mode = new double[OF_CLOTH + places.size()];
            spreads = new double[places.size()];
        }

        /** Each kind of stroke costs a simulation: of very many the rarest tell least for it. */
        private void leaveOutTheRarest() {
            List<Alike> rarest = groups.keySet().stream()
                    .sorted(Comparator.comparing(alike -> groups.get(alike).size()))
                    .limit(Math.max(0, groups.size() - MOST_KINDS))
                    .toList();
            rarest.forEach(groups::remove);
        }

        Optional<Learnt> run(TableFigures believed, BooleanSupplier stopped) {
            mode[ClothScale.ROLLING] =
                    scale.zOf(ClothScale.ROLLING, believed.rollingFriction().value());
            for (int round = 0; round < ROUNDS; round++) {
                if (stopped.getAsBoolean()) {
                    return Optional.empty();
                }
                workOut();
                if (models.isEmpty()) {
                    return Optional.empty();
                }
                for (int step = 0; step < STEPS; step++) {
                    measureSpreads();
                    step();
                }
            }
            return Optional.of(learnt(believed));
        }

        /** About the present mode. */
        private void workOut() {
            about = mode.clone();
            Map<Alike, LandingModel> now = new LinkedHashMap<>();
            for (Alike alike : groups.keySet()) {
                Played one = played.get(alike);
                double[] at = new double[OF_A_STROKE];
                System.arraycopy(mode, 0, at, 0, OF_CLOTH);
                at[PACE] = mode[OF_CLOTH + places.get(alike.student())];
                LandingModel.of(one.layout(), one.task(), alike.stroke(), alike.errors(), scale, at)
                        .ifPresent(model -> now.put(alike, model));
            }
            models = now;
        }

        /** How far a landing is from its model, as x and y (mm). */
        private double[] away(Alike alike, LandingModel model, Point landing) {
            double[] away = {landing.xMillimetres() - model.mean()[0], landing.yMillimetres() - model.mean()[1]};
            for (int axis = 0; axis < 2; axis++) {
                for (int unknown = 0; unknown < OF_A_STROKE; unknown++) {
                    int shared = sharedPlace(alike, unknown);
                    away[axis] -= model.slopes()[axis][unknown] * (mode[shared] - about[shared]);
                }
            }
            return away;
        }

        private int sharedPlace(Alike alike, int unknown) {
            return unknown < OF_CLOTH ? unknown : OF_CLOTH + places.get(alike.student());
        }

        private static double chiSquare(LandingModel model, double[] away) {
            double[][] s = model.covariance();
            double determinant = s[0][0] * s[1][1] - s[0][1] * s[1][0];
            return (s[1][1] * away[0] * away[0] - 2 * s[0][1] * away[0] * away[1] + s[0][0] * away[1] * away[1])
                    / determinant;
        }

        private static double weight(double chiSquare) {
            return (FREEDOM + 2) / (FREEDOM + chiSquare);
        }

        /** By student: the weighted mean square of their landings over what their errors say; at least that. */
        private void measureSpreads() {
            double[] sum = new double[spreads.length];
            double[] weights = new double[spreads.length];
            models.forEach((alike, model) -> {
                int student = places.get(alike.student());
                double spread = Math.max(1, spreads[student]);
                for (Point landing : groups.get(alike)) {
                    double square = chiSquare(model, away(alike, model, landing));
                    sum[student] += weight(square / spread) * square / 2;
                    weights[student]++;
                }
            });
            for (int i = 0; i < spreads.length; i++) {
                spreads[i] = weights[i] == 0 ? 1 : Math.max(1, Math.min(MOST_SPREAD, sum[i] / weights[i]));
            }
        }

        private void step() {
            int size = mode.length;
            double[][] curvature = new double[size][size];
            double[] pull = new double[size];
            for (int i = 0; i < size; i++) {
                curvature[i][i] = i < OF_CLOTH ? 1 : 1 / (PACE_SPREAD * PACE_SPREAD);
                pull[i] = -curvature[i][i] * mode[i];
            }
            models.forEach((alike, model) -> {
                double spread = spreads[places.get(alike.student())];
                double[][] inverse = Matrices.inverse(model.covariance());
                for (Point landing : groups.get(alike)) {
                    double[] away = away(alike, model, landing);
                    double weight = weight(chiSquare(model, away) / spread) / spread;
                    add(curvature, pull, alike, model, inverse, away, weight);
                }
            });
            double[] change = Matrices.solve(curvature, pull);
            for (int i = 0; i < size; i++) {
                mode[i] += change[i];
            }
            precision = curvature;
        }

        private void add(
                double[][] curvature,
                double[] pull,
                Alike alike,
                LandingModel model,
                double[][] inverse,
                double[] away,
                double weight) {
            for (int a = 0; a < OF_A_STROKE; a++) {
                double[] left = new double[2];
                for (int axis = 0; axis < 2; axis++) {
                    left[axis] = weight
                            * (model.slopes()[0][a] * inverse[0][axis] + model.slopes()[1][a] * inverse[1][axis]);
                }
                int row = sharedPlace(alike, a);
                pull[row] += left[0] * away[0] + left[1] * away[1];
                for (int b = 0; b < OF_A_STROKE; b++) {
                    curvature[row][sharedPlace(alike, b)] +=
                            left[0] * model.slopes()[0][b] + left[1] * model.slopes()[1][b];
                }
            }
        }

        private Learnt learnt(TableFigures believed) {
            double[][] covariance = Matrices.inverse(precision);
            TableFigures figures = new TableFigures(
                    TableCheck.log(scale.rolling(mode[ClothScale.ROLLING]), covariance, ClothScale.ROLLING),
                    TableCheck.log(scale.sliding(mode[ClothScale.SLIDING]), covariance, ClothScale.SLIDING),
                    TableCheck.restitution(scale.restitution(mode[ClothScale.RESTITUTION]), covariance),
                    believed.driftX(),
                    believed.driftY());
            Map<Integer, Estimated> paces = new LinkedHashMap<>();
            places.forEach((student, place) -> {
                int unknown = OF_CLOTH + place;
                double half = TableCheck.HALF_WIDTH * Math.sqrt(covariance[unknown][unknown]);
                double pace = mode[unknown];
                paces.put(
                        student,
                        new Estimated(Math.exp(pace), new Interval(Math.exp(pace - half), Math.exp(pace + half))));
            });
            int counted = models.keySet().stream()
                    .mapToInt(alike -> groups.get(alike).size())
                    .sum();
            return new Learnt(figures, paces, counted);
        }
    }
}
