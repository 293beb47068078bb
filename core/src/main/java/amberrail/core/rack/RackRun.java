package amberrail.core.rack;

import amberrail.core.simulation.ShotRunner;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * One simulated try at a layout.
 *
 * @param end    how it ended
 * @param potted how many balls went down, not counting those that came back
 * @param points scored
 * @param shots  how many were played
 */
record RackRun(RackEnd end, int potted, int points, int shots) {
    private static final int MOST_SHOTS = 80;

    /** The same seed meets the same errors, shot by shot, whatever is played. */
    static RackRun play(RackPosition start, RackPolicy policy, RackStudent student, long seed) {
        return play(start, policy, student, seed, shot -> {});
    }

    /** The same, each shot told as somebody at the table would write it down. */
    static RackRun play(
            RackPosition start, RackPolicy policy, RackStudent student, long seed, Consumer<RackShot> told) {
        Referee referee = new Referee(student.rules());
        RackPosition position = start;
        int points = 0;
        for (int shot = 0; shot < MOST_SHOTS; shot++) {
            Optional<ShotChoice> next = policy.next(position);
            if (next.isEmpty()) {
                return new RackRun(RackEnd.NO_SHOT, down(start, position), points, shot);
            }
            Played played = play(next.get(), referee, student, RackDraws.ofShot(seed, shot));
            told.accept(written(next.get(), played));
            position = played.next();
            points += played.points();
            if (played.end().isPresent()) {
                return new RackRun(played.end().get(), down(start, position), points, shot + 1);
            }
        }
        return new RackRun(RackEnd.GAVE_UP, down(start, position), points, MOST_SHOTS);
    }

    /** One shot with these draws. */
    static Played play(ShotChoice choice, Referee referee, RackStudent student, double[] draws) {
        RackPosition from = choice.from();
        RackTable table = from.table();
        ShotRunner runner = table.runner(from);
        AimedStroke shot = choice.shot();
        if (!runner.playStraying(shot.strike(), shot.launchDegrees(), student.errors(), table.spec.level(), draws)) {
            return new Played(Optional.of(RackEnd.MISSED), from, 0);
        }
        Opening opening = shot.look().opening();
        return referee.judge(
                from, runner.result(), opening.ball(), opening.pocket().name());
    }

    private static RackShot written(ShotChoice choice, Played played) {
        RackPosition from = choice.from();
        AimedStroke shot = choice.shot();
        int ball = choice.ball();
        boolean potted = !played.next().isOnTable(ball) || played.goesOn();
        return new RackShot(
                from,
                from.game().balls().get(ball).id(),
                shot.look().opening().pocket().name(),
                shot.stroke()
                        .planned(
                                from.table().cueBall.radiusMillimetres(),
                                shot.strike().elevationDegrees(),
                                shot.launchDegrees()),
                potted,
                played.next().cue());
    }

    private static int down(RackPosition start, RackPosition position) {
        return start.ballsLeft() - position.ballsLeft();
    }

    boolean isCleared() {
        return end == RackEnd.CLEARED;
    }
}
