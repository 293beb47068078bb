package amberrail.app.lab;

import amberrail.core.motion.Physics;
import amberrail.core.simulation.TablePhysics;
import amberrail.core.table.BallSet;
import amberrail.core.table.TableKind;
import amberrail.core.table.TablePresets;

/** The usual cloth, balls and cue of a game: what the lab's questions are asked of. */
final class LabPreset {
    /** Of the usual cue (answers.md, "Strike and pace"). */
    static final double ELEVATION_DEGREES = 3;

    /** How far from the centre a tip may be, over the radius: beyond it slips off. */
    static final double FARTHEST_STRUCK = 0.5;

    private LabPreset() {}

    static Physics physics(TableKind kind) {
        return TablePhysics.usual(kind);
    }

    static BallSet balls(TableKind kind) {
        return TablePresets.usual(kind).balls();
    }

    static double radiusMillimetres(TableKind kind) {
        return balls(kind).cueBall().radiusMillimetres();
    }

    /** How many steps of this size fit between the centre and where the tip slips off. */
    static int steps(TableKind kind, double stepMillimetres) {
        return (int) Math.floor(FARTHEST_STRUCK * radiusMillimetres(kind) / stepMillimetres);
    }
}
