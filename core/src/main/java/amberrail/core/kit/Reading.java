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
    /** Less than a break takes over the shortest table. */
    double SHORTEST_SECONDS = 0.05;

    /** More than anybody waits for a ball: a stopwatch that nobody stopped. */
    double LONGEST_SECONDS = 120;

    double x();

    double y();

    double directionDegrees();

    /** What was measured, in order: the names of the fields. */
    List<String> fields();

    double value(String field);

    /** The same with one of the measured values replaced. */
    Reading with(String field, double value);

    /** {@code INVALID_PARAMETER} for a time that no ball takes. */
    static void requirePlausible(String field, double seconds) {
        Require.between(field, seconds, SHORTEST_SECONDS, LONGEST_SECONDS);
    }

    static boolean isPlausible(double seconds) {
        return seconds >= SHORTEST_SECONDS && seconds <= LONGEST_SECONDS;
    }
}
