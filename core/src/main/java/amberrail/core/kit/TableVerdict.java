package amberrail.core.kit;

import amberrail.core.motion.Physics;
import amberrail.core.statistics.Interval;

/**
 * What a table check means, for somebody who plays on it.
 *
 * @param cloth           against the preset of this kind of table
 * @param tableLengths    that a ball rolls at {@link #STATED_METRES_PER_SECOND} on a bed without end
 * @param cushions        against the preset
 * @param driftMillimetres how far a slow ball, one that just rolls the whole table long, strays
 * @param driftDegrees    where to, counter-clockwise from +x
 * @param drift           whether it drifts at all
 */
public record TableVerdict(
        Pace cloth,
        double tableLengths,
        Liveliness cushions,
        double driftMillimetres,
        double driftDegrees,
        Drift drift) {
    /** The stated stroke: a soft roll. */
    public static final double STATED_METRES_PER_SECOND = 1;

    /** A tenth faster or slower is what players notice; an assumption. */
    private static final double NOTICED = 0.10;

    private static final double NOTICED_RESTITUTION = 0.02;
    /** As much as a ball's own width over two table lengths; less is lost in the strokes. */
    private static final double NOTICED_DRIFT_MILLIMETRES = DriftSaid.NOTICED_MILLIMETRES;

    /** A tilt that cloth alone does not make: a fitter's work. */
    private static final double NEEDS_LEVELLING_MILLIMETRES = 60;

    /** Of a cloth. */
    public enum Pace {
        FAST,
        MEDIUM,
        SLOW,
        /** The interval reaches from one to the other. */
        NOT_TOLD_YET
    }

    /** Of cushions. */
    public enum Liveliness {
        LIVELY,
        USUAL,
        DULL,
        NOT_TOLD_YET
    }

    /** Of a bed. */
    public enum Drift {
        NONE,
        SOME,
        /** A fitter should level it. */
        NEEDS_LEVELLING
    }

    public static TableVerdict of(CheckedTable table, TableFigures found) {
        Physics preset = table.preset();
        double metres = STATED_METRES_PER_SECOND
                * STATED_METRES_PER_SECOND
                / (2 * found.rollingFriction().value() * preset.gravity());
        double strays = straysMillimetres(table, found.on(table.preset()));
        return new TableVerdict(
                pace(found.rollingFriction().interval(), preset.rollingFriction()),
                metres / table.lengthMetres(),
                liveliness(found.cushionRestitution().interval(), preset.cushionRestitution()),
                strays,
                Math.toDegrees(Math.atan2(found.driftY().value(), found.driftX().value())),
                drift(found, strays));
    }

    private static Pace pace(Interval friction, double preset) {
        if (friction.upper() < preset * (1 - NOTICED)) {
            return Pace.FAST;
        }
        if (friction.lower() > preset * (1 + NOTICED)) {
            return Pace.SLOW;
        }
        boolean within =
                friction.lower() >= preset * (1 - 2 * NOTICED) && friction.upper() <= preset * (1 + 2 * NOTICED);
        return within ? Pace.MEDIUM : Pace.NOT_TOLD_YET;
    }

    private static Liveliness liveliness(Interval restitution, double preset) {
        if (restitution.lower() > preset + NOTICED_RESTITUTION / 2) {
            return Liveliness.LIVELY;
        }
        if (restitution.upper() < preset - NOTICED_RESTITUTION / 2) {
            return Liveliness.DULL;
        }
        boolean within = restitution.lower() >= preset - 3 * NOTICED_RESTITUTION;
        return within ? Liveliness.USUAL : Liveliness.NOT_TOLD_YET;
    }

    /** Across to its travel, of a ball that rolls square to the drift and would come one table length without it. */
    static double straysMillimetres(CheckedTable table, Physics physics) {
        double speed = Math.sqrt(2 * physics.rollingFriction() * physics.gravity() * table.lengthMetres());
        double drift = Math.atan2(physics.driftY(), physics.driftX());
        double across = drift - Math.PI / 2;
        return 1000 * RollToRest.of(physics, speed, across, across).leftMetres();
    }

    private static Drift drift(TableFigures found, double strays) {
        boolean told = !found.driftX().interval().contains(0)
                || !found.driftY().interval().contains(0);
        if (!told || strays < NOTICED_DRIFT_MILLIMETRES) {
            return Drift.NONE;
        }
        return strays > NEEDS_LEVELLING_MILLIMETRES ? Drift.NEEDS_LEVELLING : Drift.SOME;
    }
}
