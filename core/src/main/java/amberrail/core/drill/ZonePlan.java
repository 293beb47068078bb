package amberrail.core.drill;

import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Ellipse;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Polygon;
import amberrail.core.geometry.Rectangle;
import amberrail.core.geometry.Zone;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.table.Cushion;
import java.util.List;
import java.util.Objects;

/** An area in anchored words, which keep their meaning on another table; {@code ZoneResolver} puts it on one. Sizes are mm. */
public sealed interface ZonePlan {

    /** The table that a plan is put on, for the centre of one ball. */
    interface Ground {
        Point point(Position position);

        /** A size of the drill (mm) as it is on this table. */
        double stretched(double millimetres);

        /** From where the ball touches the cushion to {@code depthMillimetres} away from that, between two of its sights. */
        Zone band(Cushion cushion, double depthMillimetres, double fromSights, double toSights);
    }

    /** The area itself. */
    Zone on(Ground ground);

    /** Parts that are worth points, smallest first; empty where all of it is worth the same. */
    default List<Ring> rings() {
        return List.of();
    }

    /** A part of a circle zone that is worth points: all within this radius that no smaller ring has. */
    record Ring(double radiusMillimetres, int points) {
        public Ring {
            Require.positive("radiusMillimetres", radiusMillimetres);
            Require.between("points", points, 1, 100);
        }
    }

    /**
     * Within a radius of a place.
     *
     * @param rings for scoring, smallest first; empty: one point anywhere in the zone
     */
    record CircleZone(Position centre, double radiusMillimetres, List<Ring> rings) implements ZonePlan {
        public CircleZone {
            Objects.requireNonNull(centre);
            Require.positive("radiusMillimetres", radiusMillimetres);
            rings = rings == null ? List.of() : List.copyOf(rings);
            double last = 0;
            for (Ring ring : rings) {
                if (ring.radiusMillimetres() <= last || ring.radiusMillimetres() > radiusMillimetres) {
                    throw new InvalidInputException(
                            ProblemCode.INVALID_ZONE,
                            "rings",
                            ring.radiusMillimetres(),
                            "must grow from ring to ring and stay within the zone's radius");
                }
                last = ring.radiusMillimetres();
            }
        }

        @Override
        public Zone on(Ground ground) {
            return new Circle(ground.point(centre), ground.stretched(radiusMillimetres));
        }

        public static CircleZone of(Position centre, double radiusMillimetres) {
            return new CircleZone(centre, radiusMillimetres, List.of());
        }
    }

    /** An ellipse whose long axis is turned from +x (degrees, counter-clockwise). */
    record EllipseZone(Position centre, double semiMajorMillimetres, double semiMinorMillimetres, double angleDegrees)
            implements ZonePlan {
        public EllipseZone {
            Objects.requireNonNull(centre);
            Require.positive("semiMajorMillimetres", semiMajorMillimetres);
            Require.positive("semiMinorMillimetres", semiMinorMillimetres);
            Require.finite("angleDegrees", angleDegrees);
        }

        @Override
        public Zone on(Ground ground) {
            return new Ellipse(
                    ground.point(centre),
                    ground.stretched(semiMajorMillimetres),
                    ground.stretched(semiMinorMillimetres),
                    angleDegrees);
        }
    }

    /** A rectangle whose length is turned from +x (degrees, counter-clockwise). */
    record RectangleZone(Position centre, double lengthMillimetres, double widthMillimetres, double angleDegrees)
            implements ZonePlan {
        public RectangleZone {
            Objects.requireNonNull(centre);
            Require.positive("lengthMillimetres", lengthMillimetres);
            Require.positive("widthMillimetres", widthMillimetres);
            Require.finite("angleDegrees", angleDegrees);
        }

        @Override
        public Zone on(Ground ground) {
            return new Rectangle(
                    ground.point(centre),
                    ground.stretched(lengthMillimetres),
                    ground.stretched(widthMillimetres),
                    angleDegrees);
        }
    }

    /** Between three or more corners, in order. */
    record PolygonZone(List<Position> corners) implements ZonePlan {
        public PolygonZone {
            corners = List.copyOf(corners);
            if (corners.size() < 3 || corners.size() > 40) {
                throw new InvalidInputException(ProblemCode.INVALID_ZONE, "corners", corners.size(), "must be 3 to 40");
            }
        }

        @Override
        public Zone on(Ground ground) {
            return new Polygon(corners.stream().map(ground::point).toList());
        }
    }

    /**
     * A band along a cushion, from where a ball touches it to so far away from that.
     *
     * @param fromSights its ends, counted along that cushion
     */
    record BandZone(Cushion cushion, double depthMillimetres, double fromSights, double toSights) implements ZonePlan {
        public BandZone {
            Objects.requireNonNull(cushion);
            Require.positive("depthMillimetres", depthMillimetres);
            Require.between("fromSights", fromSights, 0, cushion.sights());
            Require.between("toSights", toSights, 0, cushion.sights());
            if (!(fromSights < toSights)) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_ZONE, "toSights", toSights, "must be more than fromSights");
            }
        }

        @Override
        public Zone on(Ground ground) {
            return ground.band(cushion, ground.stretched(depthMillimetres), fromSights, toSights);
        }
    }

    /** A corridor: all within half its width of the straight line between two places, such as towards the next ball. */
    record CorridorZone(Position from, Position to, double widthMillimetres) implements ZonePlan {
        public CorridorZone {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
            Require.positive("widthMillimetres", widthMillimetres);
        }

        @Override
        public Zone on(Ground ground) {
            Point begin = ground.point(from);
            Point end = ground.point(to);
            return new Rectangle(
                    begin.middle(end),
                    begin.distanceMillimetres(end),
                    ground.stretched(widthMillimetres),
                    begin.towards(end).degrees());
        }
    }

    /** As near a cushion as possible: succeeds within this distance of touching it, and the distance itself is what is reported. */
    record NearCushionZone(Cushion cushion, double withinMillimetres) implements ZonePlan {
        public NearCushionZone {
            Objects.requireNonNull(cushion);
            Require.positive("withinMillimetres", withinMillimetres);
        }

        @Override
        public Zone on(Ground ground) {
            return ground.band(cushion, ground.stretched(withinMillimetres), 0, cushion.sights());
        }
    }
}
