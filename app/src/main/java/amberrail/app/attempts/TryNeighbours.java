package amberrail.app.attempts;

import amberrail.core.geometry.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a pattern's lines of arrival hang on about one shot of a try. Where two devices recorded the same shot, the first of its order tells.
 *
 * @param leftBefore where the shot before left the cue ball (mm), if that was seen
 * @param leftHere   where this shot left it
 * @param following  the attempts at the shot after it
 */
record TryNeighbours(Optional<Point> leftBefore, Optional<Point> leftHere, List<UUID> following) {}
