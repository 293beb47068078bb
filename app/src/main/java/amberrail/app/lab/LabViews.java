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
     * @param pacePercentPerMillimetre  how much more pace a tip one mm nearer the centre needs
     * @param chance                    that it rests within a ball's width of where it hit, in the hands that were asked for
     */
    record StopRow(
            double tipHeightMillimetres, double paceMetresPerSecond, double pacePercentPerMillimetre, double chance) {}

    /** A stroke's height and pace, as a place on a curve. */
    record HeightAndPace(double tipHeightMillimetres, double paceMetresPerSecond) {}

    /** Pace against height of a stop at one distance. */
    record StopCurve(double distanceMillimetres, List<HeightAndPace> points) {}

    /**
     * The stop table, the highest stroke first.
     *
     * @param softest       the row of the two schools that is played low
     * @param mostForgiving the row that stops most often
     */
    record StopTable(List<StopRow> rows, StopRow softest, StopRow mostForgiving, List<StopCurve> curves) {}

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

    /**
     * Drag: for each height the pace that arrives rolling at the wanted speed; missing where it would still slide.
     *
     * @param rolled            struck high, it rolls all the way: the other school
     * @param secondsOnTheWay   to contact
     * @param asideMillimetres  how far a table that nobody has levelled may carry it aside meanwhile, one standard deviation
     */
    record DragRow(
            boolean rolled,
            double tipHeightMillimetres,
            @MayBeMissing Double paceMetresPerSecond,
            @MayBeMissing Double secondsOnTheWay,
            @MayBeMissing Double asideMillimetres) {}

    /** The drag table. */
    record DragTable(List<DragRow> rows) {}

    /** Run-through or draw: the height for a wanted distance beyond contact (negative comes back). */
    record RunRow(double wantedMillimetres, @MayBeMissing Double tipHeightMillimetres) {}

    /** The run-through table. */
    record RunTable(List<RunRow> rows) {}

    /**
     * Side at one pace: by how much each of the three asks to aim beside the contact point, and all together (mm at the place of contact, to the left
     * positive); missing where the stroke is too soft to get there. The angles (degrees, counter-clockwise) are what each does to the ball, for the
     * drawing.
     */
    record SideRow(
            double paceMetresPerSecond,
            @MayBeMissing Double forSquirtMillimetres,
            @MayBeMissing Double forSwerveMillimetres,
            @MayBeMissing Double forThrowMillimetres,
            @MayBeMissing Double aimMillimetresAtGhost,
            @MayBeMissing Double squirtDegrees,
            @MayBeMissing Double swerveDegrees,
            @MayBeMissing Double throwDegrees) {}

    /** What asks for the largest part of the correction. */
    enum SidePart {
        SQUIRT,
        SWERVE,
        THROW
    }

    /** In words: how far to aim beside, and what of it is the largest part. */
    record SideAnswer(double paceMetresPerSecond, double aimMillimetresAtGhost, SidePart largest) {}

    /**
     * The side table, soft to firm.
     *
     * @param soft of the softest stroke that gets there, and of the firmest; missing where none does
     */
    record SideTable(
            List<SideRow> rows,
            @MayBeMissing SideAnswer soft,
            @MayBeMissing SideAnswer firm) {}

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
