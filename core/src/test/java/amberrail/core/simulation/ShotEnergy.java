package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import java.util.List;
import java.util.Optional;

/** At no event has a shot more energy after than before. */
final class ShotEnergy {
    private final List<TableBall> balls;
    private final double slack;

    /** {@code slack} is the share by which rounding may differ. */
    ShotEnergy(List<TableBall> balls, double slack) {
        this.balls = balls;
        this.slack = slack;
    }

    /** The first event at which energy grows, in words; empty where none does. */
    Optional<String> gain(ShotRecord record) {
        for (ShotEvent event : record.events()) {
            double before = 0;
            double after = 0;
            if (event instanceof ShotEvent.BallsMeet meet && !meet.inGroup()) {
                before = of(meet.ball(), meet.before()) + of(meet.other(), meet.otherBefore());
                after = of(meet.ball(), meet.after()) + of(meet.other(), meet.otherAfter());
            } else if (event instanceof ShotEvent.BallsPress press) {
                for (ShotEvent.Pressed one : press.balls()) {
                    before += of(one.ball(), one.before());
                    after += of(one.ball(), one.after());
                }
            } else if (event instanceof ShotEvent.MeetsCushion meet) {
                before = of(meet.ball(), meet.before());
                after = of(meet.ball(), meet.after());
            } else if (event instanceof ShotEvent.MeetsJaw meet) {
                before = of(meet.ball(), meet.before());
                after = of(meet.ball(), meet.after());
            }
            if (after > before * (1 + slack) + 1e-15) {
                return Optional.of("energy grows from " + before + " to " + after + " J at " + event);
            }
        }
        return Optional.empty();
    }

    private double of(String id, BallState s) {
        TableBall ball =
                balls.stream().filter(b -> b.id().equals(id)).findFirst().orElseThrow();
        double spin = s.wx() * s.wx() + s.wy() * s.wy() + s.wz() * s.wz();
        double inertia = 0.4 * ball.massKilograms() * ball.radiusMetres() * ball.radiusMetres();
        return 0.5 * ball.massKilograms() * (s.vx() * s.vx() + s.vy() * s.vy()) + 0.5 * inertia * spin;
    }
}
