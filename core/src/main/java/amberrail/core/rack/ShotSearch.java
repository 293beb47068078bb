package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.Accuracy;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.simulation.TableBall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Looks for the shot after which the rack is most likely cleared: pots that are open, a grid of strokes played in the engine with the other balls in
 * place, landings weighed by the student's errors; the next shot searched as well for the best of them, the rest by {@link PositionValue}.
 *
 * <p>The same question has the same answer. For one thread at a time.
 */
final class ShotSearch {
    private static final double HARDLY_A_CHANCE = 0.02;
    private static final double NEARLY = 0.9;
    private static final int OTHERS = 2;
    /** Few samples count for little against the estimate: as many of these stand beside them. */
    private static final double BELIEVED = 3;

    private static final long SEED = 0x5EA7C4;

    private final RackStudent student;
    private final SearchEffort effort;
    private final Referee referee;
    private final double[][] draws;
    private final double[][] deepDraws;

    ShotSearch(RackStudent student, SearchEffort effort) {
        this.student = student;
        this.effort = effort;
        referee = new Referee(student.rules());
        draws = RackDraws.balanced(effort.samples(), SEED);
        deepDraws = RackDraws.balanced(effort.deepSamples(), SEED + 1);
    }

    /** The best shots, best first; of shots with the same ball and pocket only the best. Empty where no ball that is on can be potted. */
    List<ShotChoice> best(RackPosition position) {
        return best(position, opening -> true);
    }

    /** The same among some of the pots. */
    List<ShotChoice> best(RackPosition position, Predicate<Opening> allowed) {
        List<Look> looks = looks(position, allowed);
        List<ShotChoice> tried = tried(looks);
        if (tried.isEmpty()) {
            return looks.isEmpty() ? List.of() : plainly(looks.get(0));
        }
        List<ShotChoice> best = onAllCores(worthASecondLook(tried))
                .map(choice -> choice.valued(valueOf(choice)))
                .toList();
        List<ShotChoice> ranked = topOf(best, best.size());
        if (effort.deep() > 0) {
            ranked = softestOfTheNearlyBest(deeply(ranked));
        }
        return onceEach(ranked);
    }

    /** The shots among some pots that most often pot and stop in a zone. */
    List<ShotChoice> toZone(RackPosition position, Predicate<Opening> allowed, RackPlan.Zone zone) {
        List<ShotChoice> tried = tried(looks(position, allowed));
        List<ShotChoice> nearest = tried.stream()
                .sorted(Comparator.comparingDouble(choice -> away(choice.meant(), zone)))
                .limit(effort.kept())
                .map(choice -> choice.valued(inZone(choice, zone)))
                .toList();
        return onceEach(topOf(nearest, nearest.size()));
    }

    private static double away(Played played, RackPlan.Zone zone) {
        return played.next()
                .cue()
                .map(place -> place.distanceMillimetres(zone.centre()))
                .orElse(Double.MAX_VALUE);
    }

    private double inZone(ShotChoice choice, RackPlan.Zone zone) {
        ShotRunner runner = runner(choice.from(), balls(choice.from()));
        int in = 0;
        for (double[] draw : draws) {
            Played played = stray(runner, choice, draw, choice.from());
            boolean good = played.goesOn() || played.isCleared();
            in += good && away(played, zone) <= zone.radiusMillimetres() ? 1 : 0;
        }
        return (double) in / draws.length;
    }

    /** A pot from a place of the cue ball, with an estimate of what it is worth. */
    record Look(RackPosition from, PotLook pot, double worth) {}

    private List<Look> looks(RackPosition position, Predicate<Opening> allowed) {
        double[] rest = PositionValue.rest(position, student.errors());
        List<Look> found = new ArrayList<>();
        if (position.cue().isPresent()) {
            addLooks(position, position.cue().get(), rest, allowed, found);
            return best(found, effort.looks());
        }
        for (Point place : CuePlaces.of(position, student.rules())) {
            addLooks(position.withCue(place), place, rest, allowed, found);
        }
        return best(found, effort.places());
    }

    private void addLooks(
            RackPosition position, Point cue, double[] rest, Predicate<Opening> allowed, List<Look> found) {
        for (Opening opening : position.openings()) {
            if (position.isOn(opening.ball()) && allowed.test(opening)) {
                PotLook pot = PotLook.of(position, cue.xMillimetres(), cue.yMillimetres(), opening, student.errors());
                if (pot != null && pot.chance() > HARDLY_A_CHANCE) {
                    found.add(new Look(position, pot, pot.chance() / Math.sqrt(rest[opening.ball()])));
                }
            }
        }
    }

    private static List<Look> best(List<Look> looks, int most) {
        return looks.stream()
                .sorted(Comparator.comparingDouble(Look::worth).reversed())
                .limit(most)
                .toList();
    }

    /** The best, and of other pots the best of each, so that a second choice can be named. */
    private List<ShotChoice> worthASecondLook(List<ShotChoice> tried) {
        List<ShotChoice> all = topOf(tried, tried.size());
        List<ShotChoice> kept = new ArrayList<>(all.subList(0, Math.min(effort.kept(), all.size())));
        if (effort.deep() > 0) {
            for (ShotChoice other : onceEach(all)) {
                if (kept.size() < effort.kept() + OTHERS && kept.stream().noneMatch(one -> isSamePot(one, other))) {
                    kept.add(other);
                }
            }
        }
        return kept;
    }

    private static boolean isSamePot(ShotChoice one, ShotChoice other) {
        return one.ball() == other.ball()
                && one.shot().look().opening().pocket().name()
                        == other.shot().look().opening().pocket().name();
    }

    private List<ShotChoice> tried(List<Look> looks) {
        return onAllCores(looks).flatMap(look -> tryAll(look).stream()).toList();
    }

    /** What a person waits for is shared among cores; simulated racks are so already. */
    private <T> Stream<T> onAllCores(List<T> items) {
        return effort.deep() > 0 ? items.parallelStream() : items.stream();
    }

    /** Every stroke of the grid once, without errors: what it leaves, times the chance of the pot. */
    private List<ShotChoice> tryAll(Look each) {
        Look look = new Look(each.from().copy(), each.pot(), each.worth());
        List<ShotChoice> tried = new ArrayList<>();
        List<TableBall> balls = balls(look.from());
        ShotRunner runner = runner(look.from(), balls);
        RackPosition without = look.from().without(look.pot().opening().ball());
        for (RackStroke stroke : effort.strokes()) {
            AimedStroke.of(look.from().table(), balls, look.pot(), stroke).ifPresent(aimed -> {
                if (runner.play(aimed.strike(), aimed.launchDegrees())) {
                    Played meant = judged(look.from(), runner.result(), aimed, without);
                    if (meant.goesOn() || meant.isCleared()) {
                        double value = look.pot().chance() * valueWithoutLuck(look, meant);
                        tried.add(new ShotChoice(look.from(), aimed, value, meant));
                    }
                }
            });
        }
        return tried;
    }

    /** Another ball that drops when everything goes as meant is luck, since hardly anything does: it is counted as if it still lay there. */
    private double valueWithoutLuck(Look look, Played meant) {
        RackPosition from = look.from();
        RackPosition next = meant.next();
        int target = look.pot().opening().ball();
        Point[] places = next.places();
        boolean lucky = false;
        for (int ball : from.onTable()) {
            if (ball != target && !next.isOnTable(ball)) {
                places[ball] = from.place(ball);
                lucky = true;
            }
        }
        if (!lucky || next.cue().isEmpty()) {
            return valueAfter(meant);
        }
        int stage = from.stageAfterPot(places);
        return stage < 0 ? 1 : PositionValue.of(from.after(stage, places, next.cue()), student.errors());
    }

    /** Where no stroke of the grid pots when it is played as meant: the likeliest pot, plainly. */
    private List<ShotChoice> plainly(Look look) {
        List<TableBall> balls = balls(look.from());
        ShotRunner runner = runner(look.from(), balls);
        return AimedStroke.of(look.from().table(), balls, look.pot(), EasiestPot.plain(look.pot()))
                .map(aimed -> {
                    runner.play(aimed.strike(), aimed.launchDegrees());
                    Played meant = judged(look.from(), runner.result(), aimed, look.from());
                    return List.of(new ShotChoice(look.from(), aimed, 0, meant));
                })
                .orElse(List.of());
    }

    /** Few samples tell little of a chance: the geometric one counts as {@link #BELIEVED} of them. */
    private double valueOf(ShotChoice choice) {
        RackPosition from = choice.from().copy();
        ShotRunner runner = runner(from, balls(from));
        RackPosition without = from.without(choice.ball());
        double pot = choice.shot().look().chance();
        double successes = BELIEVED * pot;
        double values = BELIEVED * choice.value();
        for (double[] draw : draws) {
            Played played = stray(runner, choice, draw, without);
            if (played.goesOn() || played.isCleared()) {
                successes++;
                values += valueAfter(played);
            }
        }
        double each = successes == 0 ? 0 : values / successes;
        return successes / (BELIEVED + draws.length) * each;
    }

    /** The stroke that a coach would teach costs no more than a tenth of the best chance, which a handful of samples hardly tells apart, and goes at less pace. */
    private static List<ShotChoice> softestOfTheNearlyBest(List<ShotChoice> ranked) {
        double enough = NEARLY * ranked.get(0).value();
        ShotChoice taught = ranked.stream()
                .filter(choice -> choice.value() >= enough)
                .min(Comparator.comparingDouble(choice -> choice.shot().stroke().pace()))
                .orElseThrow();
        List<ShotChoice> first = new ArrayList<>(ranked);
        first.remove(taught);
        first.add(0, taught);
        return first;
    }

    /** The first few are searched on; behind them stay the others as they were, below the last of those. */
    private List<ShotChoice> deeply(List<ShotChoice> ranked) {
        int count = Math.min(effort.deep(), ranked.size());
        List<ShotChoice> searched =
                ranked.subList(0, count).parallelStream().map(this::searchedOn).toList();
        List<ShotChoice> all = new ArrayList<>(topOf(searched, count));
        all.addAll(ranked.subList(count, ranked.size()));
        return all;
    }

    /** Chance of the likeliest pot from where the cue ball lies; 0 with none, 1 with the cue ball in hand. */
    double likeliest(RackPosition position) {
        return position.cue()
                .map(cue -> position.openings().stream()
                        .filter(opening -> position.isOn(opening.ball()))
                        .map(opening ->
                                PotLook.of(position, cue.xMillimetres(), cue.yMillimetres(), opening, student.errors()))
                        .filter(Objects::nonNull)
                        .mapToDouble(look -> look.chance())
                        .max()
                        .orElse(0))
                .orElse(1.0);
    }

    /** Whether another ball that is on could be potted from where the cue ball lies. */
    boolean isOnlyOne(ShotChoice choice) {
        Point cue = choice.from().cue().orElseThrow();
        return choice.from().openings().stream()
                .filter(opening ->
                        opening.ball() != choice.ball() && choice.from().isOn(opening.ball()))
                .map(opening ->
                        PotLook.of(choice.from(), cue.xMillimetres(), cue.yMillimetres(), opening, student.errors()))
                .noneMatch(look -> look != null && look.chance() > HARDLY_A_CHANCE);
    }

    private ShotChoice searchedOn(ShotChoice choice) {
        RackPosition from = choice.from().copy();
        ShotSearch second = new ShotSearch(student, SearchEffort.SECOND);
        ShotRunner runner = runner(from, balls(from));
        RackPosition without = from.without(choice.ball());
        double sum = 0;
        for (double[] draw : deepDraws) {
            Played played = stray(runner, choice, draw, without);
            sum += played.goesOn()
                    ? second.best(played.next()).stream()
                            .mapToDouble(ShotChoice::value)
                            .findFirst()
                            .orElse(0)
                    : valueAfter(played);
        }
        return choice.valued(sum / deepDraws.length);
    }

    private Played stray(ShotRunner runner, ShotChoice choice, double[] draw, RackPosition without) {
        RackTable table = choice.from().table();
        AimedStroke shot = choice.shot();
        if (!runner.playStraying(shot.strike(), shot.launchDegrees(), student.errors(), table.spec.level(), draw)) {
            return new Played(Optional.of(RackEnd.MISSED), choice.from(), 0);
        }
        return judged(choice.from(), runner.result(), shot, without);
    }

    private Played judged(RackPosition from, PlayedShot shot, AimedStroke aimed, RackPosition without) {
        Opening opening = aimed.look().opening();
        Played played =
                referee.judge(from, shot, opening.ball(), opening.pocket().name());
        played.next().knowing(without);
        return played;
    }

    private double valueAfter(Played played) {
        if (played.isCleared()) {
            return 1;
        }
        return played.goesOn() ? PositionValue.of(played.next(), student.errors()) : 0;
    }

    private static List<TableBall> balls(RackPosition position) {
        return position.table().balls(position, position.cue().orElseThrow());
    }

    private static ShotRunner runner(RackPosition position, List<TableBall> balls) {
        return ShotRunner.goingOn(position.table().shots, position.table().physics, balls, 0, Accuracy.SCAN);
    }

    private static List<ShotChoice> topOf(List<ShotChoice> choices, int most) {
        return choices.stream()
                .sorted(Comparator.comparingDouble(ShotChoice::value).reversed())
                .limit(most)
                .toList();
    }

    private static List<ShotChoice> onceEach(List<ShotChoice> ranked) {
        List<ShotChoice> once = new ArrayList<>();
        for (ShotChoice choice : ranked) {
            boolean isNew = once.stream().noneMatch(other -> isSamePot(other, choice));
            if (isNew) {
                once.add(choice);
            }
        }
        return once;
    }
}
