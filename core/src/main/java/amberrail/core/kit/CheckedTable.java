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

    /** Whether a roll or a slide was written down as longer than the bed goes on before it: then the ball met a cushion, or the length is not right. */
    public boolean isBeyondCushion(Reading reading) {
        double ahead = metresFromNose(reading, reading.x(), reading.y());
        if (reading instanceof RollReading roll) {
            return roll.metres() > ahead;
        }
        return reading instanceof SlideReading slide && slide.metresSliding() > ahead;
    }

    /** How long a roll that comes to rest after so many metres takes on a level cloth with these numbers (s): √(2 d / (mu_r g)). */
    public double secondsOfRoll(double metres, TableFigures figures) {
        return Math.sqrt(2 * metres / (figures.rollingFriction().value() * preset.gravity()));
    }

    /** How far a place is from the nose line that a reading goes to (metres). */
    double metresFromNose(Reading reading, double x, double y) {
        return metresFromNose(reading.directionDegrees(), x, y);
    }

    double metresFromNose(double directionDegrees, double x, double y) {
        double radians = Math.toRadians(directionDegrees);
        double dx = Math.cos(radians);
        double dy = Math.sin(radians);
        if (Math.abs(dx) > Math.abs(dy)) {
            return dx > 0 ? lengthMetres() - x : x;
        }
        return dy > 0 ? widthMetres() - y : y;
    }
}
