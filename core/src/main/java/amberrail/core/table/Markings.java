package amberrail.core.table;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Segment;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is drawn on the cloth and let into the wood: spots, lines, the D, sights.
 *
 * @param headLine head string or baulk line
 * @param d        the D on the baulk side of the line, where the table has one
 * @param sights   centres of the inlaid sights (mm); empty where there are none on the wood
 * @see "physics/model.md, section 7"
 */
public record Markings(List<Spot> spots, Segment headLine, Optional<Semicircle> d, List<Point> sights) {
    /** How far outside the nose line the sights of a pool table lie. */
    private static final double SIGHT_OFFSET_MILLIMETRES = 93.7;

    private static final double SNOOKER_BAULK_MILLIMETRES = 737;
    private static final double SNOOKER_D_RADIUS_MILLIMETRES = 292;
    private static final double BLACK_FROM_TOP_MILLIMETRES = 324;
    private static final double PUB_D_RADIUS_MILLIMETRES = 190;

    public Markings {
        spots = List.copyOf(spots);
        sights = List.copyOf(sights);
    }

    /** The half of a circle on the side of smaller x. */
    public record Semicircle(Point centre, double radiusMillimetres) {}

    public static Markings of(TableSpec table) {
        return switch (table.kind()) {
            case POOL -> pool(table);
            case SNOOKER -> snooker(table);
            case PUB -> pub(table);
        };
    }

    /** {@code UNKNOWN_ID} if this table has no spot of that name. */
    public Spot spot(String name) {
        return spots.stream()
                .filter(spot -> spot.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.UNKNOWN_ID,
                        "spot",
                        name,
                        "must be one of " + spots.stream().map(Spot::name).toList()));
    }

    private static Markings pool(TableSpec table) {
        double length = table.lengthMillimetres();
        double middle = table.widthMillimetres() / 2;
        List<Spot> spots = List.of(
                new Spot("head", new Point(length / 4, middle)),
                new Spot("centre", new Point(length / 2, middle)),
                new Spot("foot", new Point(3 * length / 4, middle)));
        return new Markings(spots, lineAcross(table, length / 4), Optional.empty(), inlaidSights(table));
    }

    private static Markings snooker(TableSpec table) {
        double length = table.lengthMillimetres();
        double middle = table.widthMillimetres() / 2;
        double baulk = SNOOKER_BAULK_MILLIMETRES;
        List<Spot> spots = List.of(
                new Spot("brown", new Point(baulk, middle)),
                new Spot("yellow", new Point(baulk, middle - SNOOKER_D_RADIUS_MILLIMETRES)),
                new Spot("green", new Point(baulk, middle + SNOOKER_D_RADIUS_MILLIMETRES)),
                new Spot("blue", new Point(length / 2, middle)),
                new Spot("pink", new Point(3 * length / 4, middle)),
                new Spot("black", new Point(length - BLACK_FROM_TOP_MILLIMETRES, middle)));
        Semicircle d = new Semicircle(new Point(baulk, middle), SNOOKER_D_RADIUS_MILLIMETRES);
        return new Markings(spots, lineAcross(table, baulk), Optional.of(d), List.of());
    }

    private static Markings pub(TableSpec table) {
        double length = table.lengthMillimetres();
        double middle = table.widthMillimetres() / 2;
        List<Spot> spots = List.of(
                new Spot("baulk", new Point(length / 5, middle)), new Spot("foot", new Point(3 * length / 4, middle)));
        Semicircle d = new Semicircle(new Point(length / 5, middle), PUB_D_RADIUS_MILLIMETRES);
        return new Markings(spots, lineAcross(table, length / 5), Optional.of(d), List.of());
    }

    private static Segment lineAcross(TableSpec table, double xMillimetres) {
        return new Segment(new Point(xMillimetres, 0), new Point(xMillimetres, table.widthMillimetres()));
    }

    private static List<Point> inlaidSights(TableSpec table) {
        List<Point> sights = new ArrayList<>();
        double length = table.lengthMillimetres();
        double width = table.widthMillimetres();
        for (int i = 1; i < SightPosition.SIGHTS_ALONG; i++) {
            if (i != SightPosition.SIGHTS_ALONG / 2) {
                double x = i * length / SightPosition.SIGHTS_ALONG;
                sights.add(new Point(x, -SIGHT_OFFSET_MILLIMETRES));
                sights.add(new Point(x, width + SIGHT_OFFSET_MILLIMETRES));
            }
        }
        for (int i = 1; i < SightPosition.SIGHTS_ACROSS; i++) {
            double y = i * width / SightPosition.SIGHTS_ACROSS;
            sights.add(new Point(-SIGHT_OFFSET_MILLIMETRES, y));
            sights.add(new Point(length + SIGHT_OFFSET_MILLIMETRES, y));
        }
        return sights;
    }
}
