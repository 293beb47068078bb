package amberrail.app.demo;

import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.FactBody;
import amberrail.app.drills.KnownGrades;
import amberrail.app.setups.SetUps;
import amberrail.core.attempt.Attempt;
import amberrail.core.attempt.Landing;
import amberrail.core.diagnosis.SimulatedStudent;
import amberrail.core.drill.Drill;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;

/** Made-up attempts: the usual stroke of a station, played on the shot simulator with known error sizes and seen as a coach sees it. */
final class DemoPractice {
    private static final double FOUL_PROBABILITY = 0.01;
    private static final double NOT_SEEN_PROBABILITY = 0.03;
    private static final double TAP_SD_MILLIMETRES = 17;
    /** Where a practice is worth most: about this share succeeds. */
    private static final double WANTED_SUCCESS = 0.65;

    private final SetUps setUps;
    private final KnownGrades grades;
    private final TableSpec table;
    private final TablePlan plan;

    DemoPractice(SetUps setUps, KnownGrades grades, TableSpec table) {
        this.setUps = setUps;
        this.grades = grades;
        this.table = table;
        plan = TablePlan.of(table);
    }

    /** The station whose simulated difficulty suits this ability best. */
    int suitable(Drill drill, double ability) {
        double wanted = ability - Math.log(WANTED_SUCCESS / (1 - WANTED_SUCCESS));
        int best = 0;
        double nearest = Double.POSITIVE_INFINITY;
        for (int station = 0; station < drill.stations().size(); station++) {
            double off = Math.abs(grades.simulated(drill, station, table)
                            .map(KnownGrades.Simulated::logits)
                            .orElse(ability)
                    - wanted);
            if (off < nearest) {
                nearest = off;
                best = station;
            }
        }
        return best;
    }

    /** What is the same for every attempt at a station and side. */
    private record Asked(ShotLayout layout, ShotTask task, PlannedStroke stroke) {}

    private final Map<List<Object>, Asked> asked = new HashMap<>();

    private Asked asked(Drill drill, int station, boolean mirrored) {
        return asked.computeIfAbsent(List.of(drill.id(), station, mirrored), k -> {
            SetUp setUp = SetUp.of(drill, station, 0, mirrored, table);
            return new Asked(
                    setUps.layout(setUp),
                    setUp.task(),
                    setUps.usual(setUp).orElseThrow().stroke());
        });
    }

    AttemptBody attempt(
            Random random,
            Drill drill,
            int station,
            boolean mirrored,
            long sequence,
            ExecutionErrors errors,
            Instant playedAt) {
        Asked what = asked(drill, station, mirrored);
        Attempt played = new SimulatedStudent(errors, random)
                .play(what.layout(), what.task(), what.stroke(), TAP_SD_MILLIMETRES);
        boolean seen = random.nextDouble() >= NOT_SEEN_PROBABILITY;
        return new AttemptBody(
                0,
                false,
                station,
                mirrored,
                new UUID(random.nextLong(), random.nextLong()),
                0,
                sequence,
                "demo",
                played.outcome(),
                random.nextDouble() < FOUL_PROBABILITY,
                played.inOff(),
                seen ? landing(what.layout(), played.landing()) : null,
                FactBody.of(played.facts()),
                playedAt,
                null,
                drill.id(),
                null,
                List.of(),
                null);
    }

    /** A mark that the coach's hand put off the bed is one that the coach would put right. */
    private AttemptBody.LandingBody landing(ShotLayout asked, Optional<Landing> landing) {
        return landing.map(Landing::place)
                .map(place -> new Point(tenth(place.xMillimetres()), tenth(place.yMillimetres())))
                .filter(place -> plan.holds(place, asked.cueBall().spec()))
                .map(place -> new AttemptBody.LandingBody(
                        place.xMillimetres(), place.yMillimetres(), Landing.PlacedBy.TAP, TAP_SD_MILLIMETRES))
                .orElse(null);
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
