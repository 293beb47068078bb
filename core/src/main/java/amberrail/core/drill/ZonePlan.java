package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import amberrail.core.table.Cushion;
import amberrail.core.table.SightPosition;
import java.util.List;
import java.util.Objects;

/** An area in anchored words, which keep their meaning on another table; {@code ZoneResolver} puts it on one. Sizes are mm. */
public sealed interface ZonePlan {

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
    }

    /** Between three or more corners, in order. */
    record PolygonZone(List<Position> corners) implements ZonePlan {
        public PolygonZone {
            corners = List.copyOf(corners);
            if (corners.size() < 3 || corners.size() > 40) {
                throw new InvalidInputException(ProblemCode.INVALID_ZONE, "corners", corners.size(), "must be 3 to 40");
            }
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
            double sights = cushion.isLong() ? SightPosition.SIGHTS_ALONG : SightPosition.SIGHTS_ACROSS;
            Require.between("fromSights", fromSights, 0, sights);
            Require.between("toSights", toSights, 0, sights);
            if (!(fromSights < toSights)) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_ZONE, "toSights", toSights, "must be more than fromSights");
            }
        }
    }

    /** A corridor: all within half its width of the straight line between two places, such as towards the next ball. */
    record CorridorZone(Position from, Position to, double widthMillimetres) implements ZonePlan {
        public CorridorZone {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
            Require.positive("widthMillimetres", widthMillimetres);
        }
    }

    /** As near a cushion as possible: succeeds within this distance of touching it, and the distance itself is what is reported. */
    record NearCushionZone(Cushion cushion, double withinMillimetres) implements ZonePlan {
        public NearCushionZone {
            Objects.requireNonNull(cushion);
            Require.positive("withinMillimetres", withinMillimetres);
        }
    }
}
