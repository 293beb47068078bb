package amberrail.core.kit;

import amberrail.core.table.BallSpec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How far a cue check is, and which stroke comes next.
 *
 * @param told       whether the readings have told anything about the cue's end
 * @param goodEnough whether its interval is narrow enough for an aim table to rest on it
 * @param next       empty when it is
 */
public record CueProgress(boolean told, boolean goodEnough, Optional<Stroke> next) {
    /** Of the interval over the value (kit/README.md, Cases). */
    static final double GOOD_WIDTH = 0.45;

    private static final double TOLD_WIDTH = 0.8;
    /** The tip's offset over the radius: far enough to tell, near enough not to slip. */
    private static final double OFFSET_SHARE = 0.35;
    /** Mean speed to the cushion that tells firm strokes from soft ones (m/s). */
    private static final double FIRM_METRES_PER_SECOND = 1.6;

    private static final int FEWEST = 5;

    /** A stroke to make: the tip's offset to the right (mm), and firm or soft. */
    public record Stroke(double tipSideMillimetres, boolean firm) {}

    public static CueProgress of(CheckedTable table, CueEstimate found, List<SideReading> readings) {
        double width = (found.endMassRatio().interval().upper()
                        - found.endMassRatio().interval().lower())
                / found.endMassRatio().value();
        boolean enough = width <= GOOD_WIDTH && readings.size() >= FEWEST;
        return new CueProgress(
                width < TOLD_WIDTH, enough, enough ? Optional.empty() : Optional.of(leastMade(table, readings)));
    }

    /** Both sides firm, once without side, both sides soft; then half as far off centre. */
    public static List<Stroke> strokes(BallSpec ball) {
        double offset = Math.round(OFFSET_SHARE * ball.radiusMillimetres());
        List<Stroke> strokes = new ArrayList<>();
        strokes.add(new Stroke(offset, true));
        strokes.add(new Stroke(-offset, true));
        strokes.add(new Stroke(0, true));
        strokes.add(new Stroke(offset, false));
        strokes.add(new Stroke(-offset, false));
        double half = Math.round(offset / 2);
        strokes.add(new Stroke(half, true));
        strokes.add(new Stroke(-half, true));
        return strokes;
    }

    private static Stroke leastMade(CheckedTable table, List<SideReading> readings) {
        return strokes(table.ball()).stream()
                .min(Comparator.comparingLong(stroke -> readings.stream()
                        .filter(one -> isOf(stroke, one, table))
                        .count()))
                .orElseThrow();
    }

    /** Which of the offsets that are asked for a stroke was made with. */
    private static double nearest(double offset, BallSpec ball) {
        return strokes(ball).stream()
                .map(Stroke::tipSideMillimetres)
                .min(Comparator.comparingDouble(one -> Math.abs(one - offset)))
                .orElseThrow();
    }

    private static boolean isOf(Stroke stroke, SideReading reading, CheckedTable table) {
        double metres = table.metresFromNose(reading, reading.x(), reading.y());
        boolean firm = metres / reading.secondsToCushion() > FIRM_METRES_PER_SECOND;
        // Without side the pace does not matter.
        return nearest(reading.tipSideMillimetres(), table.ball()) == stroke.tipSideMillimetres()
                && (stroke.tipSideMillimetres() == 0 || firm == stroke.firm());
    }
}
