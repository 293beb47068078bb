package amberrail.app.lab;

import amberrail.app.kit.PointView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.web.MayBeMissing;
import java.util.List;

/**
 * Several strokes from one set-up, played by the engine.
 *
 * @param balls where they lie
 */
record StrokesView(List<LabBall> balls, List<StrokeRow> strokes) {

    /** A ball of the set-up. */
    record LabBall(boolean cueBall, PointView place, double diameterMillimetres) {}

    /** How full the object ball is hit within what still pots. */
    enum Contact {
        THICK,
        MIDDLE,
        THIN
    }

    /**
     * One stroke.
     *
     * @param travelMillimetres    from contact to rest, straight
     * @param fromCushionMillimetres of the cue ball's resting place from the nearest cushion
     * @param path                 missing where the pot does not go like this
     */
    record StrokeRow(
            Contact contact,
            double tipHeightMillimetres,
            @MayBeMissing Double travelMillimetres,
            @MayBeMissing Double fromCushionMillimetres,
            boolean inOff,
            @MayBeMissing ShotPathView path) {}
}
