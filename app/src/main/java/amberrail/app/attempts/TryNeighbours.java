package amberrail.app.attempts;

import amberrail.core.geometry.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a pattern's lines of arrival hang on about one shot of a try. Where two devices recorded the same shot, the first of its order tells.
 *
 * @param leftBefore where the shot before left the cue ball (mm), if that was seen
 * @param leftHere   where this shot left it (mm)
 * @param following  the attempts at the shot after it
 */
record TryNeighbours(Optional<Point> leftBefore, Optional<Point> leftHere, List<UUID> following) {

    /**
     * One shot of a try.
     *
     * @param shot      which of the station's, from 0
     * @param cueLeftAt where it left the cue ball (mm), if that was seen
     */
    record TryShot(UUID id, int shot, Optional<Point> cueLeftAt) {}

    /** @param ofTry the shots of one try in their order, undone ones left out */
    static TryNeighbours of(List<TryShot> ofTry, int shot) {
        return new TryNeighbours(
                cueLeftBy(ofTry, shot - 1),
                cueLeftBy(ofTry, shot),
                ofTry.stream()
                        .filter(one -> one.shot() == shot + 1)
                        .map(TryShot::id)
                        .toList());
    }

    private static Optional<Point> cueLeftBy(List<TryShot> ofTry, int shot) {
        return ofTry.stream()
                .filter(one -> one.shot() == shot)
                .flatMap(one -> one.cueLeftAt().stream())
                .findFirst();
    }
}
