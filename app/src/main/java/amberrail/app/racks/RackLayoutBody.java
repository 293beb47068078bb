package amberrail.app.racks;

import amberrail.app.kit.PointView;
import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.RackGames;
import amberrail.core.rack.RackLayout;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/**
 * How balls lie (mm from the SW corner).
 *
 * @param game  key of the game
 * @param cue   left out: in hand
 * @param stage what is on; left out: what the rules begin with
 */
record RackLayoutBody(
        @NotBlank @Size(max = 40) String game,
        @NotNull @Size(max = 22) List<@NotNull @Valid LaidBall> balls,
        @MayBeMissing @Valid PointView cue,
        @MayBeMissing @Size(max = 20) String stage) {

    /** One ball and its place. */
    record LaidBall(
            @NotBlank @Size(max = 20) String id, @NotNull PointView place) {
        RackLayout.Laid laid() {
            return new RackLayout.Laid(id, place.point());
        }

        static LaidBall of(RackLayout.Laid laid) {
            return new LaidBall(laid.id(), PointView.of(laid.place()));
        }
    }

    RackLayout layout() {
        return new RackLayout(
                RackGames.byKey(game),
                balls.stream().map(LaidBall::laid).toList(),
                Optional.ofNullable(cue).map(PointView::point));
    }

    static RackLayoutBody of(RackLayout layout) {
        return new RackLayoutBody(
                layout.game().key(),
                layout.balls().stream().map(LaidBall::of).toList(),
                layout.cue().map(PointView::of).orElse(null),
                null);
    }
}
