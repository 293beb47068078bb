package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** One shot of a station: the set-up, what is asked, and the line the cue ball should arrive on. */
public record Shot(List<BallPlacement> balls, List<Demand> demands, ArrivalLine arrival) {
    /** {@code DUPLICATE_ID} for a label used twice, {@code CONTRADICTION} without exactly one cue ball. */
    public Shot {
        balls = List.copyOf(balls);
        demands = List.copyOf(demands);
        Objects.requireNonNull(arrival);
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

    public BallPlacement cueBall() {
        return balls.stream()
                .filter(ball -> ball.role() == BallPlacement.Role.CUE)
                .findFirst()
                .orElseThrow();
    }

    public Optional<Demand.PotBall> pot() {
        return demands.stream()
                .filter(Demand.PotBall.class::isInstance)
                .map(Demand.PotBall.class::cast)
                .findFirst();
    }

    public Optional<Demand.LandInCircle> landing() {
        return demands.stream()
                .filter(Demand.LandInCircle.class::isInstance)
                .map(Demand.LandInCircle.class::cast)
                .findFirst();
    }
}
