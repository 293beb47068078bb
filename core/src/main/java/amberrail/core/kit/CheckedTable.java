package amberrail.core.kit;

import amberrail.core.geometry.Units;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import amberrail.core.simulation.ShotTable;
import amberrail.core.table.BallSpec;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;

/** A table that is being checked: its measures, its cue ball, and the numbers that it is believed to have. */
public record CheckedTable(TableSpec spec, Physics preset) {
    /** With the numbers that go with its kind. */
    public static CheckedTable of(TableSpec spec) {
        return new CheckedTable(spec, spec.kind().usualPhysics());
    }

    BallSpec ball() {
        return spec.balls().cueBall();
    }

    double radiusMetres() {
        return Units.metres(ball().radiusMillimetres());
    }

    double lengthMetres() {
        return Units.metres(spec.lengthMillimetres());
    }

    double widthMetres() {
        return Units.metres(spec.widthMillimetres());
    }

    LoneBall newBall() {
        return new LoneBall(ShotTable.of(TablePlan.of(spec)), radiusMetres(), ball().massKilograms());
    }

    /** How far a place is from the nose line that a reading goes to (metres). */
    double metresFromNose(Reading reading, double x, double y) {
        double radians = Math.toRadians(reading.directionDegrees());
        double dx = Math.cos(radians);
        double dy = Math.sin(radians);
        if (Math.abs(dx) > Math.abs(dy)) {
            return dx > 0 ? lengthMetres() - x : x;
        }
        return dy > 0 ? widthMetres() - y : y;
    }
}
