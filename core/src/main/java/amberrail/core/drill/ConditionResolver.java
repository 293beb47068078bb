package amberrail.core.drill;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Zone;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.TableSpec;
import java.util.List;

/** Puts demands on one table, original or mirrored: y becomes width - y, cushions and pockets change sides, halves of a pocket too. */
final class ConditionResolver {
    private final PositionResolver positions;
    private final ZoneResolver zones;
    private final TableSpec table;
    private final List<PlacedBall> balls;
    private final boolean mirrored;

    ConditionResolver(
            PositionResolver positions, ZoneResolver zones, TableSpec table, List<PlacedBall> balls, boolean mirrored) {
        this.positions = positions;
        this.zones = zones;
        this.table = table;
        this.balls = balls;
        this.mirrored = mirrored;
    }

    List<Condition> all(List<Demand> demands) {
        return demands.stream().map(this::condition).toList();
    }

    private Condition condition(Demand demand) {
        if (demand instanceof Demand.PotBall pot) {
            return new Condition.Pot(
                    index(pot.ball()),
                    mirrored ? pot.pocket().mirrored() : pot.pocket(),
                    mirrored ? pot.half().mirrored() : pot.half(),
                    cushions(pot.via()));
        }
        if (demand instanceof Demand.Land land) {
            int ball = index(land.ball());
            return new Condition.Landing(ball, zone(land.zone(), balls.get(ball).spec()), zones.rings(land.zone()));
        }
        if (demand instanceof Demand.TouchBalls touch) {
            return new Condition.Touch(indices(touch.balls()), touch.inOrder());
        }
        if (demand instanceof Demand.ReachCushionPoint reach) {
            return cushionPoint(reach);
        }
        if (demand instanceof Demand.CueBallInto into) {
            return new Condition.CueBallDrops(mirrored ? into.pocket().mirrored() : into.pocket());
        }
        if (demand instanceof Demand.LeaveAlone alone) {
            return new Condition.Untouched(indices(alone.balls()));
        }
        if (demand instanceof Demand.NotCross line) {
            return new Condition.LineUncrossed(point(line.from()), point(line.to()));
        }
        if (demand instanceof Demand.StayIn stay) {
            return new Condition.Inside(zone(stay.area(), cue()));
        }
        if (demand instanceof Demand.UseCushions use) {
            return new Condition.Cushions(cushions(use.cushions()));
        }
        if (demand instanceof Demand.CushionsFirst first) {
            return new Condition.CushionsBefore(first.least());
        }
        return new Condition.Hidden(index(((Demand.HideFrom) demand).ball()));
    }

    private Condition cushionPoint(Demand.ReachCushionPoint reach) {
        Cushion cushion = mirrored ? reach.cushion().mirrored() : reach.cushion();
        boolean isLong = cushion.isLong();
        // Sights along a short cushion run across the table, so the mirror counts them from the other end.
        double sights = !isLong && mirrored ? cushion.sights() - reach.sightsAlong() : reach.sightsAlong();
        return new Condition.CushionPoint(
                cushion, sights, reach.toleranceMillimetres() / cushion.sightMillimetres(table));
    }

    private Zone zone(ZonePlan plan, BallSpec ball) {
        Zone zone = zones.zone(plan, ball);
        return mirrored ? zone.mirrored(table.widthMillimetres()) : zone;
    }

    private Point point(Position position) {
        return ShotLayout.mirror(positions.point(position, cue()), table.widthMillimetres(), mirrored);
    }

    private List<Cushion> cushions(List<Cushion> cushions) {
        return mirrored ? cushions.stream().map(Cushion::mirrored).toList() : cushions;
    }

    private List<Integer> indices(List<String> labels) {
        return labels.stream().map(this::index).toList();
    }

    private int index(String label) {
        return ShotLayout.indexOf(balls, label);
    }

    private BallSpec cue() {
        return balls.stream()
                .filter(ball -> ball.role() == BallPlacement.Role.CUE)
                .findFirst()
                .orElseThrow()
                .spec();
    }
}
