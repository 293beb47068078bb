package amberrail.core.diagnosis;

import amberrail.core.attempt.PotOutcome;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.AimFromManyPots;
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
 * @param landings   clean pots with a landing that it comes of; of strokes whose landings can be read back to their errors
 * @param pots       attempts that the aim comes of; 0 where the landings had to do
 * @param trusted    whether every stroke that it comes of still tells errors this large; else they are larger than landings can show
 * @param reason     {@code NO_DATA} where it is the prior
 */
public record OwnErrors(
        StrokeErrors errors,
        List<Interval> intervals,
        double[] resolution,
        int landings,
        int pots,
        boolean trusted,
        Optional<Reason> reason) {
    private static final double PRIOR_WEIGHT = 5;
    private static final int FEWEST_POTS = 20;
    private static final int FEWEST_LANDINGS = 20;
    private static final int FEWEST_FOR_A_BIAS = 5;
    private static final double LEVEL = 0.95;
    private static final double MODEL_ROOM = 1.12;
    /** A pot that forgives more than this many of the student's aim errors is too easy to measure them by. */
    private static final double MOST_FORGIVEN = 1.6;

    /** Shots of one station, side and call: they share a model, and a lasting bias is theirs. */
    public record Group(StrokeModel model, boolean leavesLeft, List<SeenShot> shots) {
        public Group {
            shots = List.copyOf(shots);
        }
    }

    public static OwnErrors of(List<Group> groups) {
        List<Group> told = groups;
        FromLandings sizes = FromLandings.of(told);
        boolean trusted = false;
        while (!trusted) {
            double times = sizes.timesTheReference();
            List<Group> holding = told.stream()
                    .filter(group -> group.model().holdsUpTo() >= Math.min(times, 2))
                    .toList();
            trusted = holding.size() == told.size();
            FromLandings next = trusted ? sizes : FromLandings.of(holding);
            if (next.landings() < FEWEST_LANDINGS) {
                break;
            }
            told = holding;
            sizes = next;
        }
        ErrorSds sds = sizes.sds();
        Aim aim = aim(groups);
        double[] sd = sds.sd();
        List<Interval> intervals =
                new ArrayList<>(sds.intervals().stream().map(OwnErrors::widened).toList());
        aim.found().ifPresent(found -> {
            sd[Cause.AIM.ordinal()] = found.sd();
            intervals.set(Cause.AIM.ordinal(), found.interval());
        });
        return new OwnErrors(
                new StrokeErrors(sd[Cause.PACE.ordinal()], sd[Cause.HEIGHT.ordinal()], sd[Cause.AIM.ordinal()]),
                intervals,
                sds.resolution(),
                sizes.landings(),
                aim.pots(),
                trusted && sizes.timesTheReference() <= 2,
                sds.reason());
    }

    /**
     * The interval of errorSds supposes that landings follow the jacobian exactly. They do not quite: held against simulated students whose sizes
     * are known, estimates are off by up to a tenth however many shots there are.
     */
    private static Interval widened(Interval interval) {
        return new Interval(interval.lower() / MODEL_ROOM, interval.upper() * MODEL_ROOM);
    }

    /** Pace and tip height from the clean pots of some groups. */
    private record FromLandings(ErrorSds sds, int landings) {
        static FromLandings of(List<Group> groups) {
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
            return new FromLandings(
                    ErrorSds.of(
                            landings,
                            new double[][] {{variance, 0}, {0, variance}},
                            StrokeErrors.PRIOR.sds(),
                            PRIOR_WEIGHT),
                    landings.size());
        }

        /** Mean of pace and tip height over the reference student's. */
        double timesTheReference() {
            ExecutionErrors reference = ExecutionErrors.REFERENCE;
            return (sds.sd()[Cause.PACE.ordinal()] / (100 * reference.paceFraction())
                            + sds.sd()[Cause.HEIGHT.ordinal()] / reference.tipHeightMillimetres())
                    / 2;
        }
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
                    model.jacobianAtReference(), error.lineMillimetres() - line, error.speedMillimetres() - speed));
        }
        return landings;
    }

    private record Aim(Optional<AimFromManyPots> found, int pots) {}

    /**
     * From thick, made and thin of those kinds of pot that aim decides. An easy pot is missed for other reasons: too little pace to get there, a
     * ball thrown by unwanted side. So kinds that forgive much more than the student errs are left out, step by step, and by what they forgive,
     * never by how they went: that would choose the answer.
     */
    private static Aim aim(List<Group> groups) {
        List<AimFromManyPots.Kind> kinds = groups.stream()
                .filter(group ->
                        group.model().toleranceThick() > 0 && group.model().toleranceThin() > 0)
                .map(group -> new AimFromManyPots.Kind(
                        count(group, true),
                        (int) group.shots().stream()
                                .filter(s -> s.outcome().potted())
                                .count(),
                        count(group, false),
                        group.model().toleranceAtReference(group.model().toleranceThick()),
                        group.model().toleranceAtReference(group.model().toleranceThin())))
                .toList();
        while (pots(kinds) >= FEWEST_POTS) {
            AimFromManyPots found =
                    AimFromManyPots.of(kinds, StrokeErrors.PRIOR.sds()[Cause.AIM.ordinal()], PRIOR_WEIGHT);
            List<AimFromManyPots.Kind> telling = kinds.stream()
                    .filter(kind -> (kind.toleranceThick() + kind.toleranceThin()) / 2 <= MOST_FORGIVEN * found.sd())
                    .toList();
            if (telling.size() == kinds.size()) {
                return new Aim(Optional.of(found), pots(kinds));
            }
            kinds = telling;
        }
        return new Aim(Optional.empty(), 0);
    }

    private static int pots(List<AimFromManyPots.Kind> kinds) {
        return kinds.stream()
                .mapToInt(kind -> kind.thick() + kind.made() + kind.thin())
                .sum();
    }

    private static int count(Group group, boolean thick) {
        PotOutcome side = group.leavesLeft() == thick ? PotOutcome.MISSED_RIGHT : PotOutcome.MISSED_LEFT;
        PotOutcome cut = thick ? PotOutcome.MISSED_THICK : PotOutcome.MISSED_THIN;
        return (int) group.shots().stream()
                .filter(shot -> shot.outcome() == cut || shot.outcome() == side)
                .count();
    }
}
