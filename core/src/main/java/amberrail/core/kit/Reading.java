package amberrail.core.kit;

import amberrail.core.problem.Require;
import java.util.List;

/**
 * One small experiment as it was written down: lengths in metres, unless a name says otherwise, and seconds. {@code x}, {@code y} is where
 * the ball's centre was at the mark or at the tip (metres from the SW corner), {@code directionDegrees} counter-clockwise from +x.
 *
 * @see "kit/README.md, The checks"
 */
public sealed interface Reading permits RollReading, ReboundReading, SlideReading, SideReading {
    double x();

    double y();

    double directionDegrees();

    /** What was measured, in order: the names of the fields. */
    List<String> fields();

    double value(String field);

    /** The same with one of the measured values replaced. */
    Reading with(String field, double value);

    /** Longer than the longest table, and slower than anybody would wait. */
    static void requirePlausible(String field, double seconds) {
        Require.between(field, seconds, 0.05, 120);
    }
}
