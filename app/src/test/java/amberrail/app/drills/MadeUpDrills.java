package amberrail.app.drills;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Caution;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Drill;
import amberrail.core.drill.DrillTags;
import amberrail.core.drill.Explore;
import amberrail.core.drill.Game;
import amberrail.core.drill.MirrorRule;
import amberrail.core.drill.Position;
import amberrail.core.drill.School;
import amberrail.core.drill.Shot;
import amberrail.core.drill.Skill;
import amberrail.core.drill.Station;
import amberrail.core.drill.StepBackRule;
import amberrail.core.drill.ZonePlan;
import amberrail.core.motion.Bridge;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Drills that use every part of the model, made up at random. */
final class MadeUpDrills {
    private MadeUpDrills() {}

    static Drill drill(Random random) {
        List<Station> stations = new ArrayList<>();
        int count = 1 + random.nextInt(4);
        for (int i = 0; i < count; i++) {
            List<Shot> shots = new ArrayList<>();
            for (int s = 0; s <= random.nextInt(3); s++) {
                shots.add(shot(random));
            }
            stations.add(new Station(
                    "Station " + i,
                    shots,
                    rule(random),
                    random.nextBoolean() ? Optional.empty() : Optional.of(new StepBackRule(3, 5))));
        }
        return new Drill(
                "made-up-" + random.nextInt(1000),
                1 + random.nextInt(5),
                "Made up “" + random.nextInt(1000) + "” – é",
                any(random, Skill.values()),
                "Purpose",
                "Watch",
                "Miss",
                1 + random.nextInt(60),
                List.of("pool-9ft", "snooker-12ft"),
                random.nextBoolean(),
                random.nextBoolean(),
                any(random, MirrorRule.values()),
                random.nextBoolean() ? Optional.empty() : Optional.of(any(random, Explore.values())),
                random.nextBoolean() ? Set.of() : Set.of(any(random, Caution.values())),
                new DrillTags(
                        "family",
                        Set.of(any(random, Game.values())),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        random.nextBoolean() ? Set.of() : Set.of(any(random, School.values())),
                        random.nextBoolean() ? List.of() : List.of("one", "two")),
                stations);
    }

    private static Shot shot(Random random) {
        List<Demand> demands = new ArrayList<>();
        demands.add(new Demand.PotBall(
                "1",
                any(random, PocketName.values()),
                any(random, PocketHalf.values()),
                random.nextBoolean() ? List.of() : List.of(any(random, Cushion.values()))));
        demands.add(new Demand.Land("cue", zone(random)));
        demands.add(
                switch (random.nextInt(9)) {
                    case 0 -> new Demand.TouchBalls(List.of("1"), random.nextBoolean());
                    case 1 -> new Demand.ReachCushionPoint(any(random, Cushion.values()), random.nextDouble(), 10);
                    case 2 -> new Demand.CueBallInto(any(random, PocketName.values()));
                    case 3 -> new Demand.LeaveAlone(List.of("1"));
                    case 4 -> new Demand.NotCross(position(random), position(random));
                    case 5 -> new Demand.StayIn(zone(random));
                    case 6 -> new Demand.UseCushions(List.of(any(random, Cushion.values())));
                    case 7 -> new Demand.CushionsFirst(1 + random.nextInt(3));
                    default -> new Demand.HideFrom("1");
                });
        return new Shot(
                List.of(
                        new BallPlacement("cue", BallPlacement.Role.CUE, position(random)),
                        new BallPlacement("1", BallPlacement.Role.OBJECT, position(random))),
                demands,
                any(random, ArrivalLine.values()),
                any(random, Bridge.values()));
    }

    private static Position position(Random random) {
        double x = random.nextDouble();
        return switch (random.nextInt(6)) {
            case 0 -> new Position.AtSights(8 * x, 4 * x);
            case 1 -> new Position.OnSpot("foot", x, -x);
            case 2 -> new Position.OffCushion(any(random, Cushion.values()), x, 3 * x);
            case 3 -> new Position.OffPocket(any(random, PocketName.values()), 5 * x, 30 * x);
            case 4 -> new Position.TouchingBall("1", 360 * x);
            default -> new Position.ForPot("1", any(random, PocketName.values()), 60 * x, 500 * x);
        };
    }

    private static ZonePlan zone(Random random) {
        double size = 50 + 300 * random.nextDouble();
        return switch (random.nextInt(7)) {
            case 0 ->
                new ZonePlan.CircleZone(
                        position(random),
                        size,
                        random.nextBoolean() ? List.of() : List.of(new ZonePlan.Ring(size / 2, 3)));
            case 1 -> new ZonePlan.EllipseZone(position(random), size, size / 2, 30);
            case 2 -> new ZonePlan.RectangleZone(position(random), size, size / 2, -20);
            case 3 -> new ZonePlan.PolygonZone(List.of(position(random), position(random), position(random)));
            case 4 -> new ZonePlan.BandZone(any(random, Cushion.values()), size, 0.5, 2.5);
            case 5 -> new ZonePlan.CorridorZone(position(random), position(random), size);
            default -> new ZonePlan.NearCushionZone(any(random, Cushion.values()), size);
        };
    }

    private static AdvancingRule rule(Random random) {
        return switch (random.nextInt(5)) {
            case 0 -> new AdvancingRule.InARow(3, 20);
            case 1 -> new AdvancingRule.OfABlock(7, 10, 20);
            case 2 -> new AdvancingRule.OfTheLast(7, 10, 20);
            case 3 -> new AdvancingRule.WholeRun(10);
            default -> new AdvancingRule.PointsTotal(9, 5, 20);
        };
    }

    private static <T> T any(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }
}
