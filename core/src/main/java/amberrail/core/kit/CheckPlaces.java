package amberrail.core.kit;

import amberrail.core.table.TableSpec;
import java.util.List;

/**
 * Where each experiment is done, away from pockets and from the worn line through the spots: half a sight from a cushion for rolls, so that
 * a ball has all the bed before it.
 */
public final class CheckPlaces {
    private static final double SIGHTS_ALONG = 8;
    private static final double SIGHTS_ACROSS = 4;

    private CheckPlaces() {}

    /** What is measured. */
    public enum Kind {
        ROLL,
        REBOUND,
        SLIDE,
        SIDE
    }

    /**
     * Where the ball is at the mark or at the tip, and where it is sent.
     *
     * @param alongSights      from the end with the smaller x
     * @param acrossSights     from the side with the smaller y
     * @param directionDegrees counter-clockwise from +x
     */
    public record Place(double alongSights, double acrossSights, double directionDegrees) {
        /** Metres from the SW corner. */
        public double xMetres(TableSpec table) {
            return alongSights / SIGHTS_ALONG * table.lengthMillimetres() / 1000;
        }

        public double yMetres(TableSpec table) {
            return acrossSights / SIGHTS_ACROSS * table.widthMillimetres() / 1000;
        }

        /** To the nose that the ball is sent to. */
        public double aheadMetres(TableSpec table) {
            return CheckedTable.of(table).metresFromNose(directionDegrees, xMetres(table), yMetres(table));
        }
    }

    private static final List<Place> ROLLS = List.of(
            new Place(0.5, 1.5, 0), new Place(7.5, 1.5, 180), new Place(2.5, 0.5, 90), new Place(2.5, 3.5, 270));
    private static final List<Place> REBOUNDS = List.of(new Place(5, 1.5, 0), new Place(3, 1.5, 180));
    private static final List<Place> SLIDES = List.of(new Place(1, 1.5, 0));
    /** The whole length, and half of it: one thing varied at a time. */
    private static final List<Place> SIDES = List.of(new Place(1, 1.5, 0), new Place(4, 1.5, 0));

    /** In the order in which they are done, round and round. */
    public static List<Place> of(Kind kind) {
        return switch (kind) {
            case ROLL -> ROLLS;
            case REBOUND -> REBOUNDS;
            case SLIDE -> SLIDES;
            case SIDE -> SIDES;
        };
    }

    /** The kind that a reading is of. */
    public static Kind kindOf(Reading reading) {
        if (reading instanceof RollReading) {
            return Kind.ROLL;
        }
        if (reading instanceof ReboundReading) {
            return Kind.REBOUND;
        }
        return reading instanceof SlideReading ? Kind.SLIDE : Kind.SIDE;
    }
}
