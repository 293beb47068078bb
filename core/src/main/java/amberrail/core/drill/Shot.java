package amberrail.core.drill;

import amberrail.core.motion.Bridge;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * One shot of a station: the set-up, what is asked, and the line the cue ball should arrive on.
 *
 * @param bridge what the cue is to be guided by; the hand where nothing is said
 */
public record Shot(List<BallPlacement> balls, List<Demand> demands, ArrivalLine arrival, Bridge bridge) {
    private static final int MOST_BALLS = 22;
    private static final int MOST_DEMANDS = 12;

    /** {@code DUPLICATE_ID} for a label used twice, {@code CONTRADICTION} without exactly one cue ball or with two pots. */
    public Shot {
        balls = List.copyOf(balls);
        // A drill that is still being designed may ask nothing yet.
        demands = demands == null ? List.of() : List.copyOf(demands);
        Objects.requireNonNull(arrival);
        bridge = bridge == null ? Bridge.HAND : bridge;
        Require.between("balls", balls.size(), 1, MOST_BALLS);
        Require.between("demands", demands.size(), 0, MOST_DEMANDS);
        if (demands.stream().filter(Demand.PotBall.class::isInstance).count() > 1) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "demands", "two pots", "must ask for one ball to be potted at most");
        }
        Set<String> labels = new HashSet<>();
        for (BallPlacement ball : balls) {
            if (!labels.add(ball.label())) {
                throw new InvalidInputException(
                        ProblemCode.DUPLICATE_ID, "balls.label", ball.label(), "must be used by one ball only");
            }
        }
        long cueBalls = balls.stream()
                .filter(ball -> ball.role() == BallPlacement.Role.CUE)
                .count();
        if (cueBalls != 1) {
            throw new InvalidInputException(
                    ProblemCode.CONTRADICTION, "balls", cueBalls + " cue balls", "must have exactly one");
        }
    }

    /** Played with the hand on the cloth. */
    public Shot(List<BallPlacement> balls, List<Demand> demands, ArrivalLine arrival) {
        this(balls, demands, arrival, Bridge.HAND);
    }

    public BallPlacement cueBall() {
        return balls.stream()
                .filter(ball -> ball.role() == BallPlacement.Role.CUE)
                .findFirst()
                .orElseThrow();
    }

    public Optional<Demand.PotBall> pot() {
        return first(Demand.PotBall.class);
    }

    /** Where the cue ball shall rest, if that is asked. */
    public Optional<Demand.Land> landing() {
        String cue = cueBall().label();
        return demands.stream()
                .filter(demand ->
                        demand instanceof Demand.Land land && land.ball().equals(cue))
                .map(Demand.Land.class::cast)
                .findFirst();
    }

    private <T extends Demand> Optional<T> first(Class<T> kind) {
        return demands.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    /** The same with the cue ball in another place. */
    public Shot withCueBallAt(Position place) {
        return new Shot(
                balls.stream()
                        .map(ball -> ball.role() == BallPlacement.Role.CUE
                                ? new BallPlacement(ball.label(), ball.role(), place)
                                : ball)
                        .toList(),
                demands,
                arrival,
                bridge);
    }

    /** The same with the cue guided otherwise. */
    public Shot with(Bridge other) {
        return new Shot(balls, demands, arrival, other);
    }
}
