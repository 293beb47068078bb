package amberrail.app.lab;

import amberrail.app.kit.PointView;
import amberrail.app.shots.ShotAnswers.ShotPathView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.geometry.Point;
import com.fasterxml.jackson.annotation.JsonIgnore;
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
     * @param changeMillimetres    from where the stroke before it comes to rest
     * @param path                 missing where the pot does not go like this
     * @param end                  where it comes to rest; of the path, too
     */
    record StrokeRow(
            Contact contact,
            double tipHeightMillimetres,
            @MayBeMissing Double travelMillimetres,
            @MayBeMissing Double fromCushionMillimetres,
            @MayBeMissing Double changeMillimetres,
            boolean inOff,
            @MayBeMissing ShotPathView path,
            @JsonIgnore Point end) {
        StrokeRow changedBy(double millimetres) {
            return new StrokeRow(
                    contact,
                    tipHeightMillimetres,
                    travelMillimetres,
                    fromCushionMillimetres,
                    millimetres,
                    inOff,
                    path,
                    end);
        }
    }
}
