package amberrail.core.aiming;

import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.statistics.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How far beside the ball to aim with side, for one cue on one cloth, by distance, pace and how far the tip is off centre.
 *
 * @param tipSidesMillimetres a quarter, a half and three quarters of the cue's tip, to the right
 * @param rows                nearest first
 */
public record AimTable(List<Double> pacesMetresPerSecond, List<Double> tipSidesMillimetres, List<Row> rows) {
    private static final List<Double> DISTANCES_METRES = List.of(0.5, 1.0, 1.5, 2.0, 2.5);
    /** Soft, medium, firm and hard (model.md, section 8). */
    private static final List<Double> PACES_METRES_PER_SECOND = List.of(1.0, 2.0, 3.0, 4.5);

    private static final List<Double> TIPS = List.of(0.25, 0.5, 0.75);

    /**
     * A cue as far as it is known.
     *
     * @param endMassRatio ball mass over the cue's effective end mass
     * @param between      what it lies in, nine times in ten
     */
    public record Cue(double tipDiameterMillimetres, double endMassRatio, Interval between, double elevationDegrees) {}

    /** To the left of the ball (mm at the ball) for side on the right, with what the cue's own interval leaves open. */
    public record Aim(double leftMillimetres, Interval between) {}

    /** One stroke; no aim where it does not get there, or the tip slips off. */
    public record Cell(double paceMetresPerSecond, double tipSideMillimetres, Optional<Aim> aim) {}

    /** All strokes over one distance from the ball's centre to the other's. */
    public record Row(double distanceMillimetres, List<Cell> cells) {}

    /** @param cueRadiusMillimetres of the cue ball */
    public static AimTable of(Cue cue, double cueRadiusMillimetres, Physics physics) {
        List<Double> sides =
                TIPS.stream().map(tips -> tips * cue.tipDiameterMillimetres()).toList();
        List<Row> rows = new ArrayList<>();
        for (double metres : DISTANCES_METRES) {
            List<Cell> cells = new ArrayList<>();
            for (double side : sides) {
                for (double pace : PACES_METRES_PER_SECOND) {
                    cells.add(new Cell(
                            pace, side, new Stroke(metres, pace, side, cueRadiusMillimetres, physics).aim(cue)));
                }
            }
            rows.add(new Row(Units.millimetres(metres), cells));
        }
        return new AimTable(PACES_METRES_PER_SECOND, sides, rows);
    }

    private record Stroke(double metres, double pace, double side, double radiusMillimetres, Physics physics) {
        Optional<Aim> aim(Cue cue) {
            OptionalDouble aim = left(cue, cue.endMassRatio());
            OptionalDouble most = left(cue, cue.between().lower());
            OptionalDouble least = left(cue, cue.between().upper());
            if (aim.isEmpty() || most.isEmpty() || least.isEmpty()) {
                return Optional.empty();
            }
            double one = most.getAsDouble();
            double other = least.getAsDouble();
            return Optional.of(new Aim(aim.getAsDouble(), new Interval(Math.min(one, other), Math.max(one, other))));
        }

        private OptionalDouble left(Cue cue, double endMassRatio) {
            CueStrike strike = new CueStrike(
                    pace, 0, side / radiusMillimetres, 0, cue.elevationDegrees(), OptionalDouble.of(endMassRatio));
            return CueAim.leftMillimetres(strike, metres, Units.metres(radiusMillimetres), physics);
        }
    }
}
