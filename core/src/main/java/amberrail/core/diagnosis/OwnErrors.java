package amberrail.core.diagnosis;

import amberrail.core.attempt.PotOutcome;
import amberrail.core.statistics.AimFromPots;
import amberrail.core.statistics.ArrivalError;
import amberrail.core.statistics.Dispersion;
import amberrail.core.statistics.ErrorSds;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A student's own error sizes from recorded shots (methods.md, errorSds and aimFromPots).
 *
 * @param errors     what to reckon with
 * @param intervals  90 % of each, in the order of {@link Cause}; of the landings alone, so the aim's is of clean pots
 * @param resolution how much the landings told of each
 * @param landings   clean pots with a landing that it comes of
 * @param pots       attempts that the aim comes of; 0 where the landings had to do
 * @param reason     {@code NO_DATA} where it is the prior
 */
public record OwnErrors(
        StrokeErrors errors,
        List<Interval> intervals,
        double[] resolution,
        int landings,
        int pots,
        Optional<Reason> reason) {
    private static final double PRIOR_WEIGHT = 5;
    private static final int FEWEST_POTS = 20;
    private static final int FEWEST_FOR_A_BIAS = 5;
    private static final double LEVEL = 0.95;

    /** Shots of one station, side and call: they share a model, and a lasting bias is theirs. */
    public record Group(StrokeModel model, boolean leavesLeft, List<SeenShot> shots) {
        public Group {
            shots = List.copyOf(shots);
        }
    }

    public static OwnErrors of(List<Group> groups) {
        List<ErrorSds.Landing> landings = new ArrayList<>();
        double placing = 0;
        for (Group group : groups) {
            List<SeenShot> clean = group.shots().stream()
                    .filter(shot -> shot.cleanPot() && shot.place().isPresent())
                    .toList();
            placing += clean.stream().mapToDouble(SeenShot::placingVariance).sum();
            landings.addAll(withoutBias(group.model(), clean));
        }
        double variance = landings.isEmpty() ? 25 : placing / landings.size();
        ErrorSds sds = ErrorSds.of(
                landings, new double[][] {{variance, 0}, {0, variance}}, StrokeErrors.PRIOR.sds(), PRIOR_WEIGHT);
        Aim aim = aim(groups);
        double[] sd = sds.sd();
        StrokeErrors errors = new StrokeErrors(
                sd[Cause.PACE.ordinal()], sd[Cause.HEIGHT.ordinal()], aim.sd().orElse(sd[Cause.AIM.ordinal()]));
        return new OwnErrors(
                errors,
                sds.intervals(),
                sds.resolution(),
                landings.size(),
                aim.sd().isPresent() ? aim.pots() : 0,
                sds.reason());
    }

    /** The sizes are about zero: a bias that is real is taken away first. */
    private static List<ErrorSds.Landing> withoutBias(StrokeModel model, List<SeenShot> clean) {
        List<ArrivalError> errors = clean.stream()
                .map(shot -> model.error(shot.place().orElseThrow()))
                .toList();
        double line = 0;
        double speed = 0;
        boolean real = clean.size() >= FEWEST_FOR_A_BIAS
                && Dispersion.of(
                                model.landing(),
                                model.arrival(),
                                clean.stream()
                                        .map(shot -> shot.place().orElseThrow())
                                        .toList(),
                                LEVEL)
                        .biasTest()
                        .value()
                        .filter(test -> test.real())
                        .isPresent();
        if (real) {
            line = errors.stream()
                    .mapToDouble(ArrivalError::lineMillimetres)
                    .average()
                    .orElse(0);
            speed = errors.stream()
                    .mapToDouble(ArrivalError::speedMillimetres)
                    .average()
                    .orElse(0);
        }
        List<ErrorSds.Landing> landings = new ArrayList<>();
        for (ArrivalError error : errors) {
            landings.add(new ErrorSds.Landing(
                    model.jacobian(), error.lineMillimetres() - line, error.speedMillimetres() - speed));
        }
        return landings;
    }

    private record Aim(Optional<Double> sd, int pots) {}

    /** Each group's own estimate, its variance weighted by its attempts; only where enough were played and some missed. */
    private static Aim aim(List<Group> groups) {
        double sum = 0;
        int pots = 0;
        int missed = 0;
        for (Group group : groups) {
            StrokeModel model = group.model();
            if (model.toleranceThick() <= 0 || model.toleranceThin() <= 0) {
                continue;
            }
            int thick = count(group, true);
            int thin = count(group, false);
            int made = (int)
                    group.shots().stream().filter(s -> s.outcome().potted()).count();
            Optional<Double> sd = AimFromPots.of(thick, made, thin, model.toleranceThick(), model.toleranceThin())
                    .sd();
            if (sd.isPresent()) {
                int n = thick + made + thin;
                sum += n * sd.get() * sd.get();
                pots += n;
                missed += thick + thin;
            }
        }
        boolean enough = pots >= FEWEST_POTS && missed > 0;
        return new Aim(enough ? Optional.of(Math.sqrt(sum / pots)) : Optional.empty(), pots);
    }

    private static int count(Group group, boolean thick) {
        PotOutcome side = group.leavesLeft() == thick ? PotOutcome.MISSED_RIGHT : PotOutcome.MISSED_LEFT;
        PotOutcome cut = thick ? PotOutcome.MISSED_THICK : PotOutcome.MISSED_THIN;
        return (int) group.shots().stream()
                .filter(shot -> shot.outcome() == cut || shot.outcome() == side)
                .count();
    }
}
