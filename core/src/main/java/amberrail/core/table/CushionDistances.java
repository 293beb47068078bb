package amberrail.core.table;

import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * A ball's centre by its distances from the nearer short and the nearer long cushion, as a tape measures them (mm, from
 * the nose line to the ball's centre).
 *
 * @param shortCushion W or E
 * @param longCushion  S or N
 */
public record CushionDistances(
        Cushion shortCushion, double fromShortMillimetres, Cushion longCushion, double fromLongMillimetres) {
    public CushionDistances {
        Objects.requireNonNull(shortCushion);
        Objects.requireNonNull(longCushion);
        if (shortCushion != Cushion.W && shortCushion != Cushion.E) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "shortCushion", shortCushion, "must be W or E");
        }
        if (longCushion != Cushion.S && longCushion != Cushion.N) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "longCushion", longCushion, "must be S or N");
        }
        Require.notNegative("fromShortMillimetres", fromShortMillimetres);
        Require.notNegative("fromLongMillimetres", fromLongMillimetres);
    }

    public Point onTable(TableSpec table) {
        return new Point(
                shortCushion == Cushion.W ? fromShortMillimetres : table.lengthMillimetres() - fromShortMillimetres,
                longCushion == Cushion.S ? fromLongMillimetres : table.widthMillimetres() - fromLongMillimetres);
    }

    /** From the two nearest cushions; W and S where it lies exactly between. */
    public static CushionDistances of(Point point, TableSpec table) {
        Cushion ends = point.xMillimetres() <= table.lengthMillimetres() / 2 ? Cushion.W : Cushion.E;
        Cushion sides = point.yMillimetres() <= table.widthMillimetres() / 2 ? Cushion.S : Cushion.N;
        return new CushionDistances(
                ends, ends.distanceMillimetres(point, table), sides, sides.distanceMillimetres(point, table));
    }
}
