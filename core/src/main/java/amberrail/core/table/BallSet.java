package amberrail.core.table;

import java.util.Objects;

/** A cue ball and the object balls it is played with; in a pub set they differ. */
public record BallSet(BallSpec cueBall, BallSpec objectBall) {
    public BallSet {
        Objects.requireNonNull(cueBall);
        Objects.requireNonNull(objectBall);
    }

    public static BallSet ofEqual(BallSpec ball) {
        return new BallSet(ball, ball);
    }

    /** Plan distance of centres when cue and object ball touch: 2√(RA·RB), since the line of centres is tilted. */
    public double touchingMillimetres() {
        return 2 * Math.sqrt(cueBall.radiusMillimetres() * objectBall.radiusMillimetres());
    }
}
