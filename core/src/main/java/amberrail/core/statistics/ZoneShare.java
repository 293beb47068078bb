package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.List;

/**
 * Share of landings inside a zone; an in-off counts as a trial outside every zone.
 *
 * @param inside for each landing, whether it lies inside (edge included)
 * @param share  inside of landings + in-offs, with Wilson's interval
 * @see "methods.md, zoneShare"
 */
public record ZoneShare(List<Boolean> inside, Proportion share) {
    public ZoneShare {
        inside = List.copyOf(inside);
    }

    public static ZoneShare of(Zone zone, List<Point> landings, int inOffs, double level) {
        if (inOffs < 0) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, "inOffs", inOffs, "must be 0 or more");
        }
        List<Boolean> inside = landings.stream().map(zone::contains).toList();
        int count = (int) inside.stream().filter(Boolean::booleanValue).count();
        return new ZoneShare(inside, new Proportion(count, landings.size() + inOffs, level));
    }
}
