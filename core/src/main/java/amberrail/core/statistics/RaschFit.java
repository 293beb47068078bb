package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Abilities of students, week by week, and difficulties of stations on one scale: logit P(success) = slope · (ability - difficulty), the simulated
 * difficulty as prior, so that a new station is graded before anybody has tried it and data take over. Ability moves and difficulty does not: what a
 * whole club gains goes to its students.
 *
 * <p>A finished fit never changes. {@link #withResultsOf} makes the one after one student's results have changed, the stations held where they are.
 *
 * @see "statistics/methods.md, raschFit; Rasch 1960; Birnbaum 1968; Mislevy 1986"
 */
public final class RaschFit {
    private static final int TRIES_FOR_A_CHANGE = 20;
    private static final double TWO_SIDED_95 = Quantile.normal(0.975);

    /**
     * A station, the drill it belongs to, its difficulty a in logits with the simulated success rate 1/(1 + e^a) (grading.md), and how steeply success rises with ability there.
     *
     * @param slope see {@link ItemSlope}; logits of success per logit of ability, 0.3 to 2
     */
    public record Station(String id, String drill, double predicted, double slope) {}

    /** Tries of one student at one station in one session. */
    public record Row(String student, String station, String session, int made, int attempts, double ageDays) {}

    /**
     * What is believed before there are data; standard deviations in logits.
     *
     * @param sdAbility  of a student's own level
     * @param sdDrift    of how far their ability strays from it in the long run
     * @param driftWeeks how long it keeps its direction
     * @param rho        how alike tries of one session are, see {@link FormRho}
     */
    public record Prior(
            double sdAbility, double sdDrift, double driftWeeks, double sdDrill, double sdStation, double rho) {
        public static final Prior USUAL = new Prior(1, 2, 26, 0.4, 0.25, FormRho.USUAL);

        public Prior {
            positive("prior.sdAbility", sdAbility);
            positive("prior.sdDrift", sdDrift);
            positive("prior.driftWeeks", driftWeeks);
            positive("prior.sdDrill", sdDrill);
            positive("prior.sdStation", sdStation);
            Require.between("prior.rho", rho, 0, 1);
        }

        /** The same with form of the day as a fit before has found it. */
        public Prior withRho(double other) {
            return new Prior(sdAbility, sdDrift, driftWeeks, sdDrill, sdStation, other);
        }

        /** Standard deviation of a student's ability at any one time, before anything is known of them. */
        public double sdNow() {
            return Math.sqrt(AbilityWalk.covariance(0, 0, this));
        }

        private static void positive(String field, double value) {
            if (!(value > 0 && Double.isFinite(value))) {
                throw new InvalidInputException(ProblemCode.INVALID_PARAMETER, field, value, "must be more than 0");
            }
        }
    }

    /** Where the raw counts leave no room on one side: "at least" or "at most". */
    public enum Note {
        ALL_MADE,
        ALL_MISSED,
        NO_DATA
    }

    /** An ability (now) or a difficulty in logits, and as a grade cut to 0..1000; {@code prior} is the simulated difficulty, 0 for a student. */
    public record Placed(
            String id, double prior, double logits, double se, double grade, double gradeSe, Optional<Note> note) {}

    /** Ability now less that of six weeks ago, in logits. */
    public record Change(double logits, double se) {}

    /** An ability at another time: {@code weeksAgo} 0 is the last seven days; as a grade cut to 0..1000. */
    public record InWeek(int weeksAgo, double logits, double se, double grade, double gradeSe) {}

    /** The chance of a student at a station, with its 95 % limits. */
    public record Expected(String student, String station, double p, double lower, double upper) {}

    private final Prior belief;
    private final RaschData data;
    private final List<double[]> theta;
    private final List<StudentBlock> blocks;
    private final double[] u;
    private final double[][] stationVariance;

    private RaschFit(
            Prior belief,
            RaschData data,
            List<double[]> theta,
            List<StudentBlock> blocks,
            double[] u,
            double[][] stationVariance) {
        this.belief = belief;
        this.data = data;
        this.theta = theta;
        this.blocks = blocks;
        this.u = u;
        this.stationVariance = stationVariance;
    }

    /**
     * @throws InvalidInputException {@code DUPLICATE_ID}, {@code UNKNOWN_ID}, {@code INVALID_COUNT}, {@code INVALID_PROBABILITY},
     *     {@code NEGATIVE_VALUE} or {@code INVALID_PARAMETER}
     */
    public static RaschFit of(List<String> students, List<Station> stations, List<Row> rows, Prior belief) {
        RaschData data = RaschData.of(students, stations, rows, belief);
        RaschNewton top = RaschNewton.of(data.results(), data.scale());
        return new RaschFit(belief, data, top.theta(), top.blocks(), top.u(), top.stationVariance());
    }

    /**
     * Goes on from what an earlier whole fit has found of the stations: every student is placed by their own results, the stations held where they
     * are. Of the same results it is that fit again.
     *
     * @throws InvalidInputException as {@link #of}
     */
    public static RaschFit resumed(List<String> students, Calibration known, List<Row> rows) {
        RaschData data = RaschData.of(students, known.stations(), rows, known.belief());
        List<RaschNewton.Alone> each = data.results().stream()
                .map(own -> RaschNewton.Alone.of(own, known.unknowns(), data.scale()))
                .toList();
        return new RaschFit(
                known.belief(),
                data,
                each.stream().map(RaschNewton.Alone::theta).toList(),
                each.stream().map(RaschNewton.Alone::block).toList(),
                known.unknowns(),
                known.variance());
    }

    /** What this fit has found of its stations, to go on from later. */
    public Calibration calibration() {
        return new Calibration(data.scale().stations(), belief, u, stationVariance);
    }

    /**
     * The fit with one student's results as they are now: their abilities anew, the stations held at their last estimate. The next full fit
     * settles the rest; until then the difference stays far below a standard error.
     *
     * @param rows all of that student
     * @throws InvalidInputException as {@link #of}
     */
    public RaschFit withResultsOf(String student, List<Row> rows) {
        int s = data.student(student);
        StudentResults now = new StudentResults(rows, data.stationAt(), data.scale(), belief);
        RaschNewton.Alone alone = RaschNewton.Alone.of(now, u, data.scale());
        return new RaschFit(
                belief,
                data.with(s, now),
                replaced(theta, s, alone.theta()),
                replaced(blocks, s, alone.block()),
                u,
                stationVariance);
    }

    private static <T> List<T> replaced(List<T> list, int index, T now) {
        List<T> copy = new ArrayList<>(list);
        copy.set(index, now);
        return copy;
    }

    /** Now, in the order given. */
    public List<Placed> abilities() {
        return data.students().stream().map(this::ability).toList();
    }

    /** A student's ability now; {@code UNKNOWN_ID} if the fit has no such student. */
    public Placed ability(String id) {
        int s = data.student(id);
        return placed(
                id,
                0,
                theta.get(s)[0],
                blocks.get(s).covariance(0, 0, stationVariance),
                data.results().get(s).counts());
    }

    /** Against six weeks ago; empty under twenty tries on either side. */
    public Optional<Change> change(String id) {
        int s = data.student(id);
        StudentResults own = data.results().get(s);
        if (own.triesInTheLastSixWeeks() < TRIES_FOR_A_CHANGE || own.triesBefore() < TRIES_FOR_A_CHANGE) {
            return Optional.empty();
        }
        int then = Arrays.binarySearch(own.weeks(), AbilityWalk.SIX_WEEKS_AGO);
        StudentBlock block = blocks.get(s);
        double variance = block.covariance(0, 0, stationVariance)
                + block.covariance(then, then, stationVariance)
                - 2 * block.covariance(0, then, stationVariance);
        return Optional.of(new Change(theta.get(s)[0] - theta.get(s)[then], Math.sqrt(variance)));
    }

    /** A student's ability in every week with tries, and now, the oldest first. */
    public List<InWeek> weeks(String id) {
        int s = data.student(id);
        StudentResults own = data.results().get(s);
        List<InWeek> weeks = new ArrayList<>();
        for (int w = own.weeks().length - 1; w >= 0; w--) {
            int index = w;
            boolean played = own.cells().stream().anyMatch(cell -> cell.week() == index);
            if (played || w == 0) {
                double logits = theta.get(s)[w];
                double se = Math.sqrt(blocks.get(s).covariance(w, w, stationVariance));
                weeks.add(new InWeek(own.weeks()[w], logits, se, GradeScale.shown(logits), GradeScale.points(se)));
            }
        }
        return weeks;
    }

    /** In the order given; the error is of drill and station together. */
    public List<Placed> difficulties() {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < data.scale().stations().size(); i++) {
            placed.add(placed(
                    data.scale().stations().get(i).id(),
                    data.scale().simulated(i),
                    data.scale().difficulty(u, i),
                    difficultyVariance(i),
                    data.stationCounts()[i]));
        }
        return placed;
    }

    private double difficultyVariance(int i) {
        int g = data.scale().drillUnknown(i);
        int e = data.scale().stationUnknown(i);
        return stationVariance[g][g] + stationVariance[e][e] + 2 * stationVariance[g][e];
    }

    private static Placed placed(String id, double prior, double logits, double variance, int[] counts) {
        double se = Math.sqrt(variance);
        return new Placed(id, prior, logits, se, GradeScale.shown(logits), GradeScale.points(se), note(counts));
    }

    private static Optional<Note> note(int[] counts) {
        if (counts[1] == 0) {
            return Optional.of(Note.NO_DATA);
        }
        if (counts[0] == counts[1]) {
            return Optional.of(Note.ALL_MADE);
        }
        return counts[0] == 0 ? Optional.of(Note.ALL_MISSED) : Optional.empty();
    }

    /** Every student at every station, students outer. */
    public List<Expected> expected() {
        return data.students().stream()
                .flatMap(student -> expected(student).stream())
                .toList();
    }

    /** One student at every station, in the stations' order; {@code UNKNOWN_ID} if the fit has no such student. */
    public List<Expected> expected(String id) {
        int s = data.student(id);
        List<Expected> expected = new ArrayList<>();
        double own = blocks.get(s).covariance(0, 0, stationVariance);
        for (int i = 0; i < data.scale().stations().size(); i++) {
            double between = blocks.get(s).covarianceWith(0, data.scale().drillUnknown(i), stationVariance)
                    + blocks.get(s).covarianceWith(0, data.scale().stationUnknown(i), stationVariance);
            double slope = data.scale().slope(i);
            expected.add(expected(
                    id,
                    data.scale().stations().get(i).id(),
                    slope * (theta.get(s)[0] - data.scale().difficulty(u, i)),
                    slope * slope * (own + difficultyVariance(i) - 2 * between)));
        }
        return expected;
    }

    /** How the tries of one session hang together, by this fit's chances in their weeks: for the next full fit. */
    public FormRho formRho(List<Row> rows) {
        return FormRho.of(rows.stream()
                .filter(row -> row.attempts() > 0)
                .map(row -> new FormRho.Row(row.student(), row.session(), row.made(), row.attempts(), chance(row)))
                .toList());
    }

    private double chance(Row row) {
        int s = data.student(row.student());
        int i = data.stationAt().get(row.station());
        int w = Arrays.binarySearch(data.results().get(s).weeks(), AbilityWalk.week(row.ageDays()));
        return logistic(data.scale().slope(i) * (theta.get(s)[w] - data.scale().difficulty(u, i)));
    }

    /**
     * The chance of a student of this ability at a station whose drill nobody has tried: simulation alone speaks for it, with all that a drill and a
     * station may add to it.
     *
     * @param ability in logits, with its standard error
     */
    public static Expected untried(String student, double ability, double abilitySe, Station station, Prior belief) {
        double slope = station.slope();
        double v =
                abilitySe * abilitySe + belief.sdDrill() * belief.sdDrill() + belief.sdStation() * belief.sdStation();
        return expected(
                student,
                station.id(),
                slope * (ability - StationScale.simulatedDifficulty(station.predicted())),
                slope * slope * v);
    }

    /** Of slope times ability less difficulty, with its variance. */
    private static Expected expected(String student, String station, double m, double v) {
        double half = TWO_SIDED_95 * Math.sqrt(v);
        return new Expected(
                student, station, logistic(m / Math.sqrt(1 + Math.PI * v / 8)), logistic(m - half), logistic(m + half));
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }
}
