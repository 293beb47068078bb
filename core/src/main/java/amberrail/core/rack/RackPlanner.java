package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ShotRunner;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Predicate;

/**
 * Proposes how to clear a rack: for every shot two are looked at in full and the rest estimated ({@link ShotSearch}); the next step begins where the shot
 * ends when it goes as meant. The same question has the same answer.
 *
 * @see "racks.md, Plan"
 */
public final class RackPlanner {
    private static final int WEIGHED = 80;
    private static final double WITHIN = 0.67;
    /** A next pot this likely was reached well; most is this share of the good shots. */
    private static final double WELL = 0.7;

    private static final double MOST = 0.7;

    private final RackStudent student;
    private final ShotSearch search;
    private final Referee referee;
    private final double[][] draws = RackDraws.balanced(WEIGHED, 0x57E9);

    public RackPlanner(RackStudent student) {
        this.student = student;
        search = new ShotSearch(student, SearchEffort.SHOWN);
        referee = new Referee(student.rules());
    }

    /**
     * From here to the last ball.
     *
     * @param locked    what is decided for the first steps, in order
     * @param mostSteps no more than so many
     * @param found     told each step as soon as it is there
     * @param cancelled asked before each step; {@code CancellationException} once true
     */
    public RackPlan propose(
            RackPosition position,
            List<RackPlan.Locked> locked,
            int mostSteps,
            Consumer<RackPlan.Step> found,
            BooleanSupplier cancelled) {
        PlanOrder.requireLegal(
                position, locked.stream().map(RackPlan.Locked::ball).toList());
        List<RackPlan.Step> steps = new ArrayList<>();
        RackPosition now = position;
        for (int i = 0; i < mostSteps; i++) {
            if (cancelled.getAsBoolean()) {
                throw new CancellationException();
            }
            Optional<RackPlan.Locked> wish = i < locked.size() ? Optional.of(locked.get(i)) : Optional.empty();
            List<ShotChoice> choices = choices(now, wish);
            if (choices.isEmpty()) {
                return new RackPlan(steps, false);
            }
            RackPlan.Step step = step(now, choices, wish);
            steps.add(step);
            found.accept(step);
            Played meant = choices.get(0).meant();
            if (meant.isCleared()) {
                return new RackPlan(steps, true);
            }
            if (!meant.goesOn()) {
                return new RackPlan(steps, false);
            }
            now = meant.next();
        }
        return new RackPlan(steps, false);
    }

    private List<ShotChoice> choices(RackPosition now, Optional<RackPlan.Locked> wish) {
        if (wish.isEmpty()) {
            return search.best(now);
        }
        int ball = now.game().ballIndex(wish.get().ball());
        Predicate<Opening> allowed = opening -> opening.ball() == ball
                && wish.get().pocket().map(opening.pocket().name()::equals).orElse(true);
        return wish.get()
                .zone()
                .map(zone -> search.toZone(now, allowed, zone))
                .orElseGet(() -> search.best(now, allowed));
    }

    private RackPlan.Step step(RackPosition now, List<ShotChoice> choices, Optional<RackPlan.Locked> wish) {
        ShotChoice best = choices.get(0);
        Opening opening = best.shot().look().opening();
        RackGame game = now.game();
        Landings landings = landings(best);
        Why why = wish.isPresent() ? new Why(RackPlan.Reason.LOCKED, List.of()) : why(now, best, landings.leadsOn());
        double radius = now.table().cueBall.radiusMillimetres();
        return new RackPlan.Step(
                game.balls().get(best.ball()).id(),
                opening.pocket().name(),
                best.from().cue().orElseThrow(),
                now.cue().isEmpty(),
                best.shot()
                        .stroke()
                        .planned(
                                radius,
                                best.shot().strike().elevationDegrees(),
                                best.shot().launchDegrees()),
                landings.share(),
                landings.middle(),
                landings.radius(),
                also(now, best),
                why.reason(),
                why.about(),
                choices.stream()
                        .skip(1)
                        .findFirst()
                        .map(second -> new RackPlan.Second(
                                game.balls().get(second.ball()).id(),
                                second.shot().look().opening().pocket().name(),
                                second.value())),
                best.value());
    }

    /** Asked for by the game, and down with the ball that was meant. */
    private static List<String> also(RackPosition now, ShotChoice best) {
        List<String> also = new ArrayList<>();
        for (int ball : now.onTable()) {
            if (ball != best.ball()
                    && now.game().isAsked(ball)
                    && !best.meant().next().isOnTable(ball)) {
                also.add(now.game().balls().get(ball).id());
            }
        }
        return also;
    }

    private record Why(RackPlan.Reason reason, List<String> about) {}

    private Why why(RackPosition now, ShotChoice best, double leadsOn) {
        RackGame game = now.game();
        if (best.meant().isCleared()) {
            return new Why(RackPlan.Reason.LAST, List.of());
        }
        List<String> driven = BreakOut.driven(now, best.meant().next());
        if (!driven.isEmpty()) {
            return new Why(RackPlan.Reason.BREAKS_OPEN, driven);
        }
        List<String> opened = opened(now, best.ball());
        if (!opened.isEmpty()) {
            return new Why(RackPlan.Reason.OPENS, opened);
        }
        int[] left = best.meant().next().onTable();
        long asked = Arrays.stream(left).filter(game::isAsked).count();
        if (asked == 1 && now.on().length > 1) {
            return new Why(RackPlan.Reason.KEY, names(game, left));
        }
        if (now.cue().isPresent() && now.on().length > 1 && search.isOnlyOne(best)) {
            return new Why(RackPlan.Reason.ONLY_ONE, List.of());
        }
        return new Why(leadsOn >= MOST ? RackPlan.Reason.LEADS_ON : RackPlan.Reason.BEST_LEFT, List.of());
    }

    private static List<String> names(RackGame game, int[] balls) {
        return Arrays.stream(balls)
                .filter(game::isAsked)
                .mapToObj(ball -> game.balls().get(ball).id())
                .toList();
    }

    /** Balls that have a pocket to go to only when this one is gone. */
    private List<String> opened(RackPosition now, int ball) {
        RackPosition without = now.without(ball);
        List<String> opened = new ArrayList<>();
        for (int other : without.onTable()) {
            if (now.game().isAsked(other) && isClosed(now, other) && !isClosed(without, other)) {
                opened.add(now.game().balls().get(other).id());
            }
        }
        return opened;
    }

    private boolean isClosed(RackPosition position, int ball) {
        return LayoutSurvey.pockets(position, ball, student.errors()).stream()
                .noneMatch(pocket -> pocket.chanceFromBest() > LayoutSurvey.PROBLEM_BELOW);
    }

    private record Landings(double share, Point middle, double radius, double leadsOn) {}

    /** Where the cue ball stops when the shot went well, and how often it does. */
    private Landings landings(ShotChoice choice) {
        RackPosition from = choice.from();
        RackTable table = from.table();
        ShotRunner runner = table.runner(from);
        AimedStroke shot = choice.shot();
        Opening opening = shot.look().opening();
        RackPosition without = from.without(choice.ball());
        List<Point> good = new ArrayList<>();
        int went = 0;
        int leadOn = 0;
        for (double[] draw : draws) {
            if (runner.playStraying(shot.strike(), shot.launchDegrees(), student.errors(), table.spec.level(), draw)) {
                Played played = referee.judge(
                        from, runner.result(), opening.ball(), opening.pocket().name());
                if (played.goesOn() || played.isCleared()) {
                    went++;
                    leadOn += played.goesOn() && search.likeliest(played.next().knowing(without)) >= WELL ? 1 : 0;
                    played.next().cue().ifPresent(good::add);
                }
            }
        }
        Point meant = choice.meant().next().cue().orElse(from.cue().orElseThrow());
        Point middle = good.isEmpty() ? meant : mean(good);
        return new Landings(
                (double) went / draws.length, middle, reach(good, middle), went == 0 ? 0 : (double) leadOn / went);
    }

    private static Point mean(List<Point> points) {
        return new Point(
                points.stream().mapToDouble(Point::xMillimetres).average().orElseThrow(),
                points.stream().mapToDouble(Point::yMillimetres).average().orElseThrow());
    }

    private static double reach(List<Point> points, Point middle) {
        List<Double> away = points.stream()
                .map(middle::distanceMillimetres)
                .sorted(Comparator.naturalOrder())
                .toList();
        return away.isEmpty() ? 0 : away.get((int) (WITHIN * (away.size() - 1)));
    }
}
