package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import java.util.List;
import java.util.Optional;

/** How somebody plays who only wants the next ball down: an easy pace, the centre of the ball. */
final class EasiestPot {
    private static final double SLOWEST = 1.2;
    private static final double FASTEST = 3.2;

    private final RackStudent student;

    EasiestPot(RackStudent student) {
        this.student = student;
    }

    Optional<ShotChoice> next(RackPosition position) {
        List<Point> places = position.cue().map(List::of).orElseGet(() -> CuePlaces.of(position, student.rules()));
        PotLook best = null;
        RackPosition from = position;
        for (Point place : places) {
            RackPosition placed = position.withCue(place);
            for (Opening opening : placed.openings()) {
                PotLook look = placed.isOn(opening.ball())
                        ? PotLook.of(placed, place.xMillimetres(), place.yMillimetres(), opening, student.errors())
                        : null;
                if (look != null && (best == null || look.chance() > best.chance())) {
                    best = look;
                    from = placed;
                }
            }
        }
        if (best == null) {
            return Optional.empty();
        }
        RackPosition played = from;
        PotLook pot = best;
        RackTable table = from.table();
        return AimedStroke.of(table, table.balls(from, from.cue().orElseThrow()), pot, plain(pot))
                .map(shot -> new ShotChoice(played, shot, pot.chance(), new Played(Optional.empty(), played, 0)));
    }

    /** Enough to get there with something over: more for distance and for a thin cut. */
    static RackStroke plain(PotLook look) {
        double object = 0.5 + 0.6 * Units.metres(look.opening().pathMillimetres());
        double pace = object / Math.cos(look.cut()) + 0.35 * Units.metres(look.distance());
        return new RackStroke(Math.max(SLOWEST, Math.min(FASTEST, pace)), 0, 0);
    }
}
