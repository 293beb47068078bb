package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;

/** One thing that happened in a shot, with the states just before and after (SI). */
public sealed interface ShotEvent {
    double seconds();

    /** The ball was struck by the cue. */
    record Struck(double seconds, String ball, BallState after) implements ShotEvent {}

    /** Sliding ended; the ball rolls from here. */
    record StartsRolling(double seconds, String ball, BallState state) implements ShotEvent {}

    /** The ball came to rest. */
    record Stops(double seconds, String ball, BallState state) implements ShotEvent {}

    /** Two balls met. */
    record BallsMeet(
            double seconds,
            String ball,
            String other,
            BallState before,
            BallState after,
            BallState otherBefore,
            BallState otherAfter)
            implements ShotEvent {
        /** Direction of the line of centres from ball to other (degrees). */
        public double centresLineDegrees() {
            return Math.toDegrees(Math.atan2(otherBefore.y() - before.y(), otherBefore.x() - before.x()));
        }
    }

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
