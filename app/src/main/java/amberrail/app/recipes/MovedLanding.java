package amberrail.app.recipes;

import amberrail.app.setups.SetUps;
import amberrail.app.web.MayBeMissing;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.SetUp;
import amberrail.core.statistics.ArrivalError;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** How far the usual stroke's landing moves on a table that was measured, next to a usual one of its kind. */
@Component
class MovedLanding {
    private final SetUps setUps;

    MovedLanding(SetUps setUps) {
        this.setUps = setUps;
    }

    /**
     * The stroke that is usual on a usual table, played here.
     *
     * @param measured        whether anybody has measured this table
     * @param longMillimetres farther along the line of arrival; left out with the next where there is no usual stroke, or it does not pot here
     * @param leftMillimetres to the left of it
     * @param pots            whether it still does what is asked of the object ball
     */
    record MovedView(
            boolean measured,
            @MayBeMissing Double longMillimetres,
            @MayBeMissing Double leftMillimetres,
            boolean pots) {}

    MovedView of(SetUp here) {
        if (here.table().equals(here.table().withPreset())) {
            return new MovedView(false, null, null, true);
        }
        SetUp usual = here.onPreset();
        Optional<Recipe> planned = setUps.usual(usual);
        if (planned.isEmpty()) {
            return new MovedView(true, null, null, true);
        }
        PlannedStroke stroke = planned.get().stroke();
        Optional<Recipe> played = setUps.called(
                here, stroke.paceMetresPerSecond(), stroke.tipHeightMillimetres(), stroke.tipSideMillimetres());
        if (played.isEmpty()) {
            return new MovedView(true, null, null, false);
        }
        ArrivalError moved = ArrivalError.of(
                planned.get().landing(),
                setUps.layout(usual.original()).arrival(),
                played.get().landing());
        // Worked out on the original side: left there is right on the other.
        double left = here.mirrored() ? -moved.lineMillimetres() : moved.lineMillimetres();
        return new MovedView(true, moved.speedMillimetres(), left, true);
    }
}
