package amberrail.app.drills;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.Condition;
import amberrail.core.drill.ShotLayout;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.stream.Stream;

/**
 * One demand on one table, to be put in words and drawn. Only what belongs to its kind is there.
 *
 * @param balls    labels, in order where {@code inOrder}
 * @param least    cushions before the first ball
 * @param line     not to be crossed; or the stretch of cushion that counts as the point asked
 */
public record DemandView(
        Kind kind,
        @MayBeMissing List<String> balls,
        @MayBeMissing Boolean inOrder,
        @MayBeMissing PocketName pocket,
        @MayBeMissing PocketHalf half,
        @MayBeMissing List<Cushion> cushions,
        @MayBeMissing Integer least,
        @MayBeMissing Double sightsAlong,
        @MayBeMissing ZoneView zone,
        @MayBeMissing List<PointView> line) {
    /** What is asked. */
    public enum Kind {
        POT,
        LAND,
        TOUCH,
        CUSHION_POINT,
        CUE_BALL_INTO,
        LEAVE_ALONE,
        NOT_CROSS,
        STAY_IN,
        USE_CUSHIONS,
        CUSHIONS_FIRST,
        HIDE_FROM
    }

    static DemandView of(Condition condition, ShotLayout layout, TableSpec table) {
        if (condition instanceof Condition.Pot pot) {
            return pot(pot, layout);
        }
        if (condition instanceof Condition.Landing landing) {
            ZoneView zone = ZoneView.of(landing.zone(), landing.rings(), table);
            return landing(labels(layout, List.of(landing.ball())), zone);
        }
        if (condition instanceof Condition.Touch touch) {
            return balls(Kind.TOUCH, layout, touch.balls(), touch.inOrder());
        }
        if (condition instanceof Condition.CushionPoint point) {
            return cushionPoint(point, table);
        }
        if (condition instanceof Condition.CueBallDrops drops) {
            return new DemandView(Kind.CUE_BALL_INTO, null, null, drops.pocket(), null, null, null, null, null, null);
        }
        if (condition instanceof Condition.Untouched untouched) {
            return balls(Kind.LEAVE_ALONE, layout, untouched.balls(), null);
        }
        if (condition instanceof Condition.LineUncrossed line) {
            List<PointView> ends = List.of(PointView.of(line.from()), PointView.of(line.to()));
            return new DemandView(Kind.NOT_CROSS, null, null, null, null, null, null, null, null, ends);
        }
        if (condition instanceof Condition.Inside inside) {
            ZoneView area = ZoneView.of(inside.area(), List.of(), table);
            return new DemandView(Kind.STAY_IN, null, null, null, null, null, null, null, area, null);
        }
        if (condition instanceof Condition.Cushions cushions) {
            return new DemandView(Kind.USE_CUSHIONS, null, null, null, null, cushions.order(), null, null, null, null);
        }
        if (condition instanceof Condition.CushionsBefore before) {
            return new DemandView(Kind.CUSHIONS_FIRST, null, null, null, null, null, before.least(), null, null, null);
        }
        return balls(Kind.HIDE_FROM, layout, List.of(((Condition.Hidden) condition).ball()), null);
    }

    private static DemandView pot(Condition.Pot pot, ShotLayout layout) {
        List<String> ball = labels(layout, List.of(pot.ball()));
        return new DemandView(Kind.POT, ball, null, pot.pocket(), pot.half(), pot.via(), null, null, null, null);
    }

    private static DemandView landing(List<String> ball, ZoneView zone) {
        return new DemandView(Kind.LAND, ball, null, null, null, null, null, null, zone, null);
    }

    private static DemandView cushionPoint(Condition.CushionPoint point, TableSpec table) {
        List<Cushion> cushion = List.of(point.cushion());
        double along = point.sightsAlong();
        List<PointView> stretch = stretch(point, table);
        return new DemandView(Kind.CUSHION_POINT, null, null, null, null, cushion, null, along, null, stretch);
    }

    private static DemandView balls(Kind kind, ShotLayout layout, List<Integer> balls, Boolean inOrder) {
        return new DemandView(kind, labels(layout, balls), inOrder, null, null, null, null, null, null, null);
    }

    private static List<String> labels(ShotLayout layout, List<Integer> balls) {
        return balls.stream().map(ball -> layout.balls().get(ball).label()).toList();
    }

    /** A stretch along the nose line. */
    private static List<PointView> stretch(Condition.CushionPoint point, TableSpec table) {
        return Stream.of(-1, 1)
                .map(way -> point.sightsAlong() + way * point.toleranceSights())
                .map(sights -> PointView.of(point.cushion().nosePoint(sights, table)))
                .toList();
    }
}
