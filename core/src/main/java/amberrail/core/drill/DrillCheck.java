package amberrail.core.drill;

import amberrail.core.aiming.PotLine;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads a drill on one table as a coach would who is about to set it up, and says what does not work. */
public final class DrillCheck {
    private final Drill drill;
    private final TablePlan table;
    private final double zoneScale;
    private final List<DrillProblem> found = new ArrayList<>();

    private DrillCheck(Drill drill, TablePlan table, double zoneScale) {
        this.drill = drill;
        this.table = table;
        this.zoneScale = zoneScale;
    }

    /** Problems by station and shot; empty where all is well. */
    public static List<DrillProblem> of(Drill drill, TablePlan table, double zoneScale) {
        DrillCheck check = new DrillCheck(drill, table, zoneScale);
        for (int station = 0; station < drill.stations().size(); station++) {
            check.station(station);
        }
        return List.copyOf(check.found);
    }

    private void station(int index) {
        Station station = drill.station(index);
        for (int i = 0; i < station.shots().size(); i++) {
            Shot shot = station.shots().get(i);
            contradictions(index, i, shot);
            if (i > 0 && !station.goesOnAt(i)) {
                String again = station.shots().get(i - 1).pot().orElseThrow().ball();
                add(DrillProblem.Kind.POCKETED_BEFORE, index, i, List.of(again));
            }
            try {
                laidOut(index, i, ShotLayout.of(shot, table, table.spec().balls(), false, zoneScale));
            } catch (InvalidInputException e) {
                found.add(new DrillProblem(
                        DrillProblem.Kind.CANNOT_BE_SET_UP, index, i, ballsIn(e, shot), Optional.of(e)));
            }
        }
        if (station.rule() instanceof AdvancingRule.PointsTotal total
                && total.points() > total.outOf() * mostPoints(station)) {
            found.add(DrillProblem.about(DrillProblem.Kind.RULE_NEVER_MET, index, 0, List.of()));
        }
    }

    private void laidOut(int station, int shot, ShotLayout layout) {
        for (Condition condition : layout.conditions()) {
            if (condition instanceof Condition.Landing landing) {
                BallSpec ball = layout.balls().get(landing.ball()).spec();
                if (!table.holds(landing.zone().targetPoint(), ball)) {
                    String label = layout.balls().get(landing.ball()).label();
                    add(DrillProblem.Kind.TARGET_OFF_THE_BED, station, shot, List.of(label));
                }
            }
            if (condition instanceof Condition.Hidden && layout.balls().size() < 3) {
                add(DrillProblem.Kind.NOTHING_TO_HIDE_BEHIND, station, shot, List.of());
            }
        }
        boolean cushionsFirst = layout.conditions().stream().anyMatch(Condition.CushionsBefore.class::isInstance);
        layout.potLine().ifPresent(pot -> {
            if (!cushionsFirst) {
                inTheWay(station, shot, layout, pot);
            }
        });
    }

    private void inTheWay(int station, int shot, ShotLayout layout, PotLine pot) {
        PlacedBall cue = layout.cueBall();
        PlacedBall object = layout.balls().stream()
                .filter(ball -> isPotted(ball.label(), station, shot))
                .findFirst()
                .orElseThrow();
        List<String> beforeCue = Blockers.of(layout.balls(), cue, pot.ghostBall(), object);
        List<String> beforePocket = Blockers.of(layout.balls(), object, pot.objectPathEnd(), cue);
        if (!beforeCue.isEmpty()) {
            add(DrillProblem.Kind.BALL_BEFORE_THE_CUE_BALL, station, shot, beforeCue);
        }
        if (!beforePocket.isEmpty()) {
            add(DrillProblem.Kind.BALL_BEFORE_THE_POCKET, station, shot, beforePocket);
        }
    }

    private boolean isPotted(String label, int station, int shot) {
        return drill.station(station)
                .shots()
                .get(shot)
                .pot()
                .filter(pot -> pot.ball().equals(label))
                .isPresent();
    }

    private void contradictions(int station, int index, Shot shot) {
        if (shot.demands().isEmpty() && drill.explore().isEmpty()) {
            add(DrillProblem.Kind.NOTHING_ASKED, station, index, List.of());
        }
        Set<String> leftAlone = new HashSet<>();
        Set<String> moved = new HashSet<>();
        boolean cueBallDrops = false;
        boolean cueBallLands = shot.landing().isPresent();
        for (Demand demand : shot.demands()) {
            if (demand instanceof Demand.LeaveAlone alone) {
                leftAlone.addAll(alone.balls());
            } else if (demand instanceof Demand.PotBall pot) {
                moved.add(pot.ball());
            } else if (demand instanceof Demand.TouchBalls touch) {
                moved.addAll(touch.balls());
            } else if (demand instanceof Demand.CueBallInto) {
                cueBallDrops = true;
            } else if (demand instanceof Demand.HideFrom) {
                cueBallLands = true;
            }
        }
        leftAlone.retainAll(moved);
        if (!leftAlone.isEmpty()) {
            add(DrillProblem.Kind.DEMANDS_CONTRADICT, station, index, List.copyOf(leftAlone));
        }
        if (cueBallDrops && cueBallLands) {
            add(
                    DrillProblem.Kind.DEMANDS_CONTRADICT,
                    station,
                    index,
                    List.of(shot.cueBall().label()));
        }
    }

    /** The most that one try can bring: each shot its best ring, or one point where it has none. */
    private static int mostPoints(Station station) {
        return station.shots().stream()
                .mapToInt(shot -> shot.landing()
                        .map(land -> land.zone().rings())
                        .flatMap(rings ->
                                rings.stream().map(ZonePlan.Ring::points).max(Integer::compare))
                        .orElse(1))
                .sum();
    }

    private static List<String> ballsIn(InvalidInputException e, Shot shot) {
        return shot.balls().stream()
                .map(BallPlacement::label)
                .filter(label -> e.field().endsWith("balls." + label) || label.equals(e.value()))
                .toList();
    }

    private void add(DrillProblem.Kind kind, int station, int shot, List<String> balls) {
        found.add(DrillProblem.about(kind, station, shot, balls));
    }
}
