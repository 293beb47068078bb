package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.Cushion;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePlan;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;

/** Says how a ball lies where no ball can lie, as one would say it at the table. */
final class WrongPlace {
    private WrongPlace() {}

    /** "Ball 2 lies 7 mm outside the bed, beyond the left long rail", or that it lies in a pocket. */
    static InvalidInputException offTheBed(PlacedBall ball, TablePlan table) {
        double nearest = table.spec().noseDistanceMillimetres(ball.spec());
        Cushion beyond = Arrays.stream(Cushion.values())
                .min(Comparator.comparingDouble(cushion -> cushion.distanceMillimetres(ball.place(), table.spec())))
                .orElseThrow();
        double outside = nearest - beyond.distanceMillimetres(ball.place(), table.spec());
        String where = outside > 0
                ? String.format(
                        Locale.ROOT,
                        "lies %s mm outside the bed, beyond the %s",
                        millimetres(outside),
                        name(beyond, table.spec().kind()))
                : "lies in the mouth of a pocket, where it would drop";
        return InvalidInputException.told(
                ProblemCode.OFF_THE_TABLE, "balls." + ball.label(), "Ball " + ball.label() + " " + where);
    }

    /** "Ball 2 lies 3.5 mm inside ball 1". */
    static InvalidInputException inAnother(PlacedBall ball, PlacedBall other, double depthMillimetres) {
        return InvalidInputException.told(
                ProblemCode.BALLS_OVERLAP,
                "balls." + ball.label(),
                "Ball " + ball.label() + " lies " + millimetres(depthMillimetres) + " mm inside ball " + other.label());
    }

    private static String millimetres(double size) {
        return String.format(Locale.ROOT, size < 10 ? "%.1f" : "%.0f", size);
    }

    private static String name(Cushion cushion, TableKind kind) {
        boolean pool = kind == TableKind.POOL;
        return switch (cushion) {
            case W -> pool ? "head rail" : "bottom cushion";
            case E -> pool ? "foot rail" : "top cushion";
            case S -> pool ? "right long rail" : "right long cushion";
            case N -> pool ? "left long rail" : "left long cushion";
        };
    }
}
