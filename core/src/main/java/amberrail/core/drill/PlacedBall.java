package amberrail.core.drill;

import amberrail.core.geometry.Point;
import amberrail.core.table.BallSpec;

/** A ball of a set-up on one table. */
public record PlacedBall(String label, BallPlacement.Role role, Point place, BallSpec spec) {}
