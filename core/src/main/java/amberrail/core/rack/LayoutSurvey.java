package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.table.PocketName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What can be seen of a layout: what is open to each ball, which balls tie each other up, which are trouble and which ball is best left before the last.
 *
 * @param balls    by the game's order
 * @param clusters balls that tie each other up
 * @param keys     for each ball that may be the last: the balls before it from which it is reached most surely
 * @see "racks.md, Survey"
 */
public record LayoutSurvey(List<Ball> balls, List<List<String>> clusters, List<KeyBall> keys) {
    /** Nearer than this counts as tied together (gap in mm). */
    static final double CLUSTER_GAP = 12;
    /** Less than this share of a pocket is not open for the sake of clusters and blockers. */
    static final double HALF = 0.5;
    /** A ball with no better chance anywhere is trouble. */
    static final double PROBLEM_BELOW = 0.5;

    /**
     * One ball.
     *
     * @param pockets open to it, the likeliest first
     * @param problem whether no order of play gives it a pocket with a chance above one half
     * @param opens   balls that get a pocket when this one is gone
     */
    public record Ball(String id, List<OpenPocket> pockets, boolean problem, List<String> opens) {}

    /**
     * One pocket that is open to a ball.
     *
     * @param openingMillimetres  how much wider than the ball the way in is
     * @param openingMilliradians the same as an angle from where the ball lies
     * @param freeShare           of what it would be with nothing in the way
     * @param chanceFromBest      from the best place of the cue ball, 0 to 1
     * @param chanceFromUsual     from the middle one of the places that it can be played from
     * @param best                that best place (mm)
     */
    public record OpenPocket(
            PocketName pocket,
            double openingMillimetres,
            double openingMilliradians,
            double freeShare,
            double chanceFromBest,
            double chanceFromUsual,
            Point best) {}

    /** From whose pot the last ball's good places are reached with which chance. */
    public record KeyBall(String last, String key, PocketName pocket, double chance) {}

    /** For a student of these errors. */
    public static LayoutSurvey of(RackPosition position, ExecutionErrors errors) {
        RackGame game = position.game();
        boolean[] trouble = trouble(position, errors);
        List<Ball> balls = new ArrayList<>();
        for (int ball : position.onTable()) {
            balls.add(new Ball(
                    game.balls().get(ball).id(),
                    pockets(position, ball, errors),
                    trouble[ball],
                    opens(position, ball)));
        }
        return new LayoutSurvey(balls, Clusters.of(position), KeyBalls.of(position, errors));
    }

    static List<OpenPocket> pockets(RackPosition position, int ball, ExecutionErrors errors) {
        List<OpenPocket> open = new ArrayList<>();
        for (Opening opening : position.openings()) {
            if (opening.ball() == ball) {
                seen(position, opening, errors).ifPresent(open::add);
            }
        }
        open.sort(Comparator.comparingDouble(OpenPocket::chanceFromBest).reversed());
        return List.copyOf(open);
    }

    /** Empty where the cue ball can lie in no place from which it is potted. */
    private static Optional<OpenPocket> seen(RackPosition position, Opening opening, ExecutionErrors errors) {
        List<PotLook> sorted = new ArrayList<>(PotPlaces.looks(position, opening, errors));
        if (sorted.isEmpty()) {
            return Optional.empty();
        }
        sorted.sort(Comparator.<PotLook>comparingDouble(look -> look.chance()).reversed());
        return Optional.of(new OpenPocket(
                opening.pocket().name(),
                opening.openingMillimetres(),
                2e3 * opening.half(),
                opening.share(),
                sorted.get(0).chance(),
                sorted.get(sorted.size() / 2).chance(),
                PotPlaces.place(position, sorted.get(0))));
    }

    /** Balls that no order of play gives a good pocket: those that have one are taken away, as far as the rules let them go first, until nothing changes. */
    private static boolean[] trouble(RackPosition position, ExecutionErrors errors) {
        int count = position.game().balls().size();
        boolean[] trouble = new boolean[count];
        for (int ball : position.onTable()) {
            trouble[ball] = true;
        }
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int ball : position.onTable()) {
                if (trouble[ball] && hasGoodPocket(withoutEarlier(position, ball, trouble), ball, errors)) {
                    trouble[ball] = false;
                    changed = true;
                }
            }
        }
        return trouble;
    }

    private static RackPosition withoutEarlier(RackPosition position, int ball, boolean[] trouble) {
        RackPosition rest = position;
        for (int other : position.onTable()) {
            if (other != ball && !trouble[other] && position.game().mayGoBefore(other, ball)) {
                rest = rest.without(other);
            }
        }
        return rest;
    }

    private static boolean hasGoodPocket(RackPosition position, int ball, ExecutionErrors errors) {
        List<Opening> found = new ArrayList<>();
        Openings.of(position, ball, found);
        return found.stream()
                .anyMatch(opening -> PotPlaces.looks(position, opening, errors).stream()
                        .anyMatch(look -> look.chance() > PROBLEM_BELOW));
    }

    private static List<String> opens(RackPosition position, int ball) {
        List<String> opens = new ArrayList<>();
        for (int other : position.onTable()) {
            boolean opened = other != ball
                    && IntStream.range(0, position.windowsOf(other).count())
                            .anyMatch(pocket -> Openings.shareWithout(position, other, pocket, -1) < HALF
                                    && Openings.shareWithout(position, other, pocket, ball) >= HALF);
            if (opened) {
                opens.add(position.game().balls().get(other).id());
            }
        }
        return opens;
    }
}
