package amberrail.core.simulation;

import java.util.List;

/**
 * A whole shot as a value: every event in time order and every ball's path. Drawing, judging and statistics read it; nobody has
 * to simulate twice.
 *
 * @param endSeconds when the last ball on the table came to rest
 */
public record ShotRecord(List<ShotEvent> events, List<BallTrack> tracks, double endSeconds) {
    public ShotRecord {
        events = List.copyOf(events);
        tracks = List.copyOf(tracks);
    }

    /** {@code IllegalStateException} for a ball that was not in the shot. */
    public BallTrack track(String ball) {
        return tracks.stream()
                .filter(track -> track.ball().equals(ball))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no ball " + ball + " in this shot"));
    }
}
