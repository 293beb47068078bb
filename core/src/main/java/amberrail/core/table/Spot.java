package amberrail.core.table;

import amberrail.core.geometry.Point;

/** A named mark on the cloth. */
public record Spot(String name, Point place) {}
