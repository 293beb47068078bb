package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.List;

/** One thing that happened in a shot, with the states just before and after (SI). */
public sealed interface ShotEvent {
    double seconds();

    /** The ball was struck by the cue. */
    record Struck(double seconds, String ball, BallState after) implements ShotEvent {}

    /** Sliding ended; the ball rolls from here. */
    record StartsRolling(double seconds, String ball, BallState state) implements ShotEvent {}

    /** The ball came to rest. */
    record Stops(double seconds, String ball, BallState state) implements ShotEvent {}

    /**
     * Two balls met.
     *
     * @param inGroup others pressed on them at the same time ({@link BallsPress}): the states after are those when all had parted
     */
    record BallsMeet(
            double seconds,
            String ball,
            String other,
            BallState before,
            BallState after,
            BallState otherBefore,
            BallState otherAfter,
            boolean inGroup)
            implements ShotEvent {
        /** Direction of the line of centres from ball to other (degrees). */
        public double centresLineDegrees() {
            return Math.toDegrees(Math.atan2(otherBefore.y() - before.y(), otherBefore.x() - before.x()));
        }
    }

    /**
     * Three or more balls touched or nearly touched and pressed on one another; each two that touched follow as {@link BallsMeet}.
     *
     * @param durationSeconds until all had parted
     */
    record BallsPress(double seconds, double durationSeconds, List<Pressed> balls) implements ShotEvent {
        public BallsPress {
            balls = List.copyOf(balls);
        }
    }

    /** One ball of a group, when it joined and when all had parted. */
    record Pressed(String ball, BallState before, BallState after) {}

    /**
     * A ball met a straight cushion.
     *
     * @param noseX  where it touched (m)
     * @param sights the same counted along that cushion, from the SW corner's side
     */
    record MeetsCushion(
            double seconds,
            String ball,
            Cushion cushion,
            double noseX,
            double noseY,
            double sights,
            BallState before,
            BallState after)
            implements ShotEvent {}

    /** A ball met a jaw of a pocket. */
    record MeetsJaw(
            double seconds,
            String ball,
            PocketName pocket,
            Part part,
            double noseX,
            double noseY,
            BallState before,
            BallState after)
            implements ShotEvent {
        /** Which part of the jaw. */
        public enum Part {
            ARC,
            FACING
        }
    }

    /** A ball dropped. */
    record Potted(double seconds, String ball, PocketName pocket, BallState before) implements ShotEvent {}
}
