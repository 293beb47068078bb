package amberrail.app.lab;

import amberrail.app.web.MayBeMissing;
import java.util.List;

/** What the lab answers (mm, m/s, degrees; heights above the centre, negative below). */
final class LabViews {
    private LabViews() {}

    /**
     * Stop: how hard for each height.
     *
     * @param paceMetresPerSecond       that arrives without spin
     * @param pacePercentPerMillimetre  how much more pace a tip one mm nearer the centre needs: the less, the more forgiving
     */
    record StopRow(double tipHeightMillimetres, double paceMetresPerSecond, double pacePercentPerMillimetre) {}

    /** The stop table, the softest stroke first. */
    record StopTable(List<StopRow> rows) {}

    /** What a straight shot does along its way; distances from where it begins. */
    record PathStates(
            @MayBeMissing Double stunPointMillimetres,
            double rollsFromMillimetres,
            double stopsAtMillimetres,
            List<PathRow> rows) {}

    /** What the ball does at a place; {@code rollingShare} is topspin over speed: 1 rolls, 0 is stun. */
    record PathRow(double millimetres, Phase phase, double speedMetresPerSecond, double rollingShare) {
        /** In a player's words. */
        enum Phase {
            BACKSPIN,
            SLIDE,
            ROLL
        }
    }

    /** Drag: for each height the pace that arrives rolling at the wanted speed; missing where it would still slide. */
    record DragRow(
            double tipHeightMillimetres, @MayBeMissing Double paceMetresPerSecond) {}

    /** The drag table. */
    record DragTable(List<DragRow> rows) {}

    /** Run-through or draw: the height for a wanted distance beyond contact (negative comes back). */
    record RunRow(double wantedMillimetres, @MayBeMissing Double tipHeightMillimetres) {}

    /** The run-through table. */
    record RunTable(List<RunRow> rows) {}

    /** Side at one pace: what each of the three does to the ball, and where to aim for all of it (degrees, counter-clockwise). */
    record SideRow(
            double paceMetresPerSecond,
            @MayBeMissing Double squirtDegrees,
            @MayBeMissing Double swerveDegrees,
            @MayBeMissing Double throwDegrees,
            @MayBeMissing Double aimDegrees,
            @MayBeMissing Double aimMillimetresAtGhost) {}

    /** The side table, soft to firm. */
    record SideTable(List<SideRow> rows) {}

    /**
     * Squeezing a pot: what side does to the object ball's line.
     *
     * @param throwDegrees          by which friction turns it off the line of centres, counter-clockwise
     * @param turnedDegrees         the same against a stroke without side
     * @param besideMillimetres     that is, at the end of its way
     */
    record SqueezeRow(
            double sideMillimetres,
            @MayBeMissing Double throwDegrees,
            @MayBeMissing Double turnedDegrees,
            @MayBeMissing Double besideMillimetres) {}

    /** The squeeze table, from left side to right. */
    record SqueezeTable(List<SqueezeRow> rows) {}

    /** A cut as ball fraction and as aim point: how far beside the object ball's centre the cue ball's centre is aimed. */
    record CutRow(double cutDegrees, double coveredFraction, double aimOffsetMillimetres) {}

    /** Cuts in a row, the asked one first. */
    record CutTable(List<CutRow> rows) {}
}
