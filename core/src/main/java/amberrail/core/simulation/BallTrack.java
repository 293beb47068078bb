package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.table.PocketName;
import java.util.List;
import java.util.Optional;

/**
 * One ball's part of a shot.
 *
 * @param pocket where it dropped, if it did
 */
public record BallTrack(String ball, List<PathSegment> segments, BallState end, Optional<PocketName> pocket) {
    public BallTrack {
        segments = List.copyOf(segments);
    }

    /** The state at a time from the strike; before it the start, after the end the end. */
    public BallState at(double seconds) {
        int low = 0;
        int high = segments.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (segments.get(middle).fromSeconds() <= seconds) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return segments.get(low).at(seconds);
    }
}
