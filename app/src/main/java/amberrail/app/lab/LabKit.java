package amberrail.app.lab;

import amberrail.core.motion.Physics;
import amberrail.core.table.BallSet;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;

/**
 * Cloth, balls and cue that the lab's questions are asked of: a usual set of some game, or what the club has and has measured.
 *
 * @param elevationDegrees of the cue
 */
record LabKit(TableSpec table, double tipDiameterMillimetres, double endMassRatio, double elevationDegrees) {
    /** Of the usual cue (answers.md, "Strike and pace"). */
    static final double USUAL_ELEVATION_DEGREES = 3;

    /** How far from the centre a tip may be, over the radius: beyond it slips off. */
    static final double FARTHEST_STRUCK = 0.5;

    static LabKit usual(TableKind kind) {
        return of(TablePresets.usual(kind));
    }

    /** A table with the cue that goes with its kind. */
    static LabKit of(TableSpec table) {
        TableKind kind = table.kind();
        return new LabKit(table, kind.tipDiameterMillimetres(), kind.usualEndMassRatio(), USUAL_ELEVATION_DEGREES);
    }

    /** The same with another cue (mm). */
    LabKit withCue(double otherTipDiameter, double otherEndMassRatio, double otherElevationDegrees) {
        return new LabKit(table, otherTipDiameter, otherEndMassRatio, otherElevationDegrees);
    }

    Physics physics() {
        return table.physics();
    }

    BallSet balls() {
        return table.balls();
    }

    double radiusMillimetres() {
        return balls().cueBall().radiusMillimetres();
    }

    /** How many steps of this size fit between the centre and where the tip slips off. */
    int steps(double stepMillimetres) {
        return (int) Math.floor(FARTHEST_STRUCK * radiusMillimetres() / stepMillimetres);
    }
}
