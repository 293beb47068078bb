package amberrail.core.rack;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.rack.RackStage.Pick;
import amberrail.core.table.TableKind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The games that racks.md names, each as its rules' data. */
public final class RackGames {
    private static final String BALL = "ball";
    private static final String RED = "red";
    private static final String COLOUR = "colour";
    private static final int EIGHT = 8;
    private static final List<String> COLOURS = List.of("yellow", "green", "brown", "blue", "pink", "black");

    private static final List<RackGame> ALL = Stream.of(
                    IntStream.rangeClosed(3, 15).mapToObj(RackGames::anyOrder),
                    IntStream.of(6, 9, 10).mapToObj(RackGames::numberOrder),
                    Stream.of(groupThenLast("low"), groupThenLast("high")),
                    IntStream.of(6, 10, 15).mapToObj(RackGames::lineUp),
                    Stream.of(coloursOnly()))
            .flatMap(games -> games)
            .toList();

    private RackGames() {}

    public static List<RackGame> all() {
        return ALL;
    }

    /** What is played on a table of this kind. */
    public static List<RackGame> on(TableKind kind) {
        return ALL.stream()
                .filter(game -> isSnooker(game) == (kind == TableKind.SNOOKER))
                .toList();
    }

    /** With reds and colours, on a table with their spots. */
    static boolean isSnooker(RackGame game) {
        return game.balls().stream().anyMatch(ball -> ball.points() > 0);
    }

    /** {@code UNKNOWN_ID} for a key that no game has. */
    public static RackGame byKey(String key) {
        return ALL.stream()
                .filter(game -> game.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.UNKNOWN_ID,
                        "game",
                        key,
                        "must be one of " + ALL.stream().map(RackGame::key).toList()));
    }

    private static RackGame anyOrder(int balls) {
        return new RackGame(
                "anyOrder-" + balls,
                numbered(1, balls, BALL),
                List.of(new RackStage("all", BALL, Pick.ANY, false, false, "all", "")),
                true,
                RackGame.Others.STAY_DOWN);
    }

    private static RackGame numberOrder(int balls) {
        return new RackGame(
                "numberOrder-" + balls,
                numbered(1, balls, BALL),
                List.of(new RackStage("lowest", BALL, Pick.LOWEST, false, false, "lowest", "")),
                true,
                RackGame.Others.STAY_DOWN_AND_THE_LAST_WINS);
    }

    /** Seven of one group, then the last ball into the pocket that was called; the other seven only lie in the way. */
    private static RackGame groupThenLast(String group) {
        List<RackBall> balls = new ArrayList<>(numbered(1, 7, "low"));
        balls.add(new RackBall(String.valueOf(EIGHT), "last", EIGHT, 0, ""));
        balls.addAll(numbered(9, 15, "high"));
        return new RackGame(
                "groupThenLast-" + group,
                balls,
                List.of(
                        new RackStage("group", group, Pick.ANY, false, false, "group", "last"),
                        new RackStage("last", "last", Pick.ANY, false, true, "last", "")),
                false,
                RackGame.Others.STAY_DOWN_BUT_THE_LAST_LOSES);
    }

    private static RackGame lineUp(int reds) {
        List<RackBall> balls = new ArrayList<>();
        for (int i = 1; i <= reds; i++) {
            balls.add(new RackBall("red " + i, RED, 1, 1, ""));
        }
        balls.addAll(colours());
        return new RackGame(
                "lineUp-" + reds,
                balls,
                List.of(
                        new RackStage("red", RED, Pick.ANY, false, false, "colour after red", ""),
                        new RackStage("colour after red", COLOUR, Pick.ANY, true, false, "red", "colours in order"),
                        new RackStage("colours in order", COLOUR, Pick.LOWEST, false, false, "colours in order", "")),
                false,
                RackGame.Others.FOUL);
    }

    private static RackGame coloursOnly() {
        return new RackGame(
                "coloursOnly",
                colours(),
                List.of(new RackStage("colours in order", COLOUR, Pick.LOWEST, false, false, "colours in order", "")),
                false,
                RackGame.Others.FOUL);
    }

    private static List<RackBall> numbered(int first, int last, String group) {
        return IntStream.rangeClosed(first, last)
                .mapToObj(number -> new RackBall(String.valueOf(number), group, number, 0, ""))
                .toList();
    }

    private static List<RackBall> colours() {
        return IntStream.range(0, COLOURS.size())
                .mapToObj(i -> new RackBall(COLOURS.get(i), COLOUR, i + 2, i + 2, COLOURS.get(i)))
                .toList();
    }
}
