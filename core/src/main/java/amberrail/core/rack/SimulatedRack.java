package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rack that the simulator plays as a student would, following the proposal, and writes down as somebody at the table would: for demonstration and proofs.
 *
 * @param layout how it lay before the first shot
 * @param shots  as they were written down
 */
public record SimulatedRack(RackLayout layout, List<RecordedShot> shots) {
    private static final double LEAST_RADIUS = 100;

    public SimulatedRack {
        shots = List.copyOf(shots);
    }

    /**
     * @param believed what the plan reckons with
     * @param truth    the errors that the student makes
     */
    public static SimulatedRack play(
            RackLayout layout, RackTable table, RackStudent believed, ExecutionErrors truth, long seed) {
        RackPolicy policy = RackPolicy.proposed(believed);
        Referee referee = new Referee(believed.rules());
        List<RecordedShot> shots = new ArrayList<>();
        RackPosition now = layout.on(table);
        while (true) {
            Optional<ShotChoice> next = policy.next(now);
            if (next.isEmpty()) {
                shots.add(noShot());
                return new SimulatedRack(layout, shots);
            }
            Played played =
                    RackRun.play(next.get(), referee, believed.with(truth), RackDraws.ofShot(seed, shots.size()));
            Optional<Point> landing = played.next().cue();
            boolean seen =
                    landing.map(place -> table.plan.holds(place, table.cueBall)).orElse(true);
            if (!seen || !isOnBed(played.next())) {
                // Between the jaws of a pocket nobody can tap it: the rack ends there.
                shots.add(noShot());
                return new SimulatedRack(layout, shots);
            }
            shots.add(written(next.get(), played));
            if (!played.goesOn()) {
                return new SimulatedRack(layout, shots);
            }
            now = played.next();
        }
    }

    private static boolean isOnBed(RackPosition position) {
        for (int ball : position.onTable()) {
            if (!position.table().plan.holds(position.place(ball), position.table().objectBall)) {
                return false;
            }
        }
        return true;
    }

    private static RecordedShot noShot() {
        return new RecordedShot(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RecordedShot.Outcome.NO_SHOT,
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    private static RecordedShot written(ShotChoice choice, Played played) {
        RackPosition from = choice.from();
        RackGame game = from.game();
        AimedStroke shot = choice.shot();
        List<String> down = new ArrayList<>();
        List<RackLayout.Laid> moved = new ArrayList<>();
        for (int ball : from.onTable()) {
            String id = game.balls().get(ball).id();
            if (!played.next().isOnTable(ball)) {
                down.add(id);
            } else if (!played.next().place(ball).equals(from.place(ball))) {
                moved.add(new RackLayout.Laid(id, played.next().place(ball)));
            }
        }
        boolean pot = played.goesOn() || played.isCleared();
        // A colour that came back lies on its spot again, and dropped all the same.
        if (pot && from.stageNow().comeBack()) {
            down.add(game.balls().get(choice.ball()).id());
            moved.removeIf(
                    laid -> laid.id().equals(game.balls().get(choice.ball()).id()));
        }
        Point meant = choice.meant().next().cue().orElse(from.cue().orElseThrow());
        return new RecordedShot(
                Optional.of(game.balls().get(choice.ball()).id()),
                Optional.of(shot.look().opening().pocket().name()),
                from.cue(),
                Optional.of(shot.stroke()
                        .planned(
                                from.table().cueBall.radiusMillimetres(),
                                shot.strike().elevationDegrees(),
                                shot.launchDegrees())),
                Optional.of(new RackPlan.Zone(meant, LEAST_RADIUS)),
                Optional.empty(),
                outcome(played, down),
                down,
                played.next().cue(),
                moved,
                BreakOut.of(from, choice.meant().next(), played.next()));
    }

    private static RecordedShot.Outcome outcome(Played played, List<String> down) {
        if (played.goesOn() || played.isCleared()) {
            return down.isEmpty() ? RecordedShot.Outcome.MISSED : RecordedShot.Outcome.POTTED;
        }
        return switch (played.end().orElseThrow()) {
            case IN_OFF -> RecordedShot.Outcome.IN_OFF;
            case WRONG_BALL -> RecordedShot.Outcome.WRONG_BALL;
            default -> RecordedShot.Outcome.MISSED;
        };
    }
}
